// SPDX-License-Identifier: MIT
#include "widgets/warmth_band.h"

#include <QPainter>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kStripe = 8;
// Muted: a sign of warm and cool, not a colour to compare with.
const QColor kWarm(196, 128, 84);
const QColor kCool(96, 128, 172);

}  // namespace

WarmthBand::WarmthBand(QWidget* parent) : QWidget(parent) {
  setObjectName("warmth_band");
  setAccessibleName(tr("Warm against cool"));
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void WarmthBand::set_shares(double warm, double cool) {
  warm_ = warm;
  cool_ = cool;
  setAccessibleDescription(tr("warm %1 %, cool %2 %").arg(qRound(100 * warm)).arg(qRound(100 * cool)));
  update();
}

QSize WarmthBand::sizeHint() const { return {240, fontMetrics().height() + kStripe + 8}; }

void WarmthBand::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const QRect words(0, 0, width(), fontMetrics().height() + 2);
  painter.setPen(palette().color(QPalette::WindowText));
  painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter, tr("warm %1 %").arg(qRound(100 * warm_)));
  painter.drawText(words, Qt::AlignRight | Qt::AlignVCenter, tr("cool %1 %").arg(qRound(100 * cool_)));
  const QRectF stripe(0, words.bottom() + 3, width(), kStripe);
  painter.fillRect(stripe, palette().color(QPalette::Mid));
  painter.fillRect(QRectF(stripe.left(), stripe.top(), warm_ * stripe.width(), kStripe), kWarm);
  painter.fillRect(QRectF(stripe.right() - cool_ * stripe.width(), stripe.top(), cool_ * stripe.width(), kStripe),
                   kCool);
}

}  // namespace yd::app
