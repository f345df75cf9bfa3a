// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "marks/mark.h"
#include "recipe/target.h"

namespace yd::plan {

/// Marks that are laid one after the other with one part on one mass: what the hand does before it looks up.
struct MarkGroup {
  std::size_t first = 0, count = 0;  ///< places in the pass
  int part = 0;
  int mass = -1;  ///< -1: whatever lies there
  double seconds = 0;
};
/// The groups of a pass, in order, no longer than a hand keeps count of.
std::vector<MarkGroup> groups_of(const MarkedPass& pass, std::span<const TargetPlan> targets);

/// The mass that a mark follows, or -1.
int mass_of(const LaidMark& mark, std::span<const TargetPlan> targets);

/// Laid marks broad to fine, those of one part mass by mass, as `masses` are ordered; what rubs comes after, broad to
/// fine. Within these the order stays.
void in_order_of_work(std::vector<LaidMark>& marks, std::span<const TargetPlan> targets, std::span<const int> masses);

}  // namespace yd::plan
