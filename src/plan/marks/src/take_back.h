// SPDX-License-Identifier: MIT
#pragma once

#include "marks/mark_out.h"
#include "reading.h"

namespace yd::plan {

/// Takes marks back that the finished picture misses by less than their seconds are worth: strokes of each pass, then
/// what rubs it, pass by pass, all others as they lie. `marking`: passes as they are given, without finishing.
void take_back(const MarkingInput& input, const SheetReading& reading, PileTree& tree, double price, Marking& marking);

}  // namespace yd::plan
