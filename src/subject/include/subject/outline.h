// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "subject/measure.h"
#include "subject/regions.h"

namespace yd::subject {

/// The border of a mass as closed lines, places as shares of width and height; the outer one first.
struct Outline {
  int mass = 0;
  std::vector<std::vector<Point>> lines;
};
/// Traced along pixels (S. Suzuki, K. Abe, "Topological structural analysis of digitized binary images by border
/// following", CVGIP 30, 1985) and simplified (D. Douglas, T. Peucker 1973) to within `tolerance_px`. Pieces smaller
/// than a few pixels are left out.
std::vector<Outline> outlines(const LabelImage& labels, std::size_t masses, double tolerance_px = 1.2);

/// Where the number of each mass stands: inside it, as far from its border as can be. Shares of width and height.
std::vector<Point> number_places(const LabelImage& labels, std::size_t masses);

}  // namespace yd::subject
