#pragma once

#include <span>
#include <vector>

#include "plan/search.h"

namespace yd::plan {

struct TrayOptions {
  int most_sticks = 12;    ///< k, at least 1
  std::uint64_t seed = 1;  ///< for the kicks out of local optima
  int effort = 400;        ///< kicks times sticks: small trays have steep local optima and cheap kicks
};

struct Tray {
  std::vector<int> sticks;  ///< indices into the collection, sorted
  double cost = 0;          ///< the sum that was made small
};

/// The stack chosen for a target from a tray: indices into the collection.
struct PairChoice {
  int first = 0;
  int second = 0;
  float cost = kForbidden;
};

/// At most k sticks so that the weighted error over all targets, with a growing price on large errors, is small: a
/// p-median whose facilities are shared by pairs. Greedy start, then best swaps until none helps, then a few seeded
/// kicks. A heuristic: tests compare it with enumeration where that is possible.
Result<Tray> choose_tray(const PairTable& table, std::span<const double> weights, const TrayOptions& options,
                         Observer& observer);

/// Cheapest stack of the tray for one target; ties go to the lower index.
PairChoice best_pair(const PairTable& table, std::size_t target, std::span<const int> tray);

/// What the tray costs: sum of weight * priced(cost of the best pair). The price grows beyond kBadMatch, so that no
/// target is given up for the mean.
double tray_cost(const PairTable& table, std::span<const double> weights, std::span<const int> tray);
inline constexpr double kBadMatch = 6.0;

}  // namespace yd::plan
