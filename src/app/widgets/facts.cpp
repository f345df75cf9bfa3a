// SPDX-License-Identifier: MIT
#include "widgets/facts.h"

#include <QPainter>
#include <QStyle>
#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kBar = 64;

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

/// A row whose words do not fit beside each other has the number below the label.
bool Facts::broken(const Fact& f) const {
  const int chip = f.chip.isValid() ? row_height() : 0;
  const int bar = f.bar >= 0 ? kBar + kSpace : 0;
  return fontMetrics().horizontalAdvance(f.label) + fontMetrics().horizontalAdvance(f.number) + chip + bar +
             2 * kSpace >
         width();
}

int Facts::height_now() const {
  int rows = 0;
  for (const Fact& f : facts_) rows += broken(f) ? 2 : 1;
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
    if (broken(f)) row.translate(0, h);
    painter.setPen(palette().color(QPalette::WindowText));
    painter.drawText(row, Qt::AlignVCenter | Qt::AlignRight,
                     fontMetrics().elidedText(f.number, Qt::ElideRight, row.width()));
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
