// SPDX-License-Identifier: MIT
#pragma once

#include "tells.h"

namespace yd::plan {

/// What the finished picture comes to on each pixel, DIN99o, when what is still to come is laid as the plan has it.
using Foreseen = std::vector<cv::Vec3f>;
Foreseen as_planned(const SheetReading& reading, std::span<const ShadeMade> made);

/// Marks of a pass over the shades that it is laid on. What they make other than planned is noted in `foreseen`, so
/// what comes after them makes up for it.
MarkedPass body_marks(const MarkingInput& input, const SheetReading& reading, const Pass& pass, const Tells& tells,
                      double price, Foreseen& foreseen);

}  // namespace yd::plan
