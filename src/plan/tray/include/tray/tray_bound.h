// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>

#include "tray/tray.h"

namespace yd::plan {

/// A number no tray of at most k sticks can cost less than, so that a tray can be said to be "at most 2 % from the
/// best".
///
/// Lagrangian relaxation: x(t, p) = 1 where target t is made with pair p of sticks i, j; y(i) = 1 where i is in the
/// tray; x(t, p) <= y(i) y(j) is priced with multipliers v >= 0. What is left falls apart into one minimum per target
/// and
///   max over trays of  sum of V(i, j) y(i) y(j),   V = sum over targets of v,
/// which is bounded from above as P. C. Gilmore (J. SIAM 10, 1962) and E. L. Lawler (Management Science 9, 1963) bound
/// the quadratic assignment problem: each stick takes a share of V(i, j) with its k - 1 best partners, and the k best
/// sticks are added up. The shares are multipliers too. Both are climbed by subgradients with momentum (B. T. Polyak,
/// USSR Comp. Math. 9, 1969, for the step). Prices of wishes are left out: they only add to what a tray costs.
struct BoundOptions {
  int most_sticks = 12;
  int iterations = 6000;
  double enough = 0.005;  ///< stop when the gap to `known` is below this share
};
struct TrayBound {
  double bound = 0;
  int iterations = 0;
  bool cancelled = false;  ///< the bound holds all the same
};
/// `known` is the cost of a tray already found: the climb aims at it. Deterministic.
TrayBound bound_tray(const TrayProblem& problem, double known, const BoundOptions& options, Observer& observer);

/// The share by which `cost` may lie above the best: (cost - bound) / cost, at least 0.
double gap(double cost, double bound);

}  // namespace yd::plan
