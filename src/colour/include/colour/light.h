// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>

#include "colour/lab.h"

namespace yd::colour {

/// Linear light of the sRGB primaries (IEC 61966-2-1), 1 = white. What is finer than a pixel, and what the lens blurs,
/// adds up in it. Colours outside sRGB leave 0 to 1.
struct Light {
  float r = 0, g = 0, b = 0;
};

/// IEC 61966-2-1, 8 bits to linear and back; clipped to 0 and 255.
float light_of_level(std::uint8_t level);
std::uint8_t level_of_light(double light);
/// The same of a fraction, 0 to 1 and a little beyond.
double light_of_fraction(double fraction);

/// The primaries adapted to D50 by Bradford, as in the profile connection space (ICC.1).
Light to_light(const Lab& lab_d50);
Lab to_lab(const Light& light);
/// Relative luminance under D50, 1 = white.
inline float luminance(const Light& c) { return 0.2225045F * c.r + 0.7168786F * c.g + 0.0606169F * c.b; }

}  // namespace yd::colour
