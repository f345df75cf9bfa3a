// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstdint>
#include <memory>
#include <vector>

#include "colour/profile.h"

namespace yd::colour {

/// The RGB profiles that are three curves and a matrix, as nearly all of cameras and screens are (ICC.1:2010, F.3),
/// with the curves as tables: Little CMS, which works them out anew for each pixel, takes three times as long.
class Shaper {
 public:
  /// Of an open profile of Little CMS; null where it is not of that kind, or says more than curves and a matrix.
  static std::shared_ptr<const Shaper> of(void* profile);

  LabPixel lab(std::uint16_t r, std::uint16_t g, std::uint16_t b) const;

 private:
  using Curve = std::shared_ptr<const std::vector<float>>;  ///< light for each of 65536 levels
  std::array<Curve, 3> curves_;
  std::array<std::array<double, 3>, 3> to_xyz_{};  ///< X, Y, Z by r, g, b, as Little CMS scales them
};

}  // namespace yd::colour
