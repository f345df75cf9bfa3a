// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstddef>

#include "colour/spectrum.h"

namespace yd::optics {

/// Equal-area strata of the paper's surface, from the peaks (0) to the valleys.
inline constexpr std::size_t kStrata = 12;
using Strata = std::array<float, kStrata>;
/// Reflectance of each stratum, peaks first.
template <std::size_t Count>
using StrataBands = std::array<colour::Bands<Count>, kStrata>;
using StrataSpectra = StrataBands<colour::kBands>;
/// For a search, see colour/spectrum.h.
using CoarseStrata = StrataBands<colour::kCoarseBands>;
CoarseStrata coarse(const StrataSpectra& strata);

/// The tooth of a paper, in load units.
struct Tooth {
  double depth = 1;   ///< mean depth below the peaks
  double shape = 1;   ///< 1: all depths alike often; above: wide plateaus and few deep pits; below: spiky
  double hold = 0.5;  ///< load that still sticks above the plane of the peaks
};

/// What the first stroke falls on: a bare sheet, the same colour at every depth, or one with a coat that has dried.
struct Ground {
  StrataSpectra reflectance;
  Strata depth{};  ///< below the plane of the bare peaks; below 0 where a coat stands above it
  float hold = 0;
  Strata room{};  ///< load heights that the bare sheet could take: what a full tooth is measured against
};

/// Depth of the stratum at quantile q is proportional to q^shape, scaled to the mean depth.
Ground make_ground(const colour::Spectrum& reflectance, const Tooth& tooth);

}  // namespace yd::optics
