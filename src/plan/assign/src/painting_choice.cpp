// SPDX-License-Identifier: MIT
// One layering for every mass, so that passes are shared and wishes met.
#include <algorithm>
#include <cmath>
#include <map>

#include "order/order.h"
#include "order/schedule.h"
#include "order/sequence.h"
#include "painting_family.h"

namespace yd::plan {

namespace {

const double kChange = SequenceProblem{}.change_minutes;  // from one stick to the next

/// Layers of a picture by which nobody loses their way; more only where the artist asks for more.
constexpr int kUsualPasses = 18;
/// With the accents on top.
constexpr int kUsualWithAccents = 20;

}  // namespace

double Painting::minutes_over(const Layer& layer, double share) const {
  Pass p;
  p.stick = layer.stick;
  p.technique = layer.technique;
  return minutes_for(p, share * in_.options->sheet_cm2, in_.sticks, in_.options->pace);
}

double Painting::minutes_of(const std::vector<LeveledLayering>& chosen) const {
  std::map<std::pair<int, Layer>, double> area;
  for (std::size_t m = 0; m < chosen.size(); ++m) {
    const Layering& layering = all_[m].layerings[chosen[m].layering];
    for (std::size_t i = 0; i < layering.size(); ++i)
      area[{chosen[m].levels[i], layering[i]}] += area_of(all_[m], chosen[m].layering, i);
  }
  double sum = 0;
  for (const auto& [pass, share] : area) sum += kChange + minutes_over(pass.second, share);
  return sum;
}

/// Of each mass and layering: minutes over the paper, sticks taken up apart.
std::vector<std::vector<double>> Painting::minutes_of_layerings() const {
  std::vector<std::vector<double>> out(all_.size());
  for (std::size_t m = 0; m < all_.size(); ++m) {
    const LayeredMass& mass = all_[m];
    for (std::size_t l = 0; l < mass.layerings.size(); ++l) {
      double minutes = 0;
      for (std::size_t i = 0; i < mass.layerings[l].size(); ++i) {
        const Layer& layer = mass.layerings[l][i];
        minutes += minutes_over(layer, area_of(mass, l, i)) - minutes_over(layer, 0);
      }
      out[m].push_back(minutes);
    }
  }
  return out;
}

/// Fewer minutes than the plan would take: the price of a minute is found at which it takes no more. A wide layer that
/// is laid instead of rubbed, or left out, then pays for many small ones.
std::vector<LeveledLayering> Painting::choose_in_time(const PlanPrices& usual, int most_levels) const {
  double low = 1e-4;
  double high = 40;  // CIEDE2000 of the whole picture: no minute is worth that
  constexpr int kHalvings = 14;
  std::vector<LeveledLayering> chosen;
  const std::vector<std::vector<double>> minutes = minutes_of_layerings();
  std::vector<LayeredMass> masses = all_;
  std::vector<std::vector<float>> costs(all_.size());
  bool ever = false;
  for (int i = 0; i < kHalvings; ++i) {
    const double minute = std::sqrt(low * high);
    PlanPrices prices = usual;
    prices.pass += minute * (kChange + minutes_over({}, 0));
    prices.brief_more *= usual.pass / prices.pass;
    for (std::size_t m = 0; m < all_.size(); ++m) {
      costs[m].assign(all_[m].cost.begin(), all_[m].cost.end());
      for (std::size_t l = 0; l < costs[m].size(); ++l)
        costs[m][l] += static_cast<float>(minute * minutes[m][l] / all_[m].weight);
      masses[m].cost = costs[m];
    }
    std::vector<LeveledLayering> tried = choose_layerings(masses, most_levels, prices);
    const bool met = minutes_of(tried) <= *in_.options->wish_minutes;
    (met ? high : low) = minute;
    if (met || !ever) chosen = std::move(tried);
    ever = ever || met;
  }
  return chosen;
}

void Painting::list_masses() {
  all_.clear();
  place_.clear();
  double weights = 0;
  for (auto& f : families_) {
    for (std::size_t m = 0; m < f->masses.size(); ++m) {
      LayeredMass mass;
      mass.area = f->shades.area[m];
      mass.weight = f->shades.counts[m] + prices().mass.small / static_cast<double>(in_.masses);
      weights += mass.weight;
      mass.layerings = f->listed.layerings;
      mass.cost = f->listed.costs[m];
      mass.used = f->listed.used[m];
      if (!f->beds.empty()) {
        for (const Bed& b : f->beds) {
          for (const Stroke& s : b.laid) {
            // An accent that lies there already does not make accents of the layers that follow.
            if (s.level < kAccentLevel) mass.first_level = std::max(mass.first_level, s.level + 1);
          }
        }
      }
      all_.push_back(mass);
      place_.emplace_back(f.get(), m);
    }
  }
  for (LayeredMass& m : all_) m.weight /= weights;
  const auto place_of = [&](int mass) {
    return static_cast<std::size_t>(
        std::find_if(place_.begin(), place_.end(),
                     [&](const auto& p) { return p.first->masses[p.second] == static_cast<std::size_t>(mass); }) -
        place_.begin());
  };
  for (const auto& [p, q, length] : in_.bands) {
    const std::size_t a = place_of(p);
    const std::size_t b = place_of(q);
    if (a < all_.size() && b < all_.size()) {
      all_[a].bands.push_back({b, length});
      all_[b].bands.push_back({a, length});
    }
  }
}

/// Without a wish the price of a pass rises a little at a time until the passes are few enough. With one of passes it
/// is found by halving, with one of minutes the price of a minute; much time buys no pass that is not worth the usual
/// price.
std::vector<LeveledLayering> Painting::choose() {
  list_masses();
  const int most = std::max(3, in_.options->most_strokes);
  PlanPrices prices;
  std::vector<LeveledLayering> chosen;
  if (in_.options->wish_passes) {
    chosen = choose_in_passes(prices, most);
  } else {
    chosen = choose_layerings(all_, most, prices);
    constexpr double kDearer = 1.3;
    constexpr double kMostDear = 0.2;  // CIEDE2000 of the whole picture
    while (count_passes(all_, chosen) > kUsualPasses && prices.pass < kMostDear) {
      prices.pass *= kDearer;
      chosen = choose_layerings(all_, most, prices);
    }
  }
  hurried_ = in_.options->wish_minutes && minutes_of(chosen) > *in_.options->wish_minutes;
  return hurried_ ? choose_in_time(prices, most) : chosen;
}

/// `prices.pass` ends as the price at which the passes are as few as wished.
std::vector<LeveledLayering> Painting::choose_in_passes(PlanPrices& prices, int most_levels) const {
  double low = prices.pass / 30;
  double high = 40;  // CIEDE2000 of the whole picture: no pass is worth that
  constexpr int kHalvings = 11;
  std::vector<LeveledLayering> chosen;
  bool ever = false;
  for (int i = 0; i < kHalvings; ++i) {
    prices.pass = std::sqrt(low * high);
    std::vector<LeveledLayering> tried = choose_layerings(all_, most_levels, prices);
    const bool met = static_cast<int>(count_passes(all_, tried)) <= *in_.options->wish_passes;
    (met ? high : low) = prices.pass;
    if (met || !ever) chosen = std::move(tried);
    ever = ever || met;
  }
  prices.pass = high;
  return chosen;
}

/// Passes for accents that the artist's wishes leave.
int Painting::most_accents(const std::vector<LeveledLayering>& chosen) const {
  constexpr int kMost = 5;
  constexpr double kMinutes = 2;
  const int passes = in_.options->wish_passes.value_or(kUsualWithAccents);
  int most = std::min(kMost, passes - static_cast<int>(count_passes(all_, chosen)));
  if (in_.options->wish_minutes)
    most = std::min(most, static_cast<int>((*in_.options->wish_minutes - minutes_of(chosen)) / kMinutes));
  return std::max(0, most);
}

}  // namespace yd::plan
