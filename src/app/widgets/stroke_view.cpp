#include "widgets/stroke_view.h"

#include "looks/images.h"

namespace yd::app {

StrokeView::StrokeView(QWidget* parent) : QWidget(parent) {
  setObjectName("stroke_view");
  setMinimumSize(120, 80);
}

void StrokeView::set_drawing(const exports::MarkDrawing& drawing, const QString& in_words) {
  drawing_ = drawing;
  setAccessibleName(tr("Mark: %1").arg(in_words));
  update();
}

void StrokeView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), drawing_.paper.isValid() ? drawing_.paper : judging_grey());
  if (drawing_.paper.isValid()) exports::paint_mark(painter, QRectF(rect()).adjusted(6, 6, -6, -6), drawing_);
}

}  // namespace yd::app
