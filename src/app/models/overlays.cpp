// SPDX-License-Identifier: MIT
#include "models/overlays.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "subject/values.h"
#include "looks/translate.h"
#include "words/lengths.h"
#include "words/number.h"

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

QString length_words(double cm) { return words::length(cm); }

QString line_words(const subject::Line& line) {
  QString text = length_words(line.length_cm) + tr(", %1°").arg(words::number(line.angle_deg, 0));
  if (line.level) text += tr(", level");
  if (line.plumb) text += tr(", plumb");
  return text;
}

QString proportion_words(double length, double other) {
  if (!(length > 0) || !(other > 0)) return {};
  const subject::Proportion p = subject::proportion(length, other);
  const auto is = [&](int times, int of) { return p.times == times && p.of == of; };
  QString out;
  if (is(1, 1)) out = tr("as long as");
  if (is(1, 2)) out = tr("half as long as");
  if (is(1, 3)) out = tr("a third of");
  if (is(2, 3)) out = tr("two thirds of");
  if (is(1, 4)) out = tr("a quarter of");
  if (is(3, 4)) out = tr("three quarters of");
  if (is(2, 1)) out = tr("twice as long as");
  if (is(3, 2)) out = tr("one and a half times");
  if (is(5, 2)) out = tr("two and a half times");
  if (out.isEmpty() && p.of == 1) out = tr("%1 times").arg(p.times);
  if (out.isEmpty()) out = tr("%1 times").arg(words::number(length / other, 2));
  constexpr double kNear = 0.03;
  return p.off > kNear ? tr("about %1").arg(out) : out;
}

Overlay drawing_aids(const subject::Composition& c, double aspect) {
  Overlay out;
  const auto across = [&](double y, bool strong) { out.marks.append({QLineF(0, y, 1, y), strong}); };
  const auto down = [&](double x, bool strong) { out.marks.append({QLineF(x, 0, x, 1), strong}); };
  for (int i = 1; i < c.grid; ++i) {
    across(static_cast<double>(i) / c.grid, false);
    down(static_cast<double>(i) / c.grid, false);
  }
  for (int i = 1; c.thirds && i < 3; ++i) {
    across(i / 3.0, false);
    down(i / 3.0, false);
  }
  if (c.centre_line) down(0.5, true);
  for (std::size_t i = 0; i < c.places.size(); ++i) {
    const subject::Point& p = c.places[i];
    constexpr double kArm = 0.012;
    out.marks.append({QLineF(p.x - kArm, p.y, p.x + kArm, p.y), true});
    out.marks.append({QLineF(p.x, p.y - kArm * aspect, p.x, p.y + kArm * aspect), true});
    out.words.append({QPointF(p.x + 2 * kArm, p.y - 2 * kArm * aspect), QString::number(i + 1)});
  }
  for (const subject::Alignment& a : subject::alignments(c.places, c.sheet(aspect))) {
    const subject::Point& p = c.places[a.first];
    const subject::Point& q = c.places[a.second];
    out.marks.append({QLineF(p.x, p.y, q.x, q.y), false});
    out.words.append({QPointF((p.x + q.x) / 2, (p.y + q.y) / 2), a.plumb ? tr("plumb") : tr("level")});
  }
  return out;
}

void add_things(const std::vector<subject::Outline>& lines, int chosen, Overlay& overlay) {
  for (const subject::Outline& o : lines) {
    if (o.mass == 0) continue;
    for (const std::vector<subject::Point>& line : o.lines) {
      for (std::size_t i = 0; i < line.size(); ++i) {
        const subject::Point& p = line[i];
        const subject::Point& q = line[(i + 1) % line.size()];
        overlay.marks.append({QLineF(p.x, p.y, q.x, q.y), o.mass == chosen + 1});
      }
    }
    if (!o.lines.empty() && !o.lines.front().empty())
      overlay.words.append({QPointF(o.lines.front().front().x, o.lines.front().front().y), QString::number(o.mass)});
  }
}

void add_numbers(const ReadSubject& subject, const std::vector<int>& masses, Overlay& overlay) {
  const std::vector<subject::Point>& places = subject.numbers;
  for (const int m : masses) {
    const auto n = static_cast<std::size_t>(m);
    if (n < places.size())
      overlay.words.append({QPointF(places[n].x, places[n].y), QString::number(subject.masses[n].id + 1)});
  }
}

Overlay subject_overlay(const Choices& choices, const subject::Subject* subject, const Drawn& drawn) {
  const subject::Composition& c = choices.composition;
  const double aspect =
      subject == nullptr ? 4.0 / 3 : static_cast<double>(subject->image.width) / subject->image.height;
  Overlay out = drawing_aids(c, aspect);
  if (c.horizon) {
    out.marks.append({QLineF(0, *c.horizon, 1, *c.horizon), true});
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
