// SPDX-License-Identifier: MIT
// Recipes of all shades of a mass: pressures, what else there is, fixative.
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "order/schedule.h"
#include "painting_family.h"
#include "support/least.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr std::size_t kOtherWays = 10;  // layerings of a mass that are offered instead

}  // namespace

/// What ways come to over more strokes than are followed one by one: rubbing takes those up, and the ground that ways
/// are listed on stays.
void Painting::look_on_bed(std::span<PressureWay> ways, const Layering& layering, const Bed& bed) const {
  if (bed.laid.empty()) return;
  const optics::Ground& ground = bare(in_.targets[bed.targets.front()].coat);
  for (PressureWay& way : ways) {
    std::vector<Stroke> strokes = bed.laid;
    bool rubs = false;
    for (std::size_t n = 0; n < layering.size(); ++n) {
      if (way.pressures[n] <= 0) continue;
      strokes.push_back({layering[n].stick, way.pressures[n], layering[n].technique});
      rubs = rubs || layering[n].technique == Technique::rubbed;
    }
    if (rubs) way.lab = evaluate(ground, *in_.parameters, in_.sticks, std::move(strokes), way.lab).look.lab;
  }
}

namespace {

/// The layers of a layering that are pressed at all.
void add_strokes(Recipe& recipe, const Layering& layering, const std::vector<double>& pressures,
                 const std::vector<int>& levels) {
  for (std::size_t n = 0; n < layering.size(); ++n) {
    if (pressures[n] > 0)
      recipe.strokes.push_back({layering[n].stick, pressures[n], layering[n].technique, false, levels[n]});
  }
}

}  // namespace

/// `left_out`: a bit for each layer that is not to be used, the lowest first.
void Painting::write_mass(const Family& family, std::size_t place, const LeveledLayering& chosen,
                          std::size_t left_out) {
  const Layering& layering = family.listed.layerings[chosen.layering];
  std::vector<Bed> whole;
  if (family.beds.empty()) {
    whole.push_back({{}, {}, 1, {}});
    whole[0].targets = family.targets[place];
  }
  const std::vector<Bed>& beds = family.beds.empty() ? whole : family.beds;
  for (std::size_t b = 0; b < beds.size(); ++b) {
    std::vector<PressureWay> ways = family.ways[b].ways(layering, left_out);
    if (!rubs_up(beds[b], family)) look_on_bed(ways, layering, beds[b]);
    std::vector<PressurePlace> places;
    for (const std::size_t t : beds[b].targets)
      places.push_back({in_.targets[t].target, in_.targets[t].area, smooth_at(t)});
    std::vector<PressureWay> fitted;
    for (const std::size_t best : fit_pressures(places, ways)) fitted.push_back(ways[best]);
    fit_between_grades(places, fitted, [&](std::size_t, const std::vector<double>& pressures) {
      std::optional<PressureWay> way = family.ways[b].between(layering, pressures);
      if (way && !rubs_up(beds[b], family)) look_on_bed(std::span(&*way, 1), layering, beds[b]);
      return way;
    });
    for (std::size_t i = 0; i < fitted.size(); ++i) {
      TargetPlan& target = in_.targets[beds[b].targets[i]];
      target.recipe.strokes = beds[b].laid;
      add_strokes(target.recipe, layering, fitted[i].pressures, chosen.levels);
    }
  }
}

/// The cheapest layerings of a mass, and the chosen one, as places in the family's list.
std::vector<std::size_t> Painting::offered(const Family& family, std::size_t place, std::size_t chosen) {
  const std::vector<float>& cost = family.listed.costs[place];
  std::vector<std::size_t> order = least_of(cost.size(), kOtherWays, [&](std::size_t l) { return cost[l]; });
  std::erase_if(order, [&](std::size_t l) { return cost[l] >= kForbidden; });
  if (std::find(order.begin(), order.end(), chosen) == order.end()) order.push_back(chosen);
  return order;
}

/// Other layerings the mass could have, each at the pressures that suit the shade best.
void Painting::write_alternatives(const Family& family, std::size_t place, const LeveledLayering& chosen) {
  if (!family.beds.empty()) return;
  const std::vector<std::size_t> others = offered(family, place, chosen.layering);
  for (const std::size_t t : family.targets[place]) {
    std::vector<Stack> best;
    for (const std::size_t l : others) {
      best.push_back(family.ways[0].nearest(family.listed.layerings[l], in_.targets[t].target));
      if (best.back().strokes.empty()) best.pop_back();
    }
    in_.targets[t].alternatives = pareto(best, in_.targets[t].target);
  }
}

/// What the chosen layerings, and those that are offered instead, come to at all pressures.
void Painting::work_out_ways(const std::vector<LeveledLayering>& chosen) {
  for (auto& f : families_) {
    std::vector<Layering> wanted;
    for (std::size_t m = 0; m < chosen.size(); ++m) {
      if (place_[m].first != f.get()) continue;
      if (!f->beds.empty()) wanted.push_back(f->listed.layerings[chosen[m].layering]);
      if (!f->beds.empty()) continue;
      for (const std::size_t l : offered(*f, place_[m].second, chosen[m].layering))
        wanted.push_back(f->listed.layerings[l]);
    }
    if (f->beds.empty()) f->ways.emplace_back(*f->lattice);
    for (auto& lattice : f->bed_lattices) f->ways.emplace_back(*lattice);
    for (WayBook& book : f->ways) book.work_out(wanted);
  }
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
      gain += counted(target) * (target.recipe.de00 - fixed.back().de00);
      area += counted(target);
    }
    if (gain < prices().pass.fixing * area) continue;
    for (std::size_t i = 0; i < targets.size(); ++i) in_.targets[targets[i]].recipe = std::move(fixed[i]);
  }
}

/// The pass that goes over least of the picture, if that is too little for a minute. Of those in `kept` none.
std::optional<PassKey> Painting::briefest_pass(const std::set<PassKey>& kept) const {
  std::map<PassKey, double> area;
  for (const TargetPlan& t : in_.targets) {
    for (std::size_t i = static_cast<std::size_t>(t.laid); i < t.recipe.strokes.size(); ++i) {
      const Stroke& s = t.recipe.strokes[i];
      if (!t.by_hand) area[pass_of(s)] += t.area;
    }
  }
  std::optional<PassKey> out;
  double least = prices().pass.brief;
  for (const auto& [key, share] : area) {
    if (share < least && kept.count(key) == 0) {
      least = share;
      out = key;
    }
  }
  return out;
}

/// Takes passes that would be over in less than a minute out of the recipes again, the briefest first, where the
/// picture does not miss them once the other layers have pressures that do without.
void Painting::drop_brief_passes(const std::vector<LeveledLayering>& chosen) {
  std::vector<std::size_t> left_out(chosen.size(), 0);
  std::set<PassKey> looked_at;
  while (const std::optional<PassKey> key = briefest_pass(looked_at)) {
    looked_at.insert(*key);
    const std::vector<std::size_t> left_out_before = left_out;
    std::vector<std::pair<std::size_t, Recipe>> before;
    double cost = 0;
    for (std::size_t m = 0; m < chosen.size(); ++m) {
      const auto& [family, place] = place_[m];
      const Layering& layering = family->listed.layerings[chosen[m].layering];
      const std::vector<std::size_t>& targets = family->targets[place];
      for (std::size_t i = 0; i < layering.size(); ++i) {
        if (PassKey{chosen[m].levels[i], layering[i].stick, layering[i].technique} != *key) continue;
        if (in_.targets[targets.front()].by_hand) continue;
        for (const std::size_t t : targets) before.emplace_back(t, in_.targets[t].recipe);
        left_out[m] |= std::size_t{1} << i;
        write_mass(*family, place, chosen[m], left_out[m]);
        write_recipes(targets);
      }
    }
    for (const auto& [t, recipe] : before) cost += counted(in_.targets[t]) * (in_.targets[t].recipe.de00 - recipe.de00);
    if (cost <= prices().pass.missed) continue;
    left_out = left_out_before;
    for (auto& [t, recipe] : before) in_.targets[t].recipe = std::move(recipe);
  }
}

}  // namespace yd::plan
