#include "models/overlays.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "subject/values.h"
#include "looks/translate.h"

namespace yd::app {
namespace {

void add_light(const Choices& choices, const subject::Subject& s, Overlay& out) {
  const auto guess = subject::guess_light(s.squinted, s.labels, static_cast<int>(s.masses.size()));
  constexpr double kSure = 0.15;
  if (!choices.composition.light_deg && guess.confidence < kSure) return;
  const double deg = choices.composition.light_deg.value_or(guess.angle_deg);
  const double a = deg * std::numbers::pi / 180;
  const QPointF to(0.5 + 0.4 * std::cos(a), 0.5 - 0.4 * std::sin(a));
  const QPointF from(0.5 + 0.28 * std::cos(a), 0.5 - 0.28 * std::sin(a));
  out.marks.append({QLineF(from, to), true});
  out.words.append(
      {to, choices.composition.light_deg ? tr("light") : tr("light? %1 %").arg(qRound(100 * guess.confidence))});
}

/// A ring as lines; places are shares of width and height.
void add_ring(const subject::FocusRing& ring, const subject::Subject& s, Overlay& out) {
  constexpr int kSides = 48;
  const double side = std::max(s.image.width, s.image.height);
  const auto at = [&](int i) {
    const double a = 2 * std::numbers::pi * i / kSides;
    return QPointF(ring.x + ring.radius * side / s.image.width * std::cos(a),
                   ring.y + ring.radius * side / s.image.height * std::sin(a));
  };
  for (int i = 0; i < kSides; ++i) out.marks.append({QLineF(at(i), at(i + 1)), true});
}

}  // namespace

subject::FocusRing ring_between(QPointF middle, QPointF rim, const subject::Subject& s) {
  constexpr double kClick = 0.06;   // radius of a ring that was clicked, not drawn
  constexpr double kDrawn = 0.015;  // shorter lines are clicks
  const double side = std::max(s.image.width, s.image.height);
  const double radius =
      std::hypot((rim.x() - middle.x()) * s.image.width, (rim.y() - middle.y()) * s.image.height) / side;
  return {std::clamp(middle.x(), 0.0, 1.0), std::clamp(middle.y(), 0.0, 1.0),
          radius < kDrawn ? kClick : std::min(1.0, radius)};
}

QString length_words(double cm) {
  return tr("%1 cm (%2 in)").arg(cm, 0, 'f', 1).arg(cm / subject::kInch_cm, 0, 'f', 1);
}

QString line_words(const subject::Line& line) {
  QString text = length_words(line.length_cm) + tr(", %1°").arg(line.angle_deg, 0, 'f', 0);
  if (line.level) text += tr(", level");
  if (line.plumb) text += tr(", plumb");
  return text;
}

Overlay subject_overlay(const Choices& choices, const subject::Subject* subject, const Drawn& drawn, int grid) {
  Overlay out;
  const subject::Composition& c = choices.composition;
  const double aspect =
      subject == nullptr ? 4.0 / 3 : static_cast<double>(subject->image.width) / subject->image.height;
  const auto across = [&](double y, bool strong) { out.marks.append({QLineF(0, y, 1, y), strong}); };
  const auto down = [&](double x, bool strong) { out.marks.append({QLineF(x, 0, x, 1), strong}); };
  for (int i = 1; i < grid; ++i) {
    across(static_cast<double>(i) / grid, false);
    down(static_cast<double>(i) / grid, false);
  }
  for (int i = 1; c.thirds && i < 3; ++i) {
    across(i / 3.0, false);
    down(i / 3.0, false);
  }
  if (c.horizon) {
    across(*c.horizon, true);
    out.words.append(
        {{0.1, *c.horizon}, subject::horizon_in_middle(*c.horizon) ? tr("horizon: in the middle") : tr("horizon")});
  }
  if (subject != nullptr && c.thirds) add_light(choices, *subject, out);
  if (subject != nullptr) {
    for (const subject::FocusRing& ring : choices.read.focus) add_ring(ring, *subject, out);
    if (drawn.ring && !drawn.path.empty())
      add_ring(ring_between(drawn.path.front(), drawn.path.back(), *subject), *subject, out);
  }
  for (std::size_t i = 1; i < drawn.path.size() && !drawn.ring; ++i)
    out.marks.append({QLineF(drawn.path[i - 1], drawn.path[i]), true});
  if (drawn.measuring && drawn.path.size() == 2) {
    const auto line = subject::line_between({drawn.path[0].x(), drawn.path[0].y()},
                                            {drawn.path[1].x(), drawn.path[1].y()}, c.sheet(aspect));
    out.words.append({(drawn.path[0] + drawn.path[1]) / 2, line_words(line)});
  }
  return out;
}

}  // namespace yd::app
