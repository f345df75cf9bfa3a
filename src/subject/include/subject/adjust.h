// SPDX-License-Identifier: MIT
#pragma once

#include <optional>

#include "colour/lab.h"
#include "subject/image.h"

namespace yd::subject {

/// Puts a badly lit photograph right before anything is read from it.
struct Adjust {
  double stops = 0;                    ///< exposure, doublings of light, -4 to 4
  std::optional<colour::Lab> neutral;  ///< a colour of the picture that ought to be without hue
  bool neutral_is_white = false;       ///< and ought to be paper white (kPickedWhite) besides
  bool operator==(const Adjust&) const = default;
};
inline constexpr double kMostStops = 4;
/// L* of a surface an artist would call white.
inline constexpr double kPickedWhite = 95;

/// One matrix on XYZ for every pixel: the picked colour is adapted to D50 by the Bradford transform (ICC.1:2022, annex
/// E), then light is multiplied. Lightness is held at 100.
LabImage adjust(const LabImage& image, const Adjust& adjust);
colour::Lab adjust(const colour::Lab& lab, const Adjust& adjust);

}  // namespace yd::subject
