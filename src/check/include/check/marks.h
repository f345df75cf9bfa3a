// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <vector>

#include "check/geometry.h"
#include "check/photo.h"

namespace yd::check {

/// A printed mark (printed/marks.h) in a photograph.
struct MarkSeen {
  int mark = 0;
  Quad corners;  ///< of the black square, pixels of `photo.image`, in the order the mark itself has
};
/// Every mark of the family in a photograph.
std::vector<MarkSeen> marks_seen(const Photo& photo);

/// The corners of a picture with a printed corner mark laid at each: none unless all four are seen, once each.
std::optional<Quad> corners_by_marks(const std::vector<MarkSeen>& marks);

}  // namespace yd::check
