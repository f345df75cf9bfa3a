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
struct alignas(32) Spectrum {
  std::array<float, kBands> band{};

  float& operator[](std::size_t i) { return band[i]; }
  float operator[](std::size_t i) const { return band[i]; }
  static Spectrum constant(float value) {
    Spectrum s;
    s.band.fill(value);
    return s;
  }
};

inline constexpr double band_nm(std::size_t i) { return kFirstBand_nm + kBandStep_nm * static_cast<double>(i); }

}  // namespace yd::colour
