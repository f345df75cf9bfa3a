// SPDX-License-Identifier: MIT
#pragma once

#include <QPainter>
#include <QPalette>

#include "optics/parameters.h"

namespace yd::app {

/// What sticks lie in: a grey that is neither the window's nor theirs, and the ink to write on it.
struct TrayGreys {
  QColor floor, ink;
};
TrayGreys tray_greys(const QPalette& palette);

/// A stick standing in its slot, seen from the side: a stub with its paper band, a square bar, a pencil, a pan, a piece
/// of charcoal; as long as what is left of it, 0 to 1.
void paint_stick(QPainter& painter, const QRectF& slot, optics::Medium medium, const QColor& colour, double left);

}  // namespace yd::app
