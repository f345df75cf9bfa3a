// SPDX-License-Identifier: MIT
#include "advice/usage.h"

#include <map>

namespace yd::plan {
namespace {

/// Thickness of one unit of load when it is packed as in the stick.
constexpr double kLoad_mm = 0.012;
constexpr double kMm2PerCm2 = 100;

}  // namespace

std::vector<StickUse> use_of(const Plan& plan, double sheet_cm2, const media::Paper& paper,
                             std::span<const media::Stick> sticks, const optics::Parameters& parameters) {
  std::map<int, StickUse> uses;
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    const TargetPlan& target = plan.targets[t];
    const double cm2 = target.area * sheet_cm2;
    std::map<int, int> strokes;
    for (const Stroke& s : target.recipe.strokes) {
      if (s.pressure > 0) ++strokes[s.stick];
    }
    if (strokes.empty()) continue;
    const optics::Pile pile = build(ground_of(plan, target, paper), parameters, sticks, target.recipe.strokes);
    for (const auto& [stick, times] : strokes) {
      StickUse& use = uses[stick];
      use.stick = stick;
      use.area_cm2 += times * cm2;
      const media::MediumFacts& body = media::facts(sticks[static_cast<std::size_t>(stick)].medium);
      use.length_mm += pile.mean_load_of(stick) * kLoad_mm * cm2 * kMm2PerCm2 * body.lost / body.section_mm2;
    }
  }
  std::vector<StickUse> out;
  for (auto& [stick, use] : uses) {
    use.share = use.length_mm / media::facts(sticks[static_cast<std::size_t>(stick)].medium).length_mm;
    out.push_back(use);
  }
  return out;
}

}  // namespace yd::plan
