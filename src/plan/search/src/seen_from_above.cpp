// SPDX-License-Identifier: MIT
#include "seen_from_above.h"

#include <array>
#include <numeric>

#include "colour/observer.h"

namespace yd::plan {
namespace {

constexpr float kHidden = 1e-3F;  // share of the area that a guess may leave out

/// XYZ of an endless film of the mixture.
colour::Xyz masstone(std::span<const float> shares, std::span<const optics::CoarsePigment* const> pigments) {
  const optics::CoarsePigment mixed = blend(shares, pigments);
  colour::CoarseSpectrum r;
  for (std::size_t i = 0; i < colour::kCoarseBands; ++i) {
    const float q = mixed.k[i] / mixed.s[i];
    r[i] = 1 + q - __builtin_sqrtf(q * q + 2 * q);
  }
  return colour::to_xyz(r);
}

}  // namespace

colour::Lab guess_from_above(const StackGeometry& geometry, std::span<const optics::CoarsePigment* const> pigments,
                             const colour::Xyz& ground) {
  std::array<float, optics::kStrata> bare{};
  bare.fill(1.0F / optics::kStrata);
  colour::Xyz sum{};
  for (std::size_t n = geometry.coats.size(); n > 0; --n) {
    const StackGeometry::Coat& coat = geometry.coats[n - 1];
    float weight = 0;
    for (std::size_t i = 0; i < optics::kStrata; ++i) {
      weight += bare[i] * coat.loads.cover[i];
      bare[i] *= 1 - coat.loads.cover[i];
    }
    if (weight < kHidden) continue;
    const colour::Xyz c = masstone(coat.share, pigments);
    sum = {sum.x + weight * c.x, sum.y + weight * c.y, sum.z + weight * c.z};
  }
  const float left = std::accumulate(bare.begin(), bare.end(), 0.0F);
  sum = {sum.x + left * ground.x, sum.y + left * ground.y, sum.z + left * ground.z};
  return colour::to_lab(sum, colour::weights(colour::Illuminant::d50).white);
}

}  // namespace yd::plan
