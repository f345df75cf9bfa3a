// SPDX-License-Identifier: MIT
#include "search/stacks.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "parallel/each.h"

namespace yd::plan {
namespace {

std::vector<optics::Medium> media_of(std::span<const media::Stick> sticks, std::span<const int> tray) {
  std::set<optics::Medium> present;
  for (const int i : tray) present.insert(sticks[static_cast<std::size_t>(i)].medium);
  return {present.begin(), present.end()};
}

Stroke stroke_of(const StackGeometry& g, std::size_t which, int stick) {
  return {stick, g.shape[which].pressure, g.shape[which].technique};
}

class StackMaker {
 public:
  StackMaker(const SearchInput& input, std::span<const int> tray) : in_(input), tray_(tray) {
    for (const int i : tray_) pigments_[i] = optics::coarse(media::pigment_of(stick(i), *in_.parameters));
  }

  std::vector<Stack> of(const StackGeometry& g) const {
    std::vector<Stack> out;
    for (const int first : tray_) {
      if (stick(first).medium != g.shape[0].medium) continue;
      if (g.strokes == 1) {
        out.push_back(make(g, {stroke_of(g, 0, first)}));
        continue;
      }
      for (const int second : tray_) {
        if (stick(second).medium != g.shape[1].medium || !stack_allowed(in_, first, second)) continue;
        out.push_back(make(g, {stroke_of(g, 0, first), stroke_of(g, 1, second)}));
      }
    }
    return out;
  }

 private:
  const media::Stick& stick(int i) const { return in_.sticks[static_cast<std::size_t>(i)]; }

  Stack make(const StackGeometry& g, std::vector<Stroke> strokes) const {
    const std::array<const optics::CoarsePigment*, 2> both{&pigments_.at(strokes.front().stick),
                                                           &pigments_.at(strokes.back().stick)};
    const auto strata = shade_stack(g, *in_.ground, std::span(both).first(strokes.size()));
    return {std::move(strokes), colour::to_lab(optics::mean(strata)),
            static_cast<float>(optics::lightness_spread(strata)), static_cast<float>(g.tooth_left)};
  }

  const SearchInput& in_;
  std::span<const int> tray_;
  std::map<int, optics::CoarsePigment> pigments_;
};

}  // namespace

double nearest_difference(std::span<const Stack> stacks, const colour::Lab& target, std::size_t strokes) {
  double best = 1e9;
  for (const Stack& s : stacks) {
    // The lightness bound spares most of the full differences.
    if (s.strokes.size() > strokes || std::abs(s.lab.l - target.l) / colour::kLightnessBound > best) continue;
    best = std::min(best, colour::ciede2000(s.lab, target));
  }
  return best;
}

double stack_price(const Stack& stack) {
  const double more = stack.strokes.empty() ? 0 : static_cast<double>(stack.strokes.size() - 1);
  const bool rubbed = !stack.strokes.empty() && stack.strokes.back().technique == Technique::rubbed;
  return stroke_price() * more + (rubbed ? prices().stack.rubbed : 0) +
         prices().stack.speckle * std::max(0.0, stack.spread_l - prices().stack.speckle_free);
}

std::vector<Stack> all_stacks(const SearchInput& input, std::span<const int> tray) {
  const StackMaker maker(input, tray);
  const auto geometries = allowed_geometries(input, media_of(input.sticks, tray));
  std::vector<std::vector<Stack>> parts(geometries.size());
  parallel::each(geometries.size(), [&](std::size_t g) { parts[g] = maker.of(geometries[g]); });
  std::vector<Stack> out;
  for (auto& part : parts) std::move(part.begin(), part.end(), std::back_inserter(out));
  return out;
}

}  // namespace yd::plan
