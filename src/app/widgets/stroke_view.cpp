#include "widgets/stroke_view.h"

#include <QPainter>
#include <cmath>

#include "models/images.h"

namespace yd::app {

StrokeView::StrokeView(QWidget* parent) : QWidget(parent) {
  setObjectName("stroke_view");
  setMinimumSize(120, 80);
}

void StrokeView::set_drawing(const StrokeDrawing& drawing, const QString& in_words) {
  drawing_ = drawing;
  setAccessibleName(tr("Stroke: %1").arg(in_words));
  update();
}

void StrokeView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), judging_grey());
  painter.setClipRect(rect().adjusted(6, 6, -6, -6));
  painter.fillRect(rect(), drawing_.paper);
  if (drawing_.colour.alpha() == 0) return;
  painter.translate(rect().center());
  painter.rotate(drawing_.directed ? -drawing_.angle_deg : -35);
  const double thick = 3 + 11 * drawing_.pressure;
  const double reach = std::hypot(width(), height()) / 2;
  QColor colour = drawing_.colour;
  if (drawing_.rubbed) {
    colour.setAlphaF(0.45 + 0.45 * drawing_.pressure);
    painter.fillRect(QRectF(-reach * 0.8, -reach * 0.34, reach * 1.6, reach * 0.68), colour);
    return;
  }
  // Broken strokes leave paper between them; gaps shrink as the hand gets firmer.
  painter.setPen(QPen(colour, thick, Qt::SolidLine, Qt::FlatCap));
  const double step = thick + 9 - 6 * drawing_.pressure;
  for (double y = -reach; y < reach; y += step) {
    const double in = 8 * std::sin(y * 1.7);
    painter.drawLine(QPointF(-reach * 0.75 + in, y), QPointF(reach * 0.75 + in, y));
  }
}

}  // namespace yd::app
