// SPDX-License-Identifier: MIT
#include "tray_pairs.h"

#include <algorithm>

namespace yd::plan {

std::vector<std::vector<Way>> useful_ways(const TrayProblem& problem, double known) {
  const PairTable& table = *problem.table;
  const auto n = static_cast<int>(table.sticks());
  std::vector<char> barred(table.sticks());
  for (const int s : problem.wishes.forbidden) barred[static_cast<std::size_t>(s)] = 1;
  std::vector<std::vector<Way>> ways(table.targets());
  std::vector<double> least(table.targets(), 1e18);
  double floor = 0;
  for (std::size_t t = 0; t < ways.size(); ++t) {
    const auto cost = [&](int i, int j) {
      const auto p = static_cast<std::size_t>(i);
      const auto q = static_cast<std::size_t>(j);
      return problem.weights[t] * priced(std::min(table.cost(t, p, q), table.cost(t, q, p)));
    };
    std::vector<double> alone(table.sticks());
    for (int i = 0; i < n; ++i) alone[static_cast<std::size_t>(i)] = cost(i, i);
    for (int i = 0; i < n; ++i) {
      if (barred[static_cast<std::size_t>(i)] != 0) continue;
      for (int j = i; j < n; ++j) {
        if (barred[static_cast<std::size_t>(j)] != 0) continue;
        const double c = cost(i, j);
        const double single = std::min(alone[static_cast<std::size_t>(i)], alone[static_cast<std::size_t>(j)]);
        if (i != j && c >= single - 1e-9) continue;
        ways[t].push_back({i, j, static_cast<float>(c)});
        least[t] = std::min(least[t], c);
      }
    }
    floor += ways[t].empty() ? 0 : least[t];
  }
  for (std::size_t t = 0; t < ways.size(); ++t) {
    const double afford = least[t] + std::max(0.0, known - floor) + 1e-6;
    std::erase_if(ways[t], [&](const Way& w) { return w.cost > afford; });
    std::stable_sort(ways[t].begin(), ways[t].end(), [](const Way& p, const Way& q) { return p.cost < q.cost; });
  }
  return ways;
}

}  // namespace yd::plan
