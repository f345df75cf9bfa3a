#pragma once

#include <array>
#include <cstddef>

#include "colour/spectrum.h"

namespace yd::optics {

/// Equal-area strata of the paper's surface, from the peaks (0) to the valleys.
inline constexpr std::size_t kStrata = 12;
using Strata = std::array<float, kStrata>;

/// The tooth of a paper, in load units.
struct Tooth {
  double depth = 1;   ///< mean depth below the peaks
  double shape = 1;   ///< 1: all depths alike often; above: wide plateaus and few deep pits; below: spiky
  double hold = 0.5;  ///< load that still sticks above the plane of the peaks
};

/// A sheet before anything is on it. The same colour at every depth.
struct Ground {
  colour::Spectrum reflectance;
  Strata depth{};
  float hold = 0;
};

/// Depth of the stratum at quantile q is proportional to q^shape, scaled to the mean depth.
Ground make_ground(const colour::Spectrum& reflectance, const Tooth& tooth);

}  // namespace yd::optics
