// SPDX-License-Identifier: MIT
#include "widgets/facts.h"

#include <QPainter>
#include <QStyle>
#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kBar = 64;
constexpr int kBelow = Qt::AlignTop | Qt::AlignRight | Qt::TextWordWrap;

}  // namespace

Facts::Facts(const QString& name, const QString& title, QWidget* parent) : QWidget(parent) {
  setObjectName(name);
  setAccessibleName(title);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void Facts::set_facts(const QList<Fact>& facts) {
  facts_ = facts;
  QStringList spoken;
  for (const Fact& f : facts) spoken << f.label + ": " + f.number;
  setAccessibleDescription(spoken.join(". "));
  updateGeometry();
  update();
}

int Facts::row_height() const { return fontMetrics().height() + 6; }

/// Lines that the number takes below its label: none where the two fit beside each other.
int Facts::lines_below(const Fact& f) const {
  const int chip = f.chip.isValid() ? row_height() : 0;
  const int bar = f.bar >= 0 ? kBar + kSpace : 0;
  const int both = fontMetrics().horizontalAdvance(f.label) + fontMetrics().horizontalAdvance(f.number);
  if (both + chip + bar + 2 * kSpace <= width()) return 0;
  const QRect room(0, 0, std::max(1, width()), QWIDGETSIZE_MAX);
  const int high = fontMetrics().boundingRect(room, kBelow, f.number).height();
  return std::max(1, (high + fontMetrics().lineSpacing() - 1) / fontMetrics().lineSpacing());
}

int Facts::height_now() const {
  int rows = 0;
  for (const Fact& f : facts_) rows += 1 + lines_below(f);
  return std::max(1, rows) * row_height();
}

QSize Facts::sizeHint() const { return {240, height_now()}; }

void Facts::resizeEvent(QResizeEvent*) {
  if (height_now() != height()) updateGeometry();
}

void Facts::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const int h = row_height();
  QRect row(0, 0, width(), h);
  // Words turn by themselves where one reads from the right; what is drawn beside them is turned here.
  const auto turned = [this](const QRect& r) { return QStyle::visualRect(layoutDirection(), rect(), r); };
  for (const Fact& f : facts_) {
    int left = 0;
    if (f.chip.isValid()) {
      painter.setPen(Qt::NoPen);
      painter.setBrush(f.chip);
      painter.drawRect(turned({0, row.top() + 3, h - 6, h - 6}));
      left = h;
    }
    painter.setPen(palette().color(QPalette::PlaceholderText));
    painter.drawText(turned(row.adjusted(left, 0, 0, 0)), Qt::AlignVCenter | Qt::AlignLeft, f.label);
    painter.setPen(palette().color(QPalette::WindowText));
    if (const int lines = lines_below(f); lines == 0) {
      painter.drawText(row, Qt::AlignVCenter | Qt::AlignRight, f.number);
    } else {
      painter.drawText(QRect(0, row.bottom() + 1, width(), lines * h), kBelow, f.number);
      row.translate(0, lines * h);
    }
    if (f.bar >= 0) {
      const int number = fontMetrics().horizontalAdvance("100 %");
      draw_bar(painter, turned({row.right() - number - kSpace - kBar, row.center().y() - 2, kBar, 6}), f.bar);
    }
    row.translate(0, h);
  }
}

void Facts::draw_bar(QPainter& painter, const QRectF& track, double share) const {
  painter.setPen(Qt::NoPen);
  painter.setBrush(palette().color(QPalette::Mid));
  painter.drawRoundedRect(track, 3, 3);
  painter.setBrush(palette().color(QPalette::WindowText));
  painter.drawRoundedRect(QRectF(track.topLeft(), QSizeF(track.width() * std::clamp(share, 0.0, 1.0), 6)), 3, 3);
}

}  // namespace yd::app
