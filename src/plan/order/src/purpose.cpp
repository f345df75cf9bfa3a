// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>

#include "coat/underpaint.h"
#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "order/passes.h"

namespace yd::plan {
namespace {

constexpr double kItself = 12;  // CIEDE2000 on the area mean within which a stick is the colour itself
constexpr double kAgainst_deg = 30;
constexpr double kHasHue = 14;   // chroma from which a hue says something
constexpr double kMostly = 0.5;  // share of the pass

bool against(const colour::Lab& p, const colour::Lab& q) {
  return std::min(colour::chroma(p), colour::chroma(q)) >= kHasHue && complements(p, q, kAgainst_deg);
}

}  // namespace

Purpose purpose_of(const Pass& pass, std::span<const TargetPlan> targets, std::span<const media::Stick> sticks) {
  if (pass.accent) return Purpose::accent;
  if (pass.kind != PassKind::stroke || pass.targets.empty()) return Purpose::body;
  const colour::Lab& stick = sticks[static_cast<std::size_t>(pass.stick)].lab;
  double area = 0;
  double far = 0;
  double opposed = 0;
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
    opposed += against(stick, target.target) ? target.area : 0;
    const bool top = !target.recipe.strokes.empty() && lays(pass, level_on(pass, t), target.recipe.strokes.back());
    on_top += top ? target.area : 0;
    pressed += target.area * pressure_on(pass, t);
  }
  if (far <= kItself * area) return Purpose::body;
  if (opposed > kMostly * area) return Purpose::complement;
  if (pass.level == 0 || on_top <= kMostly * area) return Purpose::undertone;
  return pressed < kMostly * area ? Purpose::glaze : Purpose::body;
}

}  // namespace yd::plan
