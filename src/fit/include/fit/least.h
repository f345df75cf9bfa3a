// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <span>
#include <vector>

namespace yd::fit {

using Cost = std::function<double(std::span<const double>)>;

/// How a least is looked for.
struct Search {
  double step = 0.1;    ///< first, in the unit of the numbers
  double fine = 0.002;  ///< it ends once steps are this share of the first
  int tries_a_number = 60;
};
struct Least {
  std::vector<double> at;
  double cost = 0;
};
/// The least of `cost` near `start`, within the bounds: never worse than the start. M. Powell's BOBYQA (2009), of one
/// number his COBYLA (1994), from NLopt. `low` and `high` have the length of `start`.
Least least(const Cost& cost, std::vector<double> start, std::span<const double> low, std::span<const double> high,
            const Search& search);

}  // namespace yd::fit
