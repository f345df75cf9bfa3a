// SPDX-License-Identifier: MIT
#include <algorithm>

#include "colour/ciede2000.h"
#include "optics/look.h"
#include "advice/ground_choice.h"

namespace yd::plan {
namespace {

/// What covers slowly lays finest.
std::vector<optics::Medium> finest_first() {
  std::vector<optics::Medium> out;
  std::copy_if(media::all_media().begin(), media::all_media().end(), std::back_inserter(out),
               [](optics::Medium m) { return !media::facts(m).dirties; });
  std::stable_sort(out.begin(), out.end(), [](optics::Medium p, optics::Medium q) {
    return media::facts(p).covers_cm2_min < media::facts(q).covers_cm2_min;
  });
  return out;
}

/// How far apart the papers pull a target's colour, laid with the thinnest medium the collection has.
double delicacy(const GroundInput& input, const TargetPlan& target) {
  int stick = -1;
  for (const optics::Medium m : finest_first()) {
    if (stick < 0) stick = nearest_of(input.sticks, m, target.target);
  }
  if (stick < 0) return 0;
  const media::Stick& s = input.sticks[static_cast<std::size_t>(stick)];
  double sum = 0;
  for (const media::Paper& p : input.papers)
    sum += colour::ciede2000(optics::look(two_layers(p.ground, s, *input.parameters)).lab, s.lab);
  return sum / static_cast<double>(input.papers.size());
}

std::vector<int> most_delicate(const GroundInput& input) {
  constexpr double kApart = 8;  // the same colour twice teaches nothing
  const auto& targets = input.plan->targets;
  std::vector<std::pair<double, int>> order;
  for (std::size_t t = 0; t < targets.size(); ++t)
    order.emplace_back(-delicacy(input, targets[t]), static_cast<int>(t));
  std::sort(order.begin(), order.end());
  std::vector<int> out;
  for (const auto& [value, t] : order) {
    const auto& lab = targets[static_cast<std::size_t>(t)].target;
    const bool fresh = std::all_of(out.begin(), out.end(), [&](int other) {
      return colour::ciede2000(targets[static_cast<std::size_t>(other)].target, lab) > kApart;
    });
    if (fresh && out.size() < kOffcutColours) out.push_back(t);
  }
  return out;
}

}  // namespace

OffcutSheet offcut_sheet(const GroundInput& input, std::span<const GroundVerdict> ranked, std::size_t papers) {
  OffcutSheet sheet;
  sheet.targets = most_delicate(input);
  for (std::size_t i = 0; i < std::min(papers, ranked.size()); ++i) sheet.papers.push_back(ranked[i].paper);
  for (const int t : sheet.targets) {
    const colour::Lab& wanted = input.plan->targets[static_cast<std::size_t>(t)].target;
    for (const std::size_t p : sheet.papers) {
      for (const optics::Medium m : kCompared) {
        OffcutSheet::Strip strip;
        strip.stick = nearest_of(input.sticks, m, wanted);
        if (strip.stick >= 0) {
          strip.strata = two_layers(input.papers[p].ground, input.sticks[static_cast<std::size_t>(strip.stick)],
                                    *input.parameters);
          strip.lab = optics::look(strip.strata).lab;
          strip.off = colour::ciede2000(strip.lab, wanted);
        }
        sheet.strips.push_back(strip);
      }
    }
  }
  return sheet;
}

}  // namespace yd::plan
