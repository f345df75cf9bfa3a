// SPDX-License-Identifier: MIT
#include "board/strip.h"

#include <algorithm>

namespace yd::board {
namespace {

constexpr double kGap = 0.12;     // of a patch's room, on either side, bare
constexpr double kInside = 0.25;  // of the margin, above and below, bare

}  // namespace

std::vector<StripPatch> margin_strip(const plan::Plan& plan, const media::Paper& paper,
                                     const media::Collection& collection, const optics::Parameters& parameters) {
  std::vector<StripPatch> out;
  for (const int s : plan.tray) {
    const plan::Stroke stroke{s, 1, plan::Technique::rubbed, false, 0};
    const std::vector<plan::Stroke> twice{stroke, stroke};
    out.push_back({s, plan::evaluate(paper.ground, parameters, collection.sticks, twice, {}).look.lab});
  }
  std::stable_sort(out.begin(), out.end(), [](const StripPatch& p, const StripPatch& q) { return p.lab.l < q.lab.l; });
  return out;
}

PatchPlace patch_place(int n, int count, double margin, double aspect) {
  const double high = margin * std::max(aspect, 1.0);  // the margin in shares of the height
  const double room = 1.0 / count;
  return {(n + kGap) * room, (n + 1 - kGap) * room, 1 + kInside * high, 1 + (1 - kInside) * high};
}

}  // namespace yd::board
