// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <span>
#include <vector>

#include "colour/lab.h"
#include "optics/film.h"
#include "optics/kernel.h"
#include "optics/pile.h"

namespace yd::optics {

/// How a pile looks from far off and from near, under D50.
struct Look {
  colour::Lab lab;          ///< far-off colour: the mean reflectance over the strata
  double spread_l = 0;      ///< standard deviation of L* over the strata
  double local_chroma = 0;  ///< mean chroma over the strata: what each speck keeps
  double speckle = 0;       ///< what the eye sees of the strata side by side (`Speckle::seen`)
};

/// How strata differ from each other.
struct Speckle {
  double l = 0;     ///< standard deviation of L*
  double seen = 0;  ///< the same with a* and b*, which count by kChromaSeen
};
/// The eye resolves differences of chroma less finely than of lightness: of streaks 1.1 mm wide, at arm's length, four
/// tenths of them (X. Zhang, B. A. Wandell, "A spatial extension of CIELAB for digital color-image reproduction",
/// Journal of the SID 5, 1997; the mean of its two channels of colour).
inline constexpr double kChromaSeen = 0.4;

/// Films laid bottom to top on the ground, stratum by stratum. `pigments` is indexed by the pile's pigment numbers.
/// The slow, general twin of the search's inner loop.
StrataSpectra shade(const Pile& pile, std::span<const Pigment> pigments);

/// The coats of one event over all strata.
struct PileCoat {
  CoatLoads loads;
  int mix = 0;  ///< index into Pile::mixes()
};
/// Bottom to top; events of which nothing is left are not among them.
std::vector<PileCoat> coats_of(const Pile& pile);

/// The quick twin of `shade`, in the coarse bands, by the kernel of the search.
CoarseStrata shade(const Pile& pile, std::span<const CoarsePigment> pigments);

/// K and S of a mixture add by load.
Pigment mix_pigments(const Mix& mix, std::span<const Pigment> pigments);

/// The pile as something to work on: its colours stratum by stratum, the tooth that is left. What lies there counts as
/// bound: a later rub does not stir it.
Ground settle(const Pile& pile, std::span<const Pigment> pigments);

colour::Spectrum mean(const StrataSpectra& strata);
colour::CoarseSpectrum mean(const CoarseStrata& strata);
/// Standard deviation of L* over the strata.
double lightness_spread(const CoarseStrata& strata);
Speckle speckle(const StrataSpectra& strata);
Speckle speckle(const CoarseStrata& strata);
Look look(const StrataSpectra& strata);

}  // namespace yd::optics
