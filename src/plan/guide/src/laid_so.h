// SPDX-License-Identifier: MIT
#pragma once

#include "guide/marks.h"
#include "marks/mark.h"

namespace yd::plan {

/// What the rules of the trade say of a place gives way to what its marks are: the part held, the way they run, the
/// tool that rubs most. A place without marks of its own stays as it is told.
void tell_by_marks(const MarkedPass& pass, std::span<const TargetPlan> targets, Touch& touch);

}  // namespace yd::plan
