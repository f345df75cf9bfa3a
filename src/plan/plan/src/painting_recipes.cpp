// SPDX-License-Identifier: MIT
// Recipes of all shades of a mass: pressures, what else there is, fixative.
#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>
#include <set>
#include <tuple>

#include "painting_family.h"
#include "recipe/pareto.h"
#include "search/pressures.h"

namespace yd::plan {
namespace {

constexpr double kFixGain = 0.3;  // CIEDE2000 on a mass from which a stop for fixative is worth its drying
// Share of the picture that a soft stick covers in half a minute on a sheet of 40 by 30 cm, after it was taken up. Not
// of the sheet in hand: recipes stay the same on another one.
constexpr double kBrief = 40.0 / 1200;
constexpr double kMissed = 0.035;       // CIEDE2000 on the picture that a brief pass must bring to stay
constexpr std::size_t kOtherWays = 10;  // layerings of a mass that are offered instead

/// Every way to use the layers of one mass on one ground: parts of the layering at all grades, and none of it.
struct Ways {
  std::vector<PressureWay> ways;
  std::vector<Stack> stacks;  ///< the same, with the strokes that are used
  std::vector<colour::Din99o> even;
};

Ways ways_of(Lattice& lattice, const Layering& layering) {
  Ways out;
  const optics::Look bare = optics::look(lattice.input().ground->reflectance);
  out.ways.push_back({std::vector<double>(layering.size(), 0), bare.lab, 0, false});
  out.stacks.push_back({{}, bare.lab, static_cast<float>(bare.spread_l), 1});
  out.even.push_back(colour::to_din99o(bare.lab));
  for (std::size_t mask = 1; mask < (std::size_t{1} << layering.size()); ++mask) {
    Layering part;
    std::vector<std::size_t> from;
    for (std::size_t i = 0; i < layering.size(); ++i) {
      if ((mask >> i & 1U) != 0) part.push_back(layering[i]), from.push_back(i);
    }
    lattice.prepare(std::span(&part, 1));
    const ChainGeometry& chain = lattice.chain(part);
    const Looks looks = lattice.looks(part);
    for (std::size_t n = 0; n < looks.at.size(); ++n) {
      if (looks.unsteady[n] >= kNotAllowed) continue;
      PressureWay way{std::vector<double>(layering.size(), 0), looks.lab[n], looks.unsteady[n],
                      lattice.input().sticks[static_cast<std::size_t>(part.front().stick)].lab.l < kDarkStick};
      for (std::size_t i = 0; i < from.size(); ++i) way.pressures[from[i]] = kGrades[grade_at(n, i)];
      out.ways.push_back(std::move(way));
      out.even.push_back(looks.at[n]);
      out.stacks.push_back(
          {strokes_at(part, n), looks.lab[n], looks.speckle[n], static_cast<float>(chain.nodes[n].tooth_left)});
    }
  }
  return out;
}

}  // namespace

void Painting::write_mass(Family& family, std::size_t place, const LeveledLayering& chosen) {
  const Layering& layering = family.layerings[chosen.layering];
  std::vector<Bed> whole;
  if (family.beds.empty()) {
    whole.push_back({{}, {}, 1, {}});
    whole[0].targets = family.targets[place];
  }
  const std::vector<Bed>& beds = family.beds.empty() ? whole : family.beds;
  for (std::size_t b = 0; b < beds.size(); ++b) {
    Lattice& lattice = family.beds.empty() ? *family.lattice : *family.bed_lattices[b];
    const Ways ways = ways_of(lattice, layering);
    std::vector<PressurePlace> places;
    for (const std::size_t t : beds[b].targets) places.push_back({in_.targets[t].target, in_.targets[t].area});
    const std::vector<std::size_t> best = fit_pressures(places, ways.ways);
    for (std::size_t i = 0; i < best.size(); ++i) {
      TargetPlan& target = in_.targets[beds[b].targets[i]];
      target.recipe.strokes = beds[b].laid;
      const std::vector<double>& pressures = ways.ways[best[i]].pressures;
      for (std::size_t n = 0; n < layering.size(); ++n) {
        if (pressures[n] > 0)
          target.recipe.strokes.push_back(
              {layering[n].stick, pressures[n], layering[n].technique, false, chosen.levels[n]});
      }
    }
  }
}

/// Other layerings the mass could have, each at the pressures that suit the shade best.
void Painting::write_alternatives(Family& family, std::size_t place, const LeveledLayering& chosen) {
  if (!family.beds.empty()) return;
  const std::vector<float>& cost = family.costs[place];
  std::vector<std::size_t> order(cost.size());
  std::iota(order.begin(), order.end(), 0);
  const std::size_t count = std::min(kOtherWays, order.size());
  std::partial_sort(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count), order.end(),
                    [&](std::size_t p, std::size_t q) { return cost[p] != cost[q] ? cost[p] < cost[q] : p < q; });
  order.resize(count);
  if (std::find(order.begin(), order.end(), chosen.layering) == order.end()) order.push_back(chosen.layering);
  const std::vector<std::size_t>& targets = family.targets[place];
  std::vector<std::vector<Stack>> best(targets.size());
  for (const std::size_t l : order) {
    if (cost[l] >= kForbidden) continue;
    const Ways ways = ways_of(*family.lattice, family.layerings[l]);
    for (std::size_t i = 0; i < targets.size(); ++i) {
      const colour::Din99o wanted = colour::to_din99o(in_.targets[targets[i]].target);
      std::size_t nearest = ways.ways.size();
      float least = 1e12F;
      for (std::size_t w = 0; w < ways.ways.size(); ++w) {
        if (ways.stacks[w].strokes.empty()) continue;
        const float d = colour::distance_squared(wanted, ways.even[w]) + static_cast<float>(ways.ways[w].unsteady);
        if (d < least) least = d, nearest = w;
      }
      if (nearest < ways.ways.size()) best[i].push_back(ways.stacks[nearest]);
    }
  }
  for (std::size_t i = 0; i < targets.size(); ++i)
    in_.targets[targets[i]].alternatives = pareto(best[i], in_.targets[targets[i]].target);
}

/// A stop for fixative before a layer that finds the tooth full, where the whole mass gains by it.
void Painting::write_recipes(const std::vector<std::size_t>& targets) {
  const auto evaluated = [&](std::size_t t, std::vector<Stroke> strokes) {
    return evaluate(bare(in_.targets[t].coat), *in_.parameters, in_.sticks, std::move(strokes), in_.targets[t].target);
  };
  int most = 0;
  bool full = false;
  for (const std::size_t t : targets) {
    TargetPlan& target = in_.targets[t];
    target.recipe = evaluated(t, target.recipe.strokes);
    for (const Stroke& s : target.recipe.strokes) most = std::max(most, s.level);
    full = full || target.recipe.tooth_left < kFullTooth;
  }
  if (!full) return;
  for (int level = 1; level <= most; ++level) {
    std::vector<Recipe> fixed;
    double gain = 0;
    double area = 0;
    for (const std::size_t t : targets) {
      const TargetPlan& target = in_.targets[t];
      std::vector<Stroke> strokes = target.recipe.strokes;
      for (std::size_t i = std::max(1, target.laid); i < strokes.size(); ++i) {
        if (strokes[i].level == level) strokes[i].fix_first = true;
      }
      fixed.push_back(evaluated(t, std::move(strokes)));
      gain += target.area * (target.recipe.de00 - fixed.back().de00);
      area += target.area;
    }
    if (gain < kFixGain * area) continue;
    for (std::size_t i = 0; i < targets.size(); ++i) in_.targets[targets[i]].recipe = std::move(fixed[i]);
  }
}

/// Takes the strokes of passes that would be over in less than a minute out of the recipes again, where the picture
/// does not miss them; the briefest first.
void Painting::drop_brief_passes() {
  using Key = std::tuple<int, int, int>;
  std::set<Key> kept;
  for (;;) {
    std::map<Key, double> area;
    for (const TargetPlan& t : in_.targets) {
      for (std::size_t i = static_cast<std::size_t>(t.laid); i < t.recipe.strokes.size(); ++i) {
        const Stroke& s = t.recipe.strokes[i];
        if (!t.by_hand) area[{s.level, s.stick, static_cast<int>(s.technique)}] += t.area;
      }
    }
    const Key* briefest = nullptr;
    double least = kBrief;
    for (const auto& [key, share] : area) {
      if (share < least && kept.count(key) == 0) least = share, briefest = &key;
    }
    if (briefest == nullptr) return;
    kept.insert(*briefest);
    std::vector<std::pair<std::size_t, Recipe>> without;
    double cost = 0;
    for (std::size_t t = 0; t < in_.targets.size(); ++t) {
      const TargetPlan& target = in_.targets[t];
      std::vector<Stroke> strokes = target.recipe.strokes;
      const auto open = strokes.begin() + target.laid;  // what is on the paper stays there
      strokes.erase(std::remove_if(open, strokes.end(),
                                   [&](const Stroke& s) {
                                     return Key{s.level, s.stick, static_cast<int>(s.technique)} == *briefest;
                                   }),
                    strokes.end());
      if (target.by_hand || strokes.size() == target.recipe.strokes.size()) continue;
      without.emplace_back(t,
                           evaluate(bare(target.coat), *in_.parameters, in_.sticks, std::move(strokes), target.target));
      cost += target.area * (without.back().second.de00 - target.recipe.de00);
    }
    if (cost > kMissed) continue;
    for (auto& [t, recipe] : without) in_.targets[t].recipe = std::move(recipe);
  }
}

}  // namespace yd::plan
