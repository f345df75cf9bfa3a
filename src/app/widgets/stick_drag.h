// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QMimeData>
#include <QMouseEvent>
#include <QString>
#include <optional>

#include "optics/parameters.h"

class QWidget;

namespace yd::app {

/// A stick on its way between a drawer and the tray.
struct DraggedStick {
  QString collection;
  int stick = -1;  ///< row of it
};

/// Whether the button that went down at `from` has gone far enough to be a drag.
bool drags(const QMouseEvent& event, QPointF from);
/// As it is carried; the caller owns it.
QMimeData* to_carry(const DraggedStick& stick);
/// Carries it, drawn as it lies, until it is let go.
void drag_stick(QWidget* from, const DraggedStick& stick, optics::Medium medium, const QColor& colour, double left);
/// What is carried, if it is a stick of `collection`.
std::optional<int> stick_carried(const QMimeData* carried, const QString& collection);

}  // namespace yd::app
