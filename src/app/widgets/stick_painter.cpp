// SPDX-License-Identifier: MIT
#include "widgets/stick_painter.h"

#include <QLinearGradient>
#include <QPainterPath>
#include <algorithm>

#include "media/medium.h"

namespace yd::app {
namespace {

constexpr double kBandShare = 0.26;  // of the paper band of a stub, of its length
constexpr double kLongestBand = 26;  // pixels

struct Proportions {
  double width = 0;   ///< of the slot
  double length = 0;  ///< of the tray, when new
};

Proportions proportions_of(media::Body body) {
  switch (body) {
    case media::Body::stub:
      return {0.74, 0.8};
    case media::Body::square:
      return {0.56, 0.86};
    case media::Body::pencil:
      return {0.34, 1.0};
    case media::Body::pan:
      return {0.92, 0.3};
    case media::Body::twig:
      return {0.42, 0.9};
  }
  return {0.7, 0.8};
}

/// The body with its light on the left side; a bar is flat, a stub and a pencil are round.
QBrush lit(const QColor& colour, const QRectF& box, bool round) {
  QLinearGradient g(box.topLeft(), box.topRight());
  g.setColorAt(0, colour.darker(round ? 118 : 106));
  g.setColorAt(round ? 0.35 : 0.5, colour.lighter(round ? 110 : 100));
  g.setColorAt(1, colour.darker(round ? 140 : 122));
  return g;
}

}  // namespace

TrayGreys tray_greys(const QPalette& palette) {
  const bool light = palette.color(QPalette::WindowText).lightness() < 128;
  return light ? TrayGreys{QColor(178, 178, 178), QColor(20, 20, 20)}
               : TrayGreys{QColor(84, 84, 84), QColor(240, 240, 240)};
}

void paint_stick(QPainter& painter, const QRectF& slot, optics::Medium medium, const QColor& colour, double left) {
  const media::Body body = media::facts(medium).body;
  const Proportions shape = proportions_of(body);
  const double least = body == media::Body::pan ? 1 : 0.18;
  const double length = slot.height() * shape.length * std::max(least, left);
  const double w = slot.width() * shape.width;
  QRectF box(slot.center().x() - w / 2, slot.bottom() - length, w, length);
  painter.setPen(Qt::NoPen);
  painter.setBrush(QColor(0, 0, 0, 46));
  painter.drawRoundedRect(box.translated(2, 2), 3, 3);
  switch (body) {
    case media::Body::pan: {
      painter.setBrush(QColor(70, 70, 70));
      painter.drawEllipse(box.center(), w / 2, w / 2);
      painter.setBrush(colour);
      painter.drawEllipse(box.center(), w / 2 - 3, w / 2 - 3);
      return;
    }
    case media::Body::pencil: {
      // Wood, a cone of wood, a point of colour.
      const QColor wood(196, 178, 150);
      const double cone = std::min(length * 0.3, 2.2 * w);
      painter.setBrush(lit(colour, box, true));
      painter.drawRect(box.adjusted(0, cone, 0, 0));
      QPainterPath tip(QPointF(box.center().x(), box.top()));
      tip.lineTo(box.right(), box.top() + cone);
      tip.lineTo(box.left(), box.top() + cone);
      tip.closeSubpath();
      painter.fillPath(tip, lit(wood, box, true));
      QPainterPath lead(QPointF(box.center().x(), box.top()));
      lead.lineTo(box.center().x() + 0.22 * w, box.top() + 0.45 * cone);
      lead.lineTo(box.center().x() - 0.22 * w, box.top() + 0.45 * cone);
      lead.closeSubpath();
      painter.fillPath(lead, colour);
      break;
    }
    case media::Body::square:
      painter.setBrush(lit(colour, box, false));
      painter.drawRect(box);
      painter.setBrush(colour.lighter(115));
      painter.drawRect(QRectF(box.left(), box.top(), w, 3));
      break;
    case media::Body::stub:
    case media::Body::twig:
      painter.setBrush(lit(colour, box, true));
      painter.drawRoundedRect(box, 2, 2);
      painter.setBrush(colour.lighter(112));
      painter.drawEllipse(QRectF(box.left(), box.top() - w * 0.14, w, w * 0.28));
      break;
  }
  if (body != media::Body::stub || length < 30) return;
  // The paper band of a stub.
  painter.setBrush(lit(QColor(228, 228, 226), box, true));
  painter.drawRect(
      QRectF(box.left() - 0.5, box.bottom() - 0.62 * length, w + 1, std::min(kLongestBand, kBandShare * length)));
}

}  // namespace yd::app
