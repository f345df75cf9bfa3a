// SPDX-License-Identifier: MIT
// One layering for every mass, so that passes are shared and wishes met.
#include <algorithm>
#include <cmath>
#include <map>

#include "order/order.h"
#include "order/schedule.h"
#include "painting_family.h"

namespace yd::plan {

double Painting::minutes_of(const std::vector<LeveledLayering>& chosen) const {
  std::map<std::tuple<int, int, int>, double> area;
  for (std::size_t m = 0; m < chosen.size(); ++m) {
    const Layering& layering = all_[m].layerings[chosen[m].layering];
    for (std::size_t i = 0; i < layering.size(); ++i)
      area[{chosen[m].levels[i], layering[i].stick, static_cast<int>(layering[i].technique)}] +=
          area_of(all_[m], chosen[m].layering, i);
  }
  double sum = 0;
  for (const auto& [key, share] : area) {
    Pass p;
    p.stick = std::get<1>(key);
    p.technique = static_cast<Technique>(std::get<2>(key));
    sum += 1 + minutes_for(p, share * in_.options->sheet_cm2, in_.sticks, in_.options->pace);
  }
  return sum;
}

namespace {

/// Layers of a picture by which nobody loses their way; more only where the artist asks for more.
constexpr int kUsualPasses = 18;
/// With the accents on top.
constexpr int kUsualWithAccents = 20;

}  // namespace

void Painting::list_masses() {
  all_.clear();
  place_.clear();
  double weights = 0;
  for (auto& f : families_) {
    for (std::size_t m = 0; m < f->masses.size(); ++m) {
      LayeredMass mass;
      mass.area = f->shades.area[m];
      mass.weight = f->shades.counts[m] + kSmallMass / static_cast<double>(in_.masses);
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
    if (a < all_.size() && b < all_.size()) all_[a].bands.push_back({b, length}), all_[b].bands.push_back({a, length});
  }
}

/// Without a wish the price of a pass rises a little at a time until the passes are few enough. With one of passes or
/// minutes it is found by halving; much time buys no pass that is not worth the usual price.
std::vector<LeveledLayering> Painting::choose() {
  list_masses();
  const int most = std::max(3, in_.options->most_strokes);
  PlanPrices prices;
  double low = prices.pass / 30;
  std::vector<LeveledLayering> chosen = choose_layerings(all_, most, prices);
  const auto meets = [&](const std::vector<LeveledLayering>& c) {
    return (!in_.options->wish_passes || static_cast<int>(count_passes(all_, c)) <= *in_.options->wish_passes) &&
           (!in_.options->wish_minutes || minutes_of(c) <= *in_.options->wish_minutes);
  };
  hurried_ = in_.options->wish_minutes.has_value();
  if (!in_.options->wish_passes) {
    constexpr double kDearer = 1.3;
    constexpr double kMostDear = 0.2;  // CIEDE2000 of the whole picture
    while (count_passes(all_, chosen) > kUsualPasses && prices.pass < kMostDear) {
      prices.pass *= kDearer;
      chosen = choose_layerings(all_, most, prices);
    }
    if (meets(chosen)) {
      hurried_ = false;
      return chosen;
    }
    low = prices.pass;
  }
  double high = 40;  // CIEDE2000 of the whole picture: no pass is worth that
  constexpr int kHalvings = 11;
  bool ever = false;
  for (int i = 0; i < kHalvings; ++i) {
    prices.pass = std::sqrt(low * high);
    std::vector<LeveledLayering> tried = choose_layerings(all_, most, prices);
    const bool met = meets(tried);
    (met ? high : low) = prices.pass;
    if (met || !ever) chosen = std::move(tried);
    ever = ever || met;
  }
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
