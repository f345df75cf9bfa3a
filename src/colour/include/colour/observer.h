// SPDX-License-Identifier: MIT
#pragma once

#include <array>

#include "colour/lab.h"
#include "colour/spectrum.h"

namespace yd::colour {

/// Lights a picture is judged in. D50 is the working light (ISO 3664 viewing). `warm_led` is our own
/// two-peak model of a 3000 K gallery lamp, not a measured or standard one.
enum class Illuminant { d50, d65, a, warm_led };
inline constexpr std::array<Illuminant, 4> kIlluminants{Illuminant::d50, Illuminant::d65, Illuminant::a,
                                                        Illuminant::warm_led};

/// Weights that turn reflectance bands into XYZ (Y of the perfect white = 100), and that white.
template <std::size_t Count>
struct BandWeights {
  Bands<Count> x, y, z;
  Xyz white;
};
using Weights = BandWeights<kBands>;

/// CIE 1931 2° colour matching function at `nm` (360 to 830, whole numbers): x, y, z.
std::array<double, 3> matching_function(int nm);

/// Relative spectral power at `nm` (360 to 830). D50, D65: CIE 15 daylight components, linear between
/// 10 nm; A: CIE 15 formula, 100 at 560 nm.
double illuminant_power(Illuminant light, int nm);

/// The weights by cubic Lagrange interpolation of the bands onto 1 nm, as in ASTM E2022. Worked once.
/// Left error against 1 nm integration of smooth reflectances: below 0.05 CIEDE2000 (tests/colour).
const Weights& weights(Illuminant light);

Xyz to_xyz(const Spectrum& reflectance, const Weights& w);
Lab to_lab(const Spectrum& reflectance, const Weights& w);
/// Under D50.
Lab to_lab(const Spectrum& reflectance);
/// L* alone, under D50.
double lightness(const Spectrum& reflectance);

/// The same from the coarse bands, under D50: they are interpolated onto the 36 as those are onto 1 nm.
const BandWeights<kCoarseBands>& coarse_weights();
Xyz to_xyz(const CoarseSpectrum& reflectance);
Lab to_lab(const CoarseSpectrum& reflectance);
double lightness(const CoarseSpectrum& reflectance);

}  // namespace yd::colour
