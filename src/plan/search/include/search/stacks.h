// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "search/search.h"

namespace yd::plan {

/// Every one- and two-stroke stack of these sticks that the rules allow. `tray` holds indices into input.sticks.
std::vector<Stack> all_stacks(const SearchInput& input, std::span<const int> tray);

/// CIEDE2000 of the stack nearest to a target, of those with at most `strokes` strokes; huge where there is none.
double nearest_difference(std::span<const Stack> stacks, const colour::Lab& target, std::size_t strokes = kMostStrokes);

/// What a stack costs for a target besides its colour error, in CIEDE2000 units: a stroke more, speckle beyond what
/// reads as even, and rubbing on top, which makes a picture lifeless where everything is rubbed. Ours, set by eye.
double stack_price(const Stack& stack);

}  // namespace yd::plan
