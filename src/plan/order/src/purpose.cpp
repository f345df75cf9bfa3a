// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>

#include "coat/underpaint.h"
#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "order/passes.h"

namespace yd::plan {
namespace {

constexpr double kNear = 12;  // CIEDE2000 on the area mean within which a stick is the colour itself
constexpr double kComplement_deg = 30;
constexpr double kColourful = 14;  // chroma from which a hue says something
constexpr double kMostly = 0.5;    // share of the pass

bool complements(const colour::Lab& p, const colour::Lab& q) {
  if (colour::chroma(p) < kColourful || colour::chroma(q) < kColourful) return false;
  double apart = std::abs(painters_complement(colour::to_lch(p).h) - colour::to_lch(q).h);
  while (apart > 180) apart = std::abs(apart - 360);
  return apart < kComplement_deg;
}

}  // namespace

Purpose purpose_of(const Pass& pass, std::span<const TargetPlan> targets, std::span<const media::Stick> sticks) {
  if (pass.accent) return Purpose::accent;
  if (pass.kind != PassKind::stroke || pass.targets.empty()) return Purpose::body;
  const colour::Lab& stick = sticks[static_cast<std::size_t>(pass.stick)].lab;
  double area = 0;
  double far = 0;
  double against = 0;
  double on_top = 0;
  double pressed = 0;
  for (const int t : pass.targets) {
    const TargetPlan& target = targets[static_cast<std::size_t>(t)];
    double nearest = 1e9;
    for (const TargetPlan& other : targets) {
      if (other.mass == target.mass) nearest = std::min(nearest, colour::ciede2000(stick, other.target));
    }
    area += target.area;
    far += target.area * nearest;
    against += complements(stick, target.target) ? target.area : 0;
    const bool top = !target.recipe.strokes.empty() && lays(pass, level_on(pass, t), target.recipe.strokes.back());
    on_top += top ? target.area : 0;
    pressed += target.area * pressure_on(pass, t);
  }
  if (far <= kNear * area) return Purpose::body;
  if (against > kMostly * area) return Purpose::complement;
  if (pass.level == 0 || on_top <= kMostly * area) return Purpose::undertone;
  return pressed < kMostly * area ? Purpose::glaze : Purpose::body;
}

}  // namespace yd::plan
