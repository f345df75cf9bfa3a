// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <functional>
#include <span>

#include "media/collection.h"
#include "recipe/school.h"
#include "recipe/target.h"

namespace yd::plan {

/// Recipes whose layers are chosen, and what is needed to add single strokes to them.
struct Finishing {
  std::span<TargetPlan> targets;      ///< strokes are added to their recipes
  std::span<const StackRules> rules;  ///< of each mass; what is added obeys them like any stroke
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  std::function<const optics::Ground&(const TargetPlan&)> ground;
};

inline constexpr double kWorthAStroke = 1.5;  ///< CIEDE2000 that a stroke must gain on a shade

/// From here on, CIEDE2000, a colour that stands out is not a little off but missing from the picture: a red sail that
/// is grey. What is beyond counts three times, which brings a touch of half a minute to what is a two-thousandth of the
/// picture. Set by eye, on a kite before a blue sky.
inline constexpr double kMissing = 15;
inline double missing(double de00) { return 3 * std::max(0.0, de00 - kMissing); }

/// What a stroke more would bring on one shade.
struct ShadeGain {
  std::size_t target = 0;
  double worth = 0;  ///< CIEDE2000 on the picture, with the eye's weight
  Recipe recipe;
};

/// What a gain is worth on a shade: that of a vivid one counts up to twice, for it catches the eye, that of one that
/// stands out in its mass kVividWeight times, and only where a hand can hit it.
double worth_of(double gain, const TargetPlan& target);

/// Whether a school lets a stick begin a stack under this colour: a coat first where lights are glazed, and in
/// dark-first nothing dark under what is light.
bool may_begin(const StackRules& rules, const media::Stick& stick, const colour::Lab& target);

}  // namespace yd::plan
