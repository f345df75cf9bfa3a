// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "tray/tray.h"

namespace yd::plan {

/// A way to make one target: sticks i <= j (the same for one stick alone) and what it counts for.
struct Way {
  int i = 0;
  int j = 0;
  float cost = 0;
};

/// For every target the ways that can be part of a best tray, cheapest first: no forbidden stick, no pair that one of
/// its own sticks does as well alone, nothing dearer than a tray of cost `known` can afford.
std::vector<std::vector<Way>> useful_ways(const TrayProblem& problem, double known);

}  // namespace yd::plan
