// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "plan/plan.h"

namespace yd::plan {

/// What a medium is made of and how it wears. Our own guesses, from memory: wear that the artist says goes before them.
struct StickBody {
  double length_mm = 65;    ///< of a new one
  double section_mm2 = 95;  ///< of what lays colour
  double lost = 1.3;        ///< dust, sharpening, crumbs: more goes than lies on the paper
};
StickBody body_of(optics::Medium medium);

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
