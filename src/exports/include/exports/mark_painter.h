// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QPainter>

#include "guide/marks.h"

namespace yd::exports {

/// A mark as it looks on the paper.
struct MarkDrawing {
  plan::Mark mark = plan::Mark::broad;
  QColor colour;
  QColor paper;
  double pressure = 1;  ///< at the firm end, which is right; the other end is as light as `least`
  double least = 1;
  bool rubbed = false;
  bool directed = false;
  double angle_deg = 0;  ///< anticlockwise from level
};

/// Drawn into the box on the paper's colour. The same every time.
void paint_mark(QPainter& painter, const QRectF& box, const MarkDrawing& drawing);

}  // namespace yd::exports
