#pragma once

#include <array>
#include <vector>

#include "check/geometry.h"
#include "check/photo.h"

namespace yd::swatches {

struct MarkSeen {
  int mark = 0;
  check::Quad corners;  ///< of the black square, pixels of `photo.image`, in the order the mark itself has
};
/// Every mark of the family in a photograph.
std::vector<MarkSeen> marks_seen(const check::Photo& photo);

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
