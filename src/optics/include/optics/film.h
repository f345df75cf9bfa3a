// SPDX-License-Identifier: MIT
#pragma once

#include "colour/spectrum.h"

namespace yd::optics {

/// Agreement of the closed form with an ODE solver that docs/model/film.md promises and tests/optics asks for.
inline constexpr double kFilmAccuracy = 1e-9;

/// A film alone, at one wavelength: reflectance over black and transmittance, each 0 to 1.
struct Film {
  double r0 = 0;
  double t = 1;
};

/// P. Kubelka, "New contributions to the optics of intensely light-scattering materials. Part I", JOSA 38
/// (1948), eqs. 19 and 25, rewritten with beta = sqrt(K (K + 2 S)) and g = (1 - exp(-2 beta d)) / beta so that
/// K = 0 and S = 0 need no special case:  R0 = S g / D,  T = 2 exp(-beta d) / D,  D = (K + S) g + 1 + exp(-2 beta d).
/// `k`, `s` >= 0 per unit load, `load` >= 0.
Film film(double k, double s, double load);

/// The film over a backing: R0 + T^2 Rg / (1 - R0 Rg) (Kubelka 1948, the (R0, T) form).
double over(const Film& film, double backing);

/// Reflectance of an endless film: 1 + K/S - sqrt((K/S)^2 + 2 K/S).
double endless_reflectance(double k, double s);

/// K/S of an endless film with this reflectance: (1 - R)^2 / (2 R), 0 < R <= 1.
double k_over_s(double reflectance);

/// Absorption and scattering per unit load, band by band.
template <std::size_t Count>
struct BandPigment {
  colour::Bands<Count> k, s;
};
using Pigment = BandPigment<colour::kBands>;
/// For a search, see colour/spectrum.h.
using CoarsePigment = BandPigment<colour::kCoarseBands>;
inline CoarsePigment coarse(const Pigment& p) { return {colour::coarse(p.k), colour::coarse(p.s)}; }

/// Pigment whose endless film has `masstone`, with the same scattering in every band. Reflectances are kept
/// inside [kDarkest, kLightest]: no powder is perfectly black or white.
inline constexpr float kDarkest = 0.005F;
inline constexpr float kLightest = 0.985F;
Pigment opaque_pigment(const colour::Spectrum& masstone, double scatter);

/// A pigment that only absorbs: one unit of load over a perfect white gives `over_white` (light goes through twice).
Pigment transparent_pigment(const colour::Spectrum& over_white);

/// All bands of one film in single precision; `scatter_scale` multiplies S (fixative fills air gaps, water wets).
struct FilmSpectrum {
  colour::Spectrum r0, t;
};
FilmSpectrum film_spectrum(const Pigment& pigment, float load, float scatter_scale = 1.0F);

/// Lays a film over what is there, band by band, in place. `cover` is the share of the area it lies on.
void lay_over(const FilmSpectrum& film, colour::Spectrum& reflectance, float cover = 1.0F);

/// Share of the area that a load of grains covers: 1 - exp(-load / grain), as if they fell at random; the covered
/// part then holds load / cover. Without it the thinnest veil of black would hide everything.
float grain_cover(float load, float grain);

}  // namespace yd::optics
