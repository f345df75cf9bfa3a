// SPDX-License-Identifier: MIT
#include "advice/critique.h"

#include <algorithm>
#include <array>

#include "colour/ciede2000.h"
#include "critique_parts.h"

namespace yd::plan {
namespace {

struct Entry {
  const char* name;
  CheckFunction function;
};
constexpr auto kEntries = std::to_array<Entry>({{"mud", check_mud},
                                                {"black rubbed over colour", check_black_rubbed},
                                                {"flat black hole", check_black_hole},
                                                {"chalky white", check_chalky_white},
                                                {"hard over soft", check_pencil_over_soft},
                                                {"tooth full", check_tooth_full},
                                                {"missing darks", check_missing_darks},
                                                {"distance does not recede", check_distance},
                                                {"raw green", check_raw_green},
                                                {"lonely accent", check_lonely_accent},
                                                {"everything rubbed", check_all_rubbed},
                                                {"halo at a soft edge", check_halo},
                                                {"focal point", check_focal_contrast},
                                                {"too many sticks", check_too_many_sticks},
                                                {"pressed too hard early", check_pressed_early},
                                                {"vivid colour out of reach", check_vivid_lost},
                                                {"level sky", check_sky_level},
                                                {"water by itself", check_water_alone},
                                                {"red that steals", check_red_steals},
                                                {"everything sharp", check_all_sharp}});
static_assert(kEntries.size() == kChecks);

/// What was found on several shades of one mass is one finding: the heaviest speaks for all.
std::vector<Finding> by_mass(std::vector<Finding> found) {
  std::vector<Finding> out;
  for (Finding& f : found) {
    const auto known = std::find_if(out.begin(), out.end(),
                                    [&](const Finding& o) { return o.masses == f.masses && !f.masses.empty(); });
    if (known == out.end()) {
      out.push_back(std::move(f));
      continue;
    }
    const double sum = known->weight + f.weight;
    if (f.weight > known->weight) *known = std::move(f);
    known->weight = sum;
  }
  return out;
}

}  // namespace

const char* name(Check check) { return kEntries[static_cast<std::size_t>(check)].name; }

std::vector<Finding> run_check(Check check, const CritiqueInput& input) {
  std::vector<Finding> out = kEntries[static_cast<std::size_t>(check)].function(input);
  for (Finding& f : out) f.check = check;
  return by_mass(std::move(out));
}

std::vector<Finding> critique(const CritiqueInput& input) {
  std::vector<Finding> out;
  for (int c = 0; c < kChecks; ++c) {
    auto found = run_check(static_cast<Check>(c), input);
    std::copy_if(found.begin(), found.end(), std::back_inserter(out),
                 [](const Finding& f) { return f.after.has_value(); });
  }
  std::stable_sort(out.begin(), out.end(), [](const Finding& p, const Finding& q) { return p.weight > q.weight; });
  return out;
}

const media::Stick& stick_of(const CritiqueInput& in, const Stroke& stroke) {
  return in.sticks[static_cast<std::size_t>(stroke.stick)];
}

int pass_of(const Plan& plan, int target, int level) {
  int seen = 0;
  for (std::size_t i = 0; i < plan.passes.size(); ++i) {
    const Pass& p = plan.passes[i];
    if (p.kind != PassKind::stroke || p.skipped || !std::binary_search(p.targets.begin(), p.targets.end(), target))
      continue;
    if (seen++ == level) return static_cast<int>(i);
  }
  return -1;
}

std::optional<PlanOptions> with_alternative(const CritiqueInput& in, int target,
                                            const std::function<bool(const Stack&)>& pleases) {
  const TargetPlan& t = in.plan->targets[static_cast<std::size_t>(target)];
  // What is on the paper cannot be taken off it.
  if (t.laid > 0) return std::nullopt;
  for (const Stack& s : t.alternatives) {
    if (same_strokes(s.strokes, t.recipe.strokes) || !pleases(s)) continue;
    if (colour::ciede2000(s.lab, t.target) > t.recipe.de00 + limits::kWorseBy) continue;
    PlanOptions after = in.options;
    std::erase_if(after.by_hand, [&](const HandChoice& h) { return h.mass == t.mass; });
    after.by_hand.push_back({t.mass, s.strokes});
    return after;
  }
  return std::nullopt;
}

void offer_planners_order(const CritiqueInput& in, Finding& finding) {
  finding.after = in.options;
  finding.after->order_by_hand.clear();
  finding.mend = Mend::planners_order;
}

PlanOptions with_manner(const CritiqueInput& in, const std::vector<int>& masses, Manner manner) {
  PlanOptions after = in.options;
  for (const int m : masses) {
    const auto found =
        std::find_if(after.ways.begin(), after.ways.end(), [&](const MassWay& w) { return w.mass == m; });
    if (found == after.ways.end()) {
      after.ways.push_back({m, std::nullopt, manner});
    } else {
      found->manner = manner;
    }
  }
  return after;
}

}  // namespace yd::plan
