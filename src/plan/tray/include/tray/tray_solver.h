// SPDX-License-Identifier: MIT
#pragma once

#include "tray/tray.h"

namespace yd::plan {

/// The tray as a mixed-integer problem, solved by CBC from a tray already found:
///   least  sum of c(t, p) x(t, p) + price * (media used - 1)
///   one way for each target; all ways of a target that use stick s together <= y(s); y(s) <= u(medium of s);
///   sum of y <= k; must-have sticks 1; forbidden ones left out.
/// With more sticks than `most_searched` only the most promising ones are given to the solver: then it can improve the
/// tray but proves nothing about the rest. The price of lonely sticks is not in the problem; the tray it finds is kept
/// only where it costs less by tray_cost.
struct SolverOptions {
  int most_sticks = 12;
  double seconds = 10;
  int most_searched = 40;
};
struct SolverAnswer {
  Tray tray;              ///< never worse than what it started from
  double bound = 0;       ///< no tray costs less; 0 where sticks were left out
  bool optimal = false;   ///< the problem it was given was solved to the end
  bool complete = false;  ///< and it was the whole problem
};
/// Deterministic but for the time limit. Errors: `bad_value`.
Result<SolverAnswer> solve_tray(const TrayProblem& problem, const Tray& start, const SolverOptions& options);

}  // namespace yd::plan
