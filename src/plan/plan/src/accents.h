// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <span>

#include "media/collection.h"
#include "recipe/school.h"
#include "recipe/target.h"

namespace yd::plan {

/// Recipes that are finished but for accents.
struct AccentInput {
  std::span<TargetPlan> targets;      ///< strokes are added on top of their recipes
  std::span<const StackRules> rules;  ///< of each mass; an accent obeys them like any stroke
  std::span<const int> tray;
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  std::function<const optics::Ground&(const TargetPlan&)> ground;
  int most = 5;  ///< passes
};

/// Accents are strokes of their own: one stick, firm and laid, on the few shades where it gains most over the whole
/// picture, small vivid colours before dull ones, and only where a shade lies in places that a hand can hit. Found one
/// after the other, until the next is not worth its pass. Returns how many there are.
int add_accents(const AccentInput& input);

}  // namespace yd::plan
