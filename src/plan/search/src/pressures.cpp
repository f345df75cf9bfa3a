// SPDX-License-Identifier: MIT
#include "search/pressures.h"

#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "search/layer_search.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr int kPulls = 4;
constexpr double kFinest = 0.0625;           // less than a hand is off by at half pressure (15 % of it) …
constexpr double kBetween = kGrades[0] / 2;  // … and half a grade

double apart(const PressureWay& p, const PressureWay& q) {
  double sum = 0;
  for (std::size_t i = 0; i < p.pressures.size(); ++i) sum += std::abs(p.pressures[i] - q.pressures[i]);
  return sum;
}

/// Of a place that is `off` (squared CIEDE2000) by a way, with the light shades' price of a poor start.
double cost_of(const PressurePlace& place, const PressureWay& way, double off) {
  const double calm = calm_of(place.smooth, place.target);
  const Prices::Smooth& smooth = prices().smooth;
  const double more =
      smooth.with_colour * std::sqrt(way.marks) * std::min(off, smooth.with_colour_most * smooth.with_colour_most);
  return std::sqrt(off + way.unsteady + place.smooth * way.marks + calm * more) +
         (way.poor_start && place.target.l > kLightShade ? prices().start.dark_shade : 0);
}

/// Of every place and way.
std::vector<std::vector<double>> costs_of(std::span<const PressurePlace> places, std::span<const PressureWay> ways) {
  std::vector<float> l;
  std::vector<float> a;
  std::vector<float> b;
  for (const PressureWay& w : ways) {
    l.push_back(static_cast<float>(w.lab.l));
    a.push_back(static_cast<float>(w.lab.a));
    b.push_back(static_cast<float>(w.lab.b));
  }
  std::vector<std::vector<double>> out(places.size(), std::vector<double>(ways.size()));
  std::vector<float> difference(ways.size());
  for (std::size_t p = 0; p < places.size(); ++p) {
    colour::ciede2000_bulk(l.data(), a.data(), b.data(), ways.size(), places[p].target, difference.data());
    for (std::size_t w = 0; w < ways.size(); ++w)
      out[p][w] = cost_of(places[p], ways[w], static_cast<double>(difference[w]) * difference[w]);
  }
  return out;
}

/// How much each place hears of every other: its neighbours in colour, by their areas.
std::vector<std::vector<double>> neighbours_of(std::span<const PressurePlace> places) {
  const std::size_t n = places.size();
  std::vector<std::vector<double>> near(n, std::vector<double>(n));
  for (std::size_t p = 0; p < n; ++p) {
    double sum = 0;
    for (std::size_t q = 0; q < n; ++q) {
      if (p == q) continue;
      const double d = colour::ciede2000(places[p].target, places[q].target) / prices().pressures.neighbour;
      near[p][q] = std::exp(-d * d) * (1e-4 + places[q].area);
      sum += near[p][q];
    }
    for (double& x : near[p]) x /= sum + 0.003;
  }
  return near;
}

}  // namespace

std::vector<std::size_t> fit_pressures(std::span<const PressurePlace> places, std::span<const PressureWay> ways) {
  const std::size_t n = places.size();
  const std::vector<std::vector<double>> cost = costs_of(places, ways);
  const std::vector<std::vector<double>> near = neighbours_of(places);
  std::vector<std::size_t> best(n, 0);
  for (std::size_t p = 0; p < n; ++p)
    best[p] = static_cast<std::size_t>(std::min_element(cost[p].begin(), cost[p].end()) - cost[p].begin());
  for (int round = 0; round < kPulls; ++round) {
    bool changed = false;
    for (std::size_t p = 0; p < n; ++p) {
      double least = 1e12;
      std::size_t to = best[p];
      for (std::size_t w = 0; w < ways.size(); ++w) {
        double sum = cost[p][w];
        for (std::size_t q = 0; q < n && sum < least; ++q)
          sum += prices().pressures.pull * near[p][q] * apart(ways[w], ways[best[q]]);
        if (sum < least) {
          least = sum;
          to = w;
        }
      }
      changed = changed || to != best[p];
      best[p] = to;
    }
    if (!changed) break;
  }
  return best;
}

namespace {

/// Ways of all places between the grades, one place at a time.
class Between {
 public:
  Between(std::span<const PressurePlace> places, std::vector<PressureWay>& ways, const LookBetween& look)
      : places_(places), ways_(ways), look_(look), near_(neighbours_of(places)) {
    for (const PressureWay& w : ways) grades_.push_back(w.pressures);
  }

  /// Whether anything became cheaper.
  bool settle(std::size_t place) {
    bool changed = false;
    for (std::size_t i = 0; i < grades_[place].size(); ++i) {
      if (grades_[place][i] <= 0) continue;
      for (const double by : {-kFinest, kFinest}) changed = press(place, i, by) || changed;
    }
    return changed;
  }

 private:
  bool press(std::size_t place, std::size_t layer, double by) {
    PressureWay& now = ways_[place];
    std::vector<double> pressures = now.pressures;
    pressures[layer] += by;
    if (std::abs(pressures[layer] - grades_[place][layer]) > kBetween || pressures[layer] > 1) return false;
    std::optional<PressureWay> way = look_(place, pressures);
    if (!way) return false;
    way->poor_start = now.poor_start;
    way->unsteady = now.unsteady - now.uneven + way->uneven;
    if (cost(place, *way) >= cost(place, now)) return false;
    now = std::move(*way);
    return true;
  }

  double cost(std::size_t place, const PressureWay& way) const {
    const double off = colour::ciede2000(places_[place].target, way.lab);
    double sum = cost_of(places_[place], way, off * off);
    for (std::size_t q = 0; q < ways_.size(); ++q)
      sum += prices().pressures.pull * near_[place][q] * apart(way, ways_[q]);
    return sum;
  }

  std::span<const PressurePlace> places_;
  std::vector<PressureWay>& ways_;
  const LookBetween& look_;
  std::vector<std::vector<double>> near_;
  std::vector<std::vector<double>> grades_;  ///< that each place was fitted to
};

}  // namespace

void fit_between_grades(std::span<const PressurePlace> places, std::vector<PressureWay>& fitted,
                        const LookBetween& look) {
  Between between(places, fitted, look);
  for (int round = 0; round < kPulls; ++round) {
    bool changed = false;
    for (std::size_t p = 0; p < places.size(); ++p) changed = between.settle(p) || changed;
    if (!changed) break;
  }
}

}  // namespace yd::plan
