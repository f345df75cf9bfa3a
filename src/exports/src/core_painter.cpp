// SPDX-License-Identifier: MIT
#include "exports/core_painter.h"

#include <algorithm>

namespace yd::exports {

void paint_block(QPainter& painter, const QRectF& where, const CoreBlock& block, bool done) {
  QColor colour = block.colour;
  if (!done) colour.setAlpha(60);
  painter.fillRect(where, colour);
  const int ink = colour.lightness() > 128 ? 0 : 255;
  painter.save();
  painter.setClipRect(where, Qt::IntersectClip);
  if (block.coat) {
    painter.setPen(QPen(QColor(ink, ink, ink, done ? 120 : 50), 1, Qt::DotLine));
    painter.drawLine(where.topLeft(), where.topRight());
  } else if (!block.rubbed) {
    painter.setPen(QPen(QColor(ink, ink, ink, done ? 90 : 40), 1));
    for (double x = where.left() - where.height(); x < where.right(); x += 5)
      painter.drawLine(QPointF(x, where.bottom()), QPointF(x + where.height(), where.top()));
  }
  painter.restore();
}

double tallest_stack(const CoreDrawing& drawing) {
  double most = 0;
  for (const CoreColumn& c : drawing.columns) {
    for (const CoreStack& s : c.stacks) {
      double sum = 0;
      for (const CoreBlock& b : s.blocks) sum += b.load;
      most = std::max(most, sum);
    }
  }
  return most;
}

}  // namespace yd::exports
