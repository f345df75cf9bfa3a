// SPDX-License-Identifier: MIT
#pragma once

#include "colour/lab.h"
#include "colour/spectrum.h"
#include "support/result.h"

namespace yd::colour {

/// The smoothest reflectance within (0, 1), or a flat 0 or 1 for perfect black and white, that has this colour under
/// D50: S. A. Burns, "Numerical methods for smoothest reflectance reconstruction", Color Research & Application 45
/// (2020), method LHTSS (least hyperbolic tangent slope squared), by Newton's method on its Lagrangian. Error
/// `unreachable` where no reflectance has the colour (too vivid for its lightness, L outside 0..100).
Result<Spectrum> smoothest_reflectance(const Lab& lab_d50);

/// As above, but a colour no surface can have is drawn towards grey of the same L until one can.
/// `moved_chroma`, if given, receives the share of chroma kept (1 = nothing was changed).
Spectrum nearest_reflectance(const Lab& lab_d50, double* kept_chroma = nullptr);

}  // namespace yd::colour
