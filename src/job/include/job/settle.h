// SPDX-License-Identifier: MIT
#pragma once

#include "job/choices.h"

namespace yd::job {

/// A fresh sheet: nothing is laid, no order was wished.
void take_fresh_sheet(Choices& choices);
/// Marks of passes go with their plan; what was done besides stays done.
void forget_passes(std::vector<plan::PassMark>& marks);
/// What was said of the last picture is not true of another one.
void forget_picture(Choices& choices);

/// What is wished, with all that hangs on it put right: what names masses goes with the reading, what names sticks with
/// the collection, what lies on the paper stays. `plan`: the present one, or null.
Choices settled(const Choices& wished, const Choices& now, const plan::Plan* plan);

}  // namespace yd::job
