// SPDX-License-Identifier: MIT
#pragma once

#include <array>

#include "colour/spectrum.h"
#include "optics/film.h"
#include "optics/ground.h"

namespace yd::optics {

/// A coat on all strata at once, ready for the inner loop: R0 and T^2 of the covered part, and the share covered. In
/// the coarse bands: a search ranks with them.
struct CoatTable {
  std::array<float, kStrata> cover{};  ///< 0 where nothing landed
  CoarseStrata r0;
  CoarseStrata t2;
};

/// Loads of one coat over the strata, without colour.
struct CoatLoads {
  std::array<float, kStrata> load{};
  std::array<float, kStrata> cover{};
  float scatter_scale = 1;
};

/// The inner loops of the search, in single precision. Two builds of the same source: baseline and AVX2 with fused
/// multiply-add, picked once at run time. They agree to kKernelAgreement in reflectance.
inline constexpr float kKernelAgreement = 1e-5F;
struct Kernel {
  /// Films of one pigment at the given loads.
  void (*films)(const CoarsePigment& pigment, const CoatLoads& loads, CoatTable& out);
  /// Lays `coat` over `under` and writes the new strata.
  void (*lay)(const CoarseStrata& under, const CoatTable& coat, CoarseStrata& out);
  /// As lay, but only the mean over the strata is written.
  void (*lay_mean)(const CoarseStrata& under, const CoatTable& coat, colour::CoarseSpectrum& mean);
  const char* name;
};

/// The best kernel for this processor.
const Kernel& kernel();
/// The one for any processor, and the fast one (nullptr where the processor lacks AVX2 or FMA), for tests.
const Kernel& baseline_kernel();
const Kernel* avx2_kernel();

}  // namespace yd::optics
