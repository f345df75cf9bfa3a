// SPDX-License-Identifier: MIT
#pragma once

#include <QPainter>
#include <QRectF>

#include "exports/core_columns.h"

namespace yd::exports {

/// One block of the cross-section: hatched if laid, plain if rubbed, dotted if a coat below. `done`: else it is faint.
void paint_block(QPainter& painter, const QRectF& where, const CoreBlock& block, bool done);

/// Load of the highest stack drawn: the drawing has room for it.
double tallest_stack(const CoreDrawing& drawing);

}  // namespace yd::exports
