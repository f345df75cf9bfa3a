// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "check/geometry.h"

namespace yd::swatches {

/// Where the sheet lies by points known on it, in shares of its sides: homography and the bend of the lens by least
/// squares. `off_px`: what is left, root of the mean square.
struct PlacedSheet {
  check::Placement placement;
  double off_px = 0;
};
struct Pair {
  check::Point share, seen;
};
PlacedSheet placed_by(const std::vector<Pair>& pairs, int width, int height);

}  // namespace yd::swatches
