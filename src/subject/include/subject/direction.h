// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "subject/masses.h"

namespace yd::subject {

/// Which way the marks of a mass run: the main direction of its texture by the structure tensor (J. Bigun, G. H.
/// Granlund, "Optimal orientation detection of linear symmetry", ICCV 1987), along the lines, not across them.
struct Direction {
  double angle_deg = 0;  ///< anticlockwise from level, -90 to 90
  double coherence = 0;  ///< 0: none, 1: all lines run alike
};
/// From here on a mass has a direction of its own.
inline constexpr double kCoherent = 0.25;

/// One for each mass. `image` is the picture before the squint, which smooths texture away.
std::vector<Direction> directions(const LabImage& image, const LabelImage& labels, std::size_t masses);

}  // namespace yd::subject
