// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "support/observer.h"
#include "support/result.h"

namespace yd::plan {

/// One piece of work with one tool in the hand.
struct Job {
  int tool = 0;        ///< equal numbers: nothing to change between them
  double minutes = 0;  ///< of work, 0 or more
};
/// `before` is finished, and `lag` minutes have gone by, when `after` begins.
struct Precedence {
  int before = 0;
  int after = 0;
  double lag = 0;  ///< minutes of drying, 0 or more
};
struct SequenceProblem {
  std::vector<Job> jobs;  ///< of equally good ones the earlier in this list goes first
  std::vector<Precedence> edges;
  double change_minutes = 1;  ///< to wipe the fingers and fetch another stick
  int in_hand = -1;           ///< tool at the start; -1: none, the first one is a change too
};

/// A sequence that obeys every edge in few minutes: work, changes of tool, waiting for what dries.
///
/// Beam search over runs: whoever takes up a stick lays all that is ready for it, since a further job with the stick in
/// the hand costs nothing and forbids nothing (without lags this loses no optimum). Every state is valued by a bound on
/// the changes still needed: per tool, the longest chain of its jobs that other tools' jobs keep apart.
/// The bound of the answer: a best-first search over the same runs without lags, stopped after `expansions`, proves
/// that no sequence needs fewer changes; the longest path through work and lags that none is faster.
struct SequenceOptions {
  int beam = 96;
  int expansions = 4000;
};
struct Sequence {
  std::vector<int> order;     ///< all jobs, once each
  std::vector<double> start;  ///< minutes, by place in `order`
  double minutes = 0;         ///< to the end of the last job
  double waiting = 0;         ///< of these
  int changes = 0;            ///< of tool
  int changes_bound = 0;      ///< no sequence has fewer
  double minutes_bound = 0;   ///< no sequence is faster
};

/// Deterministic. Errors: `bad_value` for an edge to nowhere or a circle of edges, `cancelled`.
Result<Sequence> sequence_jobs(const SequenceProblem& problem, const SequenceOptions& options, Observer& observer);

/// Clock, waiting and changes of one order that obeys the edges: the slow, obvious reckoning the search is tested
/// against.
Sequence reckon(const SequenceProblem& problem, const std::vector<int>& order);

}  // namespace yd::plan
