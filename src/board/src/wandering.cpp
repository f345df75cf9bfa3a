// SPDX-License-Identifier: MIT
#include "wandering.h"

#include <algorithm>
#include <cmath>

namespace yd::board {
namespace {

constexpr double kBroken_mm = 0.4;  // how far the edge of a shade wanders where strokes end
constexpr double kFading_mm = 1.2;  // how far neighbours with a soft edge reach into each other
constexpr double kJoin_mm = 12;     // and bands of one gradient: overlapped, and rubbed across the joins
constexpr double kGraded = 14;      // CIE 1976 between two shades that a hand grades into each other
constexpr double kShows = 0.25;     // of the variance that two shades side by side have, against being off
constexpr double kRougher = 2;      // speckle, L*, by which it grades into a shade more broken than its own

bool well_painted(const plan::TargetPlan& t) {
  return colour::distance_1976(t.recipe.look.lab, t.target) < kGraded / 2;
}

bool runs_into(const plan::TargetPlan& own, const plan::TargetPlan& other) {
  return well_painted(other) && other.recipe.look.spread_l < own.recipe.look.spread_l + kRougher;
}

}  // namespace

Wandering::Wandering(const subject::Subject& subject, const plan::Plan& plan, const StrokeFields& strokes,
                     double px_per_mm)
    : s_(subject),
      targets_(plan.targets),
      first_(plan::first_targets(plan.targets, subject.masses.size())),
      hatch_(strokes.others),
      other_(strokes.streaks),
      px_per_mm_(px_per_mm),
      one_(subject.masses.size() * subject.masses.size(), 0) {
  const auto n = subject.masses.size();
  for (const auto& [p, q, length] : gradient_neighbours(s_.softened, s_.labels, static_cast<int>(n)))
    one_[static_cast<std::size_t>(p) * n + static_cast<std::size_t>(q)] =
        one_[static_cast<std::size_t>(q) * n + static_cast<std::size_t>(p)] = 1;
  for (std::size_t m = 0; m < n; ++m) {
    for (std::size_t own = 0; own < s_.masses[m].shades.size(); ++own) ways_.push_back(ways_from(m, own));
  }
}

std::vector<Wandering::Way> Wandering::ways_from(std::size_t mass, std::size_t own) const {
  const auto& shades = s_.masses[mass].shades;
  const colour::Lab& a = shades[own].lab;
  std::vector<Way> out;
  for (std::size_t s = 0; s < shades.size(); ++s) {
    const colour::Lab& b = shades[s].lab;
    const double apart = colour::distance_1976(a, b);
    if (s == own || apart <= 0 || apart > kGraded || !runs_into(target(mass, own), target(mass, s))) continue;
    out.push_back({s, {b.l - a.l, b.a - a.a, b.b - a.b}, apart * apart});
  }
  return out;
}

std::pair<std::size_t, std::size_t> Wandering::at(int x, int y) const {
  const std::size_t mass = s_.labels.at(x, y);
  const std::size_t joined = mass_at(x, y, kJoin_mm);
  if (joined != mass && one_[mass * s_.masses.size() + joined] != 0) {
    const std::size_t shade = nearest(joined, x, y);
    if (off(joined, shade, x, y) < kGraded / 2 && runs_into(target(mass, s_.shade.at(x, y)), target(joined, shade)))
      return {joined, shade};
  }
  const std::size_t beyond = mass_at(x, y, kFading_mm);
  if (beyond != mass && (soft(mass) || soft(beyond))) {
    const std::size_t shade = nearest(beyond, x, y);
    if (well_painted(target(beyond, shade))) return {beyond, shade};
  }
  const auto [bx, by] = moved(x, y, kBroken_mm);
  const bool same = s_.labels.at(bx, by) == mass;
  return {mass, same ? graded(mass, bx, by) : s_.shade.at(x, y)};
}

std::size_t Wandering::mass_at(int x, int y, double mm) const {
  const auto [u, v] = moved(x, y, mm);
  return s_.labels.at(u, v);
}

std::pair<int, int> Wandering::moved(int x, int y, double mm) const {
  const double dx = mm * px_per_mm_ * static_cast<double>(hatch_.at<float>(y, x));
  const double dy = mm * px_per_mm_ * static_cast<double>(other_.at<float>(y, x));
  return {std::clamp(x + static_cast<int>(std::lround(dx)), 0, s_.image.width - 1),
          std::clamp(y + static_cast<int>(std::lround(dy)), 0, s_.image.height - 1)};
}

std::size_t Wandering::nearest(std::size_t mass, int x, int y) const {
  const colour::LabPixel& c = s_.softened.at(x, y);
  return subject::nearest_shade(s_.masses[mass], {c.l, c.a, c.b});
}

double Wandering::off(std::size_t mass, std::size_t shade, int x, int y) const {
  const colour::LabPixel& c = s_.softened.at(x, y);
  return colour::distance_1976(s_.masses[mass].shades[shade].lab, {c.l, c.a, c.b});
}

/// The shade of the pixel, or the other one that its colour lies towards, as often as it lies towards it; none so far
/// off that it would come up as a speck here and there.
std::size_t Wandering::graded(std::size_t mass, int x, int y) const {
  const std::size_t own = s_.shade.at(x, y);
  const colour::LabPixel& c = s_.softened.at(x, y);
  const colour::Lab& a = s_.masses[mass].shades[own].lab;
  const std::array<double, 3> to{c.l - a.l, c.a - a.a, c.b - a.b};
  double nearest = to[0] * to[0] + to[1] * to[1] + to[2] * to[2];
  double share = 0;
  std::size_t other = own;
  for (const Way& w : ways_[first_[mass] + own]) {
    const double along = to[0] * w.step[0] + to[1] * w.step[1] + to[2] * w.step[2];
    const double t = std::clamp(along / w.long2, 0.0, 0.5);
    double off = kShows * t * (1 - t) * w.long2;
    for (std::size_t k = 0; k < 3; ++k) off += (to[k] - t * w.step[k]) * (to[k] - t * w.step[k]);
    if (off < nearest) nearest = off, share = t, other = w.to;
  }
  if (share <= 0) return own;
  return quantile_of(static_cast<double>(hatch_.at<float>(y, x))) < share ? other : own;
}

}  // namespace yd::board
