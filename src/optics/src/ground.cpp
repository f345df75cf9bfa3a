// SPDX-License-Identifier: MIT
#include "optics/ground.h"

#include <cmath>

namespace yd::optics {

CoarseStrata coarse(const StrataSpectra& strata) {
  CoarseStrata out;
  for (std::size_t i = 0; i < kStrata; ++i) out[i] = colour::coarse(strata[i]);
  return out;
}

Ground make_ground(const colour::Spectrum& reflectance, const Tooth& tooth) {
  Ground g;
  g.reflectance.fill(reflectance);
  g.hold = static_cast<float>(tooth.hold);
  double sum = 0;
  std::array<double, kStrata> shape{};
  for (std::size_t i = 0; i < kStrata; ++i) {
    shape[i] = std::pow((static_cast<double>(i) + 0.5) / kStrata, tooth.shape);
    sum += shape[i];
  }
  for (std::size_t i = 0; i < kStrata; ++i) {
    g.depth[i] = static_cast<float>(tooth.depth * shape[i] * kStrata / sum);
    g.room[i] = g.depth[i] + g.hold;
  }
  return g;
}

}  // namespace yd::optics
