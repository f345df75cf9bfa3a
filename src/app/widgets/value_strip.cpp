// SPDX-License-Identifier: MIT
#include "widgets/value_strip.h"

#include <QPainter>
#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kGrey = 26;   // height of the scale
constexpr int kSpan = 16;   // of the span over the bars
constexpr int kWords = 16;  // of a percentage

}  // namespace

ValueStrip::ValueStrip(QWidget* parent) : QWidget(parent) {
  setObjectName("value_strip");
  setAccessibleName(tr("Values: the area of each of nine greys"));
}

void ValueStrip::set_drawing(const ValueDrawing& drawing) {
  drawing_ = drawing;
  empty_ = false;
  QStringList words;
  for (int i = 0; i < 9; ++i)
    words << tr("value %1: %2 %")
                 .arg(drawing.from_dark ? i + 1 : 9 - i)
                 .arg(qRound(100 * drawing.share[static_cast<std::size_t>(i)]));
  setAccessibleDescription(words.join(", "));
  update();
}

void ValueStrip::clear() {
  empty_ = true;
  setAccessibleDescription({});
  update();
}

void ValueStrip::paintEvent(QPaintEvent*) {
  if (empty_) return;
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const double w = width() / 9.0;
  const double floor = height() - kGrey;
  const double room = std::max(10.0, floor - kSpan - kWords);
  const double most = std::max(0.15, *std::max_element(drawing_.share.begin(), drawing_.share.end()));
  QFont small = font();
  small.setPointSizeF(points(Type::small));
  painter.setFont(small);
  for (int i = 0; i < 9; ++i) {
    const auto at = static_cast<std::size_t>(i);
    const QColor grey = drawing_.greys[at];
    painter.fillRect(QRectF(i * w, floor, w, kGrey), grey);
    painter.setPen(grey.lightness() > 128 ? QColor(20, 20, 20) : QColor(240, 240, 240));
    painter.drawText(QRectF(i * w, floor, w, kGrey), Qt::AlignCenter,
                     QString::number(drawing_.from_dark ? i + 1 : 9 - i));
    const double h = room * drawing_.share[at] / most;
    const QRectF bar(i * w + 3, floor - h, w - 6, h);
    painter.fillRect(bar, grey);
    painter.setPen(palette().color(QPalette::Mid));
    painter.setBrush(Qt::NoBrush);
    if (h > 1) painter.drawRect(bar);
    painter.setPen(palette().color(QPalette::WindowText));
    const int percent = qRound(100 * drawing_.share[at]);
    if (percent > 0)
      painter.drawText(QRectF(i * w, bar.top() - kWords, w, kWords), Qt::AlignCenter, QString::number(percent));
  }
  // Value 1 is the middle of the first grey.
  const auto x = [&](double step) { return (step - 0.5) * w; };
  painter.setPen(QPen(palette().color(QPalette::WindowText), 2));
  painter.drawLine(QPointF(x(drawing_.darkest), 6), QPointF(x(drawing_.lightest), 6));
  for (const double step : {drawing_.darkest, drawing_.lightest})
    painter.drawLine(QPointF(x(step), 2), QPointF(x(step), 10));
}

}  // namespace yd::app
