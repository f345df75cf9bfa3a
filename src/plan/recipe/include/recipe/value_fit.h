// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <string>

#include "media/collection.h"
#include "optics/ground.h"
#include "optics/parameters.h"
#include "recipe/recipe.h"
#include "subject/masses.h"
#include "support/result.h"

namespace yd::plan {

/// What is done with values that pastel cannot reach. Keep: targets stay as seen. Compress: the whole range is drawn
/// together evenly. Anchor the lights: light values stay, darks are drawn together. Anchor the darks: the reverse.
enum class Fit { keep, compress, anchor_lights, anchor_darks };
inline constexpr Fit kAllFits[] = {Fit::keep, Fit::compress, Fit::anchor_lights, Fit::anchor_darks};
const char* name(Fit fit);
Result<Fit> fit_by_name(const std::string& name);

/// L*, darkest and lightest.
struct ValueRange {
  double dark = 0;
  double light = 100;
};

/// Darkest and lightest L* of two firm strokes of any of these sticks on this ground, and of the darkest ones over each
/// other; the first of the two rubbed into the tooth, or laid. Empty: the ground's own.
ValueRange reachable_range(const optics::Ground& ground, std::span<const media::Stick> sticks,
                           const optics::Parameters& parameters, Technique first = Technique::rubbed);

/// Of all targets of all masses.
ValueRange range_of(std::span<const subject::Mass> masses);

/// Values that can be reached are moved only a quarter as far inside the reach as what cannot be reached lies outside
/// it, and never beyond this L*.
inline constexpr double kPivot = 50;
/// L* after the fit: continuous, never falling, unchanged where `from` lies inside `reach`.
double fit_lightness(double l, Fit fit, const ValueRange& from, const ValueRange& reach);

}  // namespace yd::plan
