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

/// The corner marks of a picture, from the top left clockwise: none unless all four are seen, once each.
using CornerMarks = std::array<MarkSeen, 4>;
std::optional<CornerMarks> corner_marks(const std::vector<MarkSeen>& marks);

/// A place of the photograph by its place on the mark, in sides of it from its top left.
Point on_mark(const MarkSeen& mark, const Point& place);

/// Corners of the picture that the marks are laid at; none where they make no picture.
std::optional<Quad> corners_by_marks(const CornerMarks& marks);

}  // namespace yd::check
