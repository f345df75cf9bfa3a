// SPDX-License-Identifier: MIT
#pragma once

#include "make/plan.h"

namespace yd::plan {

/// A pass that costs this much, CIEDE2000 on the picture, when its pressure is off by the hand, is to be tried on an
/// offcut first.
inline constexpr double kDelicate = 0.08;
inline bool is_delicate(const Pass& pass) { return pass.costs_when_off >= kDelicate; }

/// Fills in what every pass of strokes costs when all of it is too light or too firm by `off` (a share of its pressure,
/// the mean of both): CIEDE2000 to the fitted colours, on the picture, beyond the plan's own.
void mark_delicate(Plan& plan, const media::Paper& paper, std::span<const media::Stick> sticks,
                   const optics::Parameters& parameters, double off);

}  // namespace yd::plan
