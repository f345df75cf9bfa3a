// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "media/collection.h"
#include "tray/tray.h"
#include "tray/tray_bound.h"

namespace yd::plan {

/// Sticks that are searched when a collection is larger: a table of all pairs grows with its square.
inline constexpr std::size_t kMostSearched = 256;

/// The sticks worth searching, as indices, rising: all of a small collection; else, target by target in turn, those
/// whose own colour is nearest, and the darkest, the lightest and the most vivid. Must-haves always, forbidden ones
/// never where there are too many.
std::vector<int> choose_pool(std::span<const media::Stick> sticks, std::span<const colour::Lab> targets,
                             const TrayWishes& wishes, std::size_t most = kMostSearched);

/// All that is needed to choose a tray again for the same targets: for the curve, for the proof, for one stick more.
/// Sticks count by their place in the pool; `to_collection` turns them back.
struct TrayWork {
  PairTable table;
  std::vector<double> weights;
  std::vector<optics::Medium> medium;
  std::vector<int> mass;
  std::vector<int> pool;
  TrayWishes wishes;  ///< by place; sticks not at hand are among the forbidden
  int most_sticks = 12;
  Tray tray;
  bool exchanged = false;  ///< for what layers make of its sticks, which pairs do not tell

  TrayProblem problem() const { return {&table, weights, medium, mass, wishes}; }
  std::vector<int> to_collection(std::span<const int> places) const;
};

/// How near to the best a tray is.
struct TrayProof {
  Tray tray;         ///< as good as the one it started from, or better
  double bound = 0;  ///< no tray of this size costs less
  double gap = 0;    ///< share of the cost that better choice could save at most
  bool improved = false;
};
struct ProofOptions {
  BoundOptions climb;
  double solver_seconds = 8;
};
/// The Lagrangian bound, then the solver on the most promising sticks; a tray that was exchanged is not given up for
/// one that pairs like better. `work.most_sticks` is the size.
Result<TrayProof> prove_tray(const TrayWork& work, const ProofOptions& options, Observer& observer);

}  // namespace yd::plan
