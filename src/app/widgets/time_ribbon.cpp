// SPDX-License-Identifier: MIT
#include "widgets/time_ribbon.h"

#include <QPainter>
#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kSittingRow = 44;
constexpr int kRibbon = 20;

}  // namespace

TimeRibbon::TimeRibbon(QWidget* parent) : QWidget(parent) {
  setObjectName("time_ribbon");
  setAccessibleName(tr("The sittings and what they are spent on"));
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void TimeRibbon::set_sittings(const QList<SittingDrawing>& sittings) {
  sittings_ = sittings;
  QStringList words;
  for (const SittingDrawing& s : sittings) words << s.words;
  setAccessibleDescription(words.join(". "));
  updateGeometry();
  update();
}

QSize TimeRibbon::sizeHint() const { return {240, std::max(1, static_cast<int>(sittings_.size())) * kSittingRow}; }

void TimeRibbon::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  QFont small = font();
  small.setPointSizeF(points(Type::small));
  painter.setFont(small);
  double longest = 1;
  for (const SittingDrawing& s : sittings_) longest = std::max(longest, s.minutes);
  double y = 0;
  for (const SittingDrawing& s : sittings_) {
    painter.setPen(palette().color(QPalette::PlaceholderText));
    painter.drawText(QRectF(0, y, width(), kSittingRow - kRibbon - 2), Qt::AlignLeft | Qt::AlignVCenter, s.words);
    for (const SittingDrawing::Stretch& part : s.stretches) {
      const QRectF box(part.from_minute / longest * (width() - 1), y + kSittingRow - kRibbon - 2,
                       std::max(1.5, part.minutes / longest * (width() - 1)), kRibbon);
      if (part.waiting) {
        painter.fillRect(box, QBrush(palette().color(QPalette::Mid), Qt::BDiagPattern));
      } else {
        painter.fillRect(box.adjusted(0, 0, -0.5, 0), part.colour);
      }
      painter.setPen(palette().color(QPalette::Mid));
      painter.drawRect(box);
    }
    y += kSittingRow;
  }
}

}  // namespace yd::app
