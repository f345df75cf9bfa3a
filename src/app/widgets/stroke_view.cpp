// SPDX-License-Identifier: MIT
#include "widgets/stroke_view.h"

#include <QStyle>

#include "looks/images.h"

namespace yd::app {

StrokeView::StrokeView(QWidget* parent) : QWidget(parent) {
  setObjectName("stroke_view");
  setMinimumSize(120, 80);
  constexpr int kHand_ms = 1100;
  hand_.setDuration(kHand_ms);
  hand_.setStartValue(0.0);
  hand_.setEndValue(1.0);
  hand_.setEasingCurve(QEasingCurve::InOutSine);
  connect(&hand_, &QVariantAnimation::valueChanged, this, [this](const QVariant& share) {
    drawn_ = share.toDouble();
    update();
  });
}

void StrokeView::set_drawing(const exports::MarkDrawing& drawing, const QString& in_words) {
  drawing_ = drawing;
  setAccessibleName(tr("Mark: %1").arg(in_words));
  update();
}

void StrokeView::play() {
  // Who asks the desktop for less motion sees the mark at once.
  if (!style()->styleHint(QStyle::SH_Widget_Animation_Duration, nullptr, this)) return;
  hand_.stop();
  hand_.start();
}

void StrokeView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), drawing_.paper.isValid() ? drawing_.paper : judging_grey());
  painter.setClipRect(QRectF(0, 0, 8 + drawn_ * (width() - 8), height()));
  if (drawing_.paper.isValid()) exports::paint_mark(painter, QRectF(rect()).adjusted(6, 6, -6, -6), drawing_);
}

}  // namespace yd::app
