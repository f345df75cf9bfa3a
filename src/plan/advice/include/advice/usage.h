// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "make/plan.h"

namespace yd::plan {

/// What a plan takes of one stick.
struct StickUse {
  int stick = 0;         ///< index into the collection
  double area_cm2 = 0;   ///< that its strokes touch, each stroke for itself
  double length_mm = 0;  ///< worn off
  double share = 0;      ///< of a new one, above 0
};

/// By the loads the plan's strokes lay, rising by stick. `sheet_cm2`: of the picture.
std::vector<StickUse> use_of(const Plan& plan, double sheet_cm2, const media::Paper& paper,
                             std::span<const media::Stick> sticks, const optics::Parameters& parameters);

}  // namespace yd::plan
