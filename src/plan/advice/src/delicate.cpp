// SPDX-License-Identifier: MIT
#include "advice/delicate.h"

#include <algorithm>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "parallel/each.h"

namespace yd::plan {
namespace {

constexpr double kFaintest = 0.02;  // a stroke that is made at all leaves something

/// The recipe with the pass's stroke on it at another pressure.
double difference(const Plan& plan, const TargetPlan& target, const Pass& pass, int level, double factor,
                  const media::Paper& paper, std::span<const media::Stick> sticks,
                  const optics::Parameters& parameters) {
  std::vector<Stroke> strokes = target.recipe.strokes;
  for (Stroke& s : strokes) {
    if (lays(pass, level, s)) s.pressure = std::clamp(s.pressure * factor, kFaintest, 1.0);
  }
  const optics::Pile pile = build(ground_of(plan, target, paper), parameters, sticks, strokes);
  const colour::Lab lab = colour::to_lab(optics::mean(shade(pile, parameters, sticks)));
  return colour::ciede2000(lab, target.target);
}

}  // namespace

void mark_delicate(Plan& plan, const media::Paper& paper, std::span<const media::Stick> sticks,
                   const optics::Parameters& parameters, double off) {
  parallel::each(plan.passes.size(), [&](std::size_t i) {
    Pass& pass = plan.passes[i];
    pass.costs_when_off = 0;
    if (pass.kind != PassKind::stroke || pass.skipped || pass.laid) return;
    for (const int t : pass.targets) {
      const TargetPlan& target = plan.targets[static_cast<std::size_t>(t)];
      const int level = level_on(pass, t);
      const double light = difference(plan, target, pass, level, 1 - off, paper, sticks, parameters);
      const double firm = difference(plan, target, pass, level, 1 + off, paper, sticks, parameters);
      pass.costs_when_off += target.area * ((light + firm) / 2 - target.recipe.de00);
    }
  });
}

}  // namespace yd::plan
