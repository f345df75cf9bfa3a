// SPDX-License-Identifier: MIT
// Checks of what painters look for in nature: sky, water, the strongest red, edges.
#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "critique_parts.h"

namespace yd::plan {
namespace {

using subject::Surface;

bool is(const CritiqueInput& in, const TargetPlan& t, Surface surface) {
  return in.subject->masses[static_cast<std::size_t>(t.mass)].surface == surface;
}

std::vector<int> masses_of(const CritiqueInput& in, Surface surface) {
  std::vector<int> out;
  for (std::size_t m = 0; m < in.subject->masses.size(); ++m) {
    if (in.subject->masses[m].surface == surface) out.push_back(static_cast<int>(m));
  }
  return out;
}

/// Means of what is seen and of what is laid, over shades.
struct Means {
  double area = 0;
  std::array<double, 3> seen{}, laid{};
  void add(const TargetPlan& t, double weight) {
    const colour::Lab& look = t.recipe.look.lab;
    area += weight;
    seen[0] += weight * t.seen.l;
    seen[1] += weight * t.seen.a;
    seen[2] += weight * t.seen.b;
    laid[0] += weight * look.l;
    laid[1] += weight * look.a;
    laid[2] += weight * look.b;
  }
  colour::Lab of(const std::array<double, 3>& sum) const {
    return area > 0 ? colour::Lab{sum[0] / area, sum[1] / area, sum[2] / area} : colour::Lab{};
  }
  colour::Lab seen_mean() const { return of(seen); }
  colour::Lab laid_mean() const { return of(laid); }
};

/// The upper and the lower third of the sky, by pixels.
std::array<Means, 2> ends_of_sky(const CritiqueInput& in) {
  const subject::Subject& s = *in.subject;
  const std::vector<std::size_t> first = first_targets(in.plan->targets, s.masses.size());
  int top = s.labels.height;
  int bottom = -1;
  const auto sky = [&](int x, int y) { return s.masses[s.labels.at(x, y)].surface == Surface::sky; };
  constexpr int kStep = 3;
  for (int y = 0; y < s.labels.height; y += kStep) {
    for (int x = 0; x < s.labels.width; x += kStep) {
      if (sky(x, y)) {
        top = std::min(top, y);
        bottom = std::max(bottom, y);
      }
    }
  }
  std::array<Means, 2> out;
  for (int y = top; y <= bottom; y += kStep) {
    const double at = static_cast<double>(y - top) / std::max(1, bottom - top);
    if (at > 0.34 && at < 0.66) continue;
    for (int x = 0; x < s.labels.width; x += kStep) {
      if (!sky(x, y)) continue;
      const auto target = first[s.labels.at(x, y)] + s.shade.at(x, y);
      if (target < in.plan->targets.size()) out[at < 0.5 ? 0 : 1].add(in.plan->targets[target], 1);
    }
  }
  return out;
}

/// The stick at hand nearest to a colour that is not in the tray; -1: the tray has the nearest.
int nearest_outside(const CritiqueInput& in, const colour::Lab& wanted) {
  int best = -1;
  double least = std::numeric_limits<double>::infinity();
  for (std::size_t s = 0; s < in.sticks.size(); ++s) {
    if (!media::at_hand(in.sticks[s])) continue;
    const double d = colour::ciede2000(in.sticks[s].lab, wanted);
    if (d < least) {
      least = d;
      best = static_cast<int>(s);
    }
  }
  return std::binary_search(in.plan->tray.begin(), in.plan->tray.end(), best) ? -1 : best;
}

void offer_stick(const CritiqueInput& in, const colour::Lab& wanted, Finding& f) {
  const int stick = nearest_outside(in, wanted);
  if (stick < 0) return;
  f.sticks = {stick};
  f.after = in.options;
  f.after->wishes.must_have.push_back(stick);
  f.after->given_tray.clear();
  f.mend = Mend::take_the_stick;
}

}  // namespace

std::vector<Finding> check_sky_level(const CritiqueInput& in) {
  if (in.subject->labels.size() == 0 || masses_of(in, Surface::sky).empty()) return {};
  const auto [upper, lower] = ends_of_sky(in);
  if (upper.area <= 0 || lower.area <= 0) return {};
  const double wanted = lower.seen_mean().l - upper.seen_mean().l;
  const double rises = lower.laid_mean().l - upper.laid_mean().l;
  if (wanted < limits::kSkyRises || rises > limits::kSkyKept * wanted) return {};
  Finding f;
  f.weight = 3 + (wanted - rises) / 2;
  f.numbers = {rises, wanted};
  f.masses = masses_of(in, Surface::sky);
  offer_stick(in, lower.seen_mean(), f);
  return {f};
}

std::vector<Finding> check_water_alone(const CritiqueInput& in) {
  Means sky;
  Means water;
  for (const TargetPlan& t : in.plan->targets) {
    if (is(in, t, Surface::sky)) sky.add(t, t.area);
    if (is(in, t, Surface::water) || is(in, t, Surface::reflection)) water.add(t, t.area);
  }
  if (sky.area <= 0 || water.area < 0.02) return {};
  // By hue and chroma: water may be darker than what it repeats.
  const auto apart = [](colour::Lab p, colour::Lab q) {
    p.l = q.l = 60;
    return colour::ciede2000(p, q);
  };
  const double wanted = apart(sky.seen_mean(), water.seen_mean());
  const double is_apart = apart(sky.laid_mean(), water.laid_mean());
  if (is_apart < wanted + limits::kWaterApart) return {};
  Finding f;
  f.weight = 2 + (is_apart - wanted) / 4;
  f.numbers = {is_apart, wanted};
  f.masses = masses_of(in, Surface::water);
  offer_stick(in, water.seen_mean(), f);
  return {f};
}

std::vector<Finding> check_red_steals(const CritiqueInput& in) {
  const auto& masses = in.subject->masses;
  const bool led = std::any_of(masses.begin(), masses.end(), [](const auto& m) { return m.focal; });
  if (!led) return {};  // nothing to be stolen from
  std::map<int, double> area;
  std::map<int, double> most;
  double focal = 0;
  for (const TargetPlan& t : in.plan->targets) {
    const colour::Lch look = colour::to_lch(t.recipe.look.lab);
    if (masses[static_cast<std::size_t>(t.mass)].focal) focal = std::max(focal, look.c);
    const bool red = look.h < 45 || look.h > 350;
    if (!red || look.c < limits::kStealing || masses[static_cast<std::size_t>(t.mass)].focal) continue;
    area[t.mass] += t.area;
    most[t.mass] = std::max(most[t.mass], look.c);
  }
  std::vector<Finding> out;
  for (const auto& [mass, share] : area) {
    if (share < 0.002 || most[mass] < focal + 5) continue;
    Finding f;
    f.weight = 2 + 100 * share;
    f.numbers = {most[mass], focal, 100 * share};
    f.masses = {mass};
    double vivid = 0;
    for (const TargetPlan& t : in.plan->targets) {
      if (t.mass != mass || t.recipe.strokes.empty()) continue;
      const int top = t.recipe.strokes.back().stick;
      const double c = colour::chroma(in.sticks[static_cast<std::size_t>(top)].lab);
      if (c > vivid) {
        vivid = c;
        f.sticks = {top};
      }
    }
    if (!f.sticks.empty()) {
      f.after = in.options;
      f.after->wishes.forbidden.push_back(f.sticks.front());
      f.after->given_tray.clear();
      f.mend = Mend::leave_the_stick;
    }
    out.push_back(std::move(f));
  }
  return out;
}

std::vector<Finding> check_all_sharp(const CritiqueInput& in) {
  const auto& masses = in.subject->masses;
  double hard = 0;
  double all = 0;
  std::vector<int> far;
  for (std::size_t m = 0; m < masses.size(); ++m) {
    all += masses[m].area;
    if (masses[m].edge == subject::EdgeKind::hard) hard += masses[m].area;
    if (masses[m].plane == subject::Plane::background) far.push_back(static_cast<int>(m));
  }
  // What ends in a rubbed stroke has lost its sharpness, whatever its outline.
  double rubbed = 0;
  for (const TargetPlan& t : in.plan->targets) {
    const bool ends_rubbed = !t.recipe.strokes.empty() && t.recipe.strokes.back().technique == Technique::rubbed;
    if (ends_rubbed) rubbed += t.area;
  }
  if (all <= 0 || hard < 0.98 * all || rubbed > 0.05 || far.empty()) return {};
  Finding f;
  f.weight = 2;
  f.numbers = {100 * hard / all, 100 * rubbed};
  f.masses = far;
  f.after = with_manner(in, far, Manner::rubbed);
  f.mend = Mend::rub_background;
  return {f};
}

}  // namespace yd::plan
