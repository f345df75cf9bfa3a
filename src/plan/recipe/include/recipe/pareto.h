// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "recipe/recipe.h"

namespace yd::plan {

/// Stacks for one target that no other beats in everything: colour error, number of strokes, tooth used, speckle. Only
/// those within kParetoReach CIEDE2000 of the nearest, at most kParetoMost, nearest first. Steps smaller than an artist
/// would notice (0.25 CIEDE2000, 2 % of tooth, 0.5 of speckle) do not count as better.
inline constexpr double kParetoReach = 4.0;
inline constexpr std::size_t kParetoMost = 10;
std::vector<Stack> pareto(std::span<const Stack> stacks, const colour::Lab& target);

}  // namespace yd::plan
