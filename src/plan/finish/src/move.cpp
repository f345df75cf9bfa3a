// SPDX-License-Identifier: MIT
#include "finish/move.h"

#include <algorithm>

#include "price/price.h"

namespace yd::plan {

int take_while_worth(Move& move, std::span<TargetPlan> targets, int most) {
  for (int made = 0; made < most; ++made) {
    Proposal best = move.propose();
    if (best.gains.empty() || best.worth < move.price()) return made;
    for (ShadeGain& g : best.gains) targets[g.target].recipe = std::move(g.recipe);
    move.taken(best);
  }
  return most;
}

double worth_of(double gain, const TargetPlan& target) {
  const double caught = target.stands_out ? prices().vivid.stands_out : caught_by_eye(target.target, 2);
  return caught * gain * counted(target) * target.solid;
}

double missing(double de00) { return prices().missing.times * std::max(0.0, de00 - prices().missing.from); }

}  // namespace yd::plan
