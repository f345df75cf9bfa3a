// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstddef>

namespace yd::colour {

/// 36 bands, centred on 380, 390, … 730 nm. The end bands also stand for what lies beyond them.
inline constexpr std::size_t kBands = 36;
inline constexpr double kFirstBand_nm = 380.0;
inline constexpr double kBandStep_nm = 10.0;

/// One number per band: a reflectance (0 to 1), an absorption or a scattering (per unit load).
/// Aligned so that a band loop fills whole vector registers.
template <std::size_t Count>
struct alignas(32) Bands {
  std::array<float, Count> band{};

  float& operator[](std::size_t i) { return band[i]; }
  float operator[](std::size_t i) const { return band[i]; }
  static Bands constant(float value) {
    Bands s;
    s.band.fill(value);
    return s;
  }
};

using Spectrum = Bands<kBands>;

/// Every second band from 400 to 700 nm. A film answers band by band, so a search counts with these and what it keeps
/// is worked out with all 36. They differ by kCoarseAgreement CIEDE2000 at most over two layers of any two shipped
/// sticks.
inline constexpr std::size_t kCoarseBands = 16;
inline constexpr double kCoarseAgreement = 0.1;
inline constexpr std::size_t kFirstCoarse = 2;
using CoarseSpectrum = Bands<kCoarseBands>;
/// Those bands of the 36; nothing is averaged.
inline CoarseSpectrum coarse(const Spectrum& s) {
  CoarseSpectrum out;
  for (std::size_t i = 0; i < kCoarseBands; ++i) out[i] = s[kFirstCoarse + 2 * i];
  return out;
}

inline constexpr double band_nm(std::size_t i) { return kFirstBand_nm + kBandStep_nm * static_cast<double>(i); }

}  // namespace yd::colour
