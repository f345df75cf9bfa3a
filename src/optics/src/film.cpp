// SPDX-License-Identifier: MIT
#include "optics/film.h"

#include <algorithm>
#include <cmath>

namespace yd::optics {

Film film(double k, double s, double load) {
  const double beta = std::sqrt(k * (k + 2 * s));
  const double e = std::exp(-beta * load);
  const double g = beta * load < 1e-12 ? 2 * load : -std::expm1(-2 * beta * load) / beta;
  const double d = (k + s) * g + 1 + e * e;
  return {s * g / d, 2 * e / d};
}

double over(const Film& film, double backing) { return film.r0 + film.t * film.t * backing / (1 - film.r0 * backing); }

double endless_reflectance(double k, double s) {
  if (s <= 0) return 0;
  const double q = k / s;
  return 1 + q - std::sqrt(q * q + 2 * q);
}

double k_over_s(double reflectance) { return (1 - reflectance) * (1 - reflectance) / (2 * reflectance); }

Pigment opaque_pigment(const colour::Spectrum& masstone, double scatter) {
  Pigment p;
  for (std::size_t i = 0; i < colour::kBands; ++i) {
    const double r = std::clamp(masstone[i], kDarkest, kLightest);
    p.s[i] = static_cast<float>(scatter);
    p.k[i] = static_cast<float>(scatter * k_over_s(r));
  }
  return p;
}

Pigment transparent_pigment(const colour::Spectrum& over_white) {
  Pigment p;
  for (std::size_t i = 0; i < colour::kBands; ++i) {
    p.k[i] = -0.5F * std::log(std::clamp(over_white[i], kDarkest, 1.0F));
    p.s[i] = 0;
  }
  return p;
}

FilmSpectrum film_spectrum(const Pigment& pigment, float load, float scatter_scale) {
  FilmSpectrum f;
  for (std::size_t i = 0; i < colour::kBands; ++i) {
    const float k = pigment.k[i];
    const float s = pigment.s[i] * scatter_scale;
    // The floor keeps g exact in single precision; it stands for an absorption no powder is free of.
    const float beta = std::sqrt(k * (k + 2 * s)) + 1e-4F;
    const float e = std::exp(-beta * load);
    const float g = (1 - e * e) / beta;
    const float d = 1.0F / ((k + s) * g + 1 + e * e);
    f.r0[i] = s * g * d;
    f.t[i] = 2 * e * d;
  }
  return f;
}

void lay_over(const FilmSpectrum& film, colour::Spectrum& reflectance, float cover) {
  for (std::size_t i = 0; i < colour::kBands; ++i) {
    const float under = reflectance[i];
    const float covered = film.r0[i] + film.t[i] * film.t[i] * under / (1 - film.r0[i] * under);
    reflectance[i] = under + cover * (covered - under);
  }
}

float grain_cover(float load, float grain) { return grain > 0 ? -std::expm1(-load / grain) : 1.0F; }

}  // namespace yd::optics
