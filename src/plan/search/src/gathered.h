// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "search/layer_choice.h"

namespace yd::plan {

/// Levels of a gathered plan at most: accents lie above.
inline constexpr int kMostGathered = 12;

/// The same layerings in fewer passes: levels are only numbers, so two passes of one stick and manner become one where
/// no mass wants one of them before the other, be it by way of other passes. Levels are counted anew, as low as each
/// can lie.
std::vector<LeveledLayering> gathered(std::span<const LayeredMass> masses, std::vector<LeveledLayering> chosen);

}  // namespace yd::plan
