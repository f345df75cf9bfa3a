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

/// CIEDE2000 of a stick from the nearest shade of a mass.
double from_nearest(int mass, std::span<const TargetPlan> targets, const colour::Lab& stick) {
  double out = 1e9;
  for (const TargetPlan& t : targets) {
    if (t.mass == mass) out = std::min(out, colour::ciede2000(stick, t.target));
  }
  return out;
}

/// What a pass goes over, and what of it counts for each purpose: areas, shares of the picture.
struct Over {
  double area = 0;
  double far = 0;      ///< times how far the stick is from what is there
  double opposed = 0;  ///< of another hue than the stick's
  double on_top = 0;   ///< where nothing follows
  double pressed = 0;  ///< times the pressure
};

Over gone_over(const Pass& pass, std::span<const TargetPlan> targets, const colour::Lab& stick) {
  Over out;
  for (const int t : pass.targets) {
    const TargetPlan& target = targets[static_cast<std::size_t>(t)];
    const bool top = !target.recipe.strokes.empty() && lays(pass, level_on(pass, t), target.recipe.strokes.back());
    out.area += target.area;
    out.far += target.area * from_nearest(target.mass, targets, stick);
    out.opposed += against(stick, target.target) ? target.area : 0;
    out.on_top += top ? target.area : 0;
    out.pressed += target.area * pressure_on(pass, t);
  }
  return out;
}

}  // namespace

Purpose purpose_of(const Pass& pass, std::span<const TargetPlan> targets, std::span<const media::Stick> sticks) {
  if (pass.accent) return Purpose::accent;
  if (pass.kind != PassKind::stroke || pass.targets.empty()) return Purpose::body;
  const Over over = gone_over(pass, targets, sticks[static_cast<std::size_t>(pass.stick)].lab);
  if (over.far <= kItself * over.area) return Purpose::body;
  if (over.opposed > kMostly * over.area) return Purpose::complement;
  if (pass.level == 0 || over.on_top <= kMostly * over.area) return Purpose::undertone;
  return over.pressed < kMostly * over.area ? Purpose::glaze : Purpose::body;
}

}  // namespace yd::plan
