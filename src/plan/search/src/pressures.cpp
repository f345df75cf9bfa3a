// SPDX-License-Identifier: MIT
#include "search/pressures.h"

#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "search/layer_search.h"

namespace yd::plan {
namespace {

constexpr double kPull = 0.35;      // CIEDE2000 for a whole layer more or less than the neighbours in colour
constexpr double kNeighbour = 5.0;  // CIEDE2000 between colours that pull at each other
constexpr int kPulls = 4;
constexpr double kPoorStart = 2;  // CIEDE2000 that a light shade pays for it

double apart(const PressureWay& p, const PressureWay& q) {
  double sum = 0;
  for (std::size_t i = 0; i < p.pressures.size(); ++i) sum += std::abs(p.pressures[i] - q.pressures[i]);
  return sum;
}

/// Of every place and way, with the light shades' price of a poor start.
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
    const double calm = calm_of(places[p].smooth, places[p].target);
    const double light = places[p].target.l > kLightShade ? kPoorStart : 0;
    for (std::size_t w = 0; w < ways.size(); ++w) {
      const double off = static_cast<double>(difference[w]) * difference[w];
      const double more = kOffAndMarked * std::sqrt(ways[w].marks) * std::min<double>(off, kOffMost * kOffMost);
      out[p][w] = std::sqrt(off + ways[w].unsteady + places[p].smooth * ways[w].marks + calm * more) +
                  (ways[w].poor_start ? light : 0);
    }
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
      const double d = colour::ciede2000(places[p].target, places[q].target) / kNeighbour;
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
        for (std::size_t q = 0; q < n && sum < least; ++q) sum += kPull * near[p][q] * apart(ways[w], ways[best[q]]);
        if (sum < least) least = sum, to = w;
      }
      changed = changed || to != best[p];
      best[p] = to;
    }
    if (!changed) break;
  }
  return best;
}

}  // namespace yd::plan
