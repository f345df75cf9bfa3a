#pragma once

#include <array>
#include <cstdint>
#include <vector>

#include "subject/image.h"

namespace yd::subject {

/// Which mass each pixel belongs to, 0 .. count - 1.
using LabelImage = Grid<std::uint16_t>;

struct Regions {
  LabelImage labels;
  int count = 0;
};

/// Small, even-coloured pieces (SLIC superpixels: R. Achanta et al., IEEE TPAMI 34, 2012), each connected.
Regions superpixels(const LabImage& image, int side_px);

struct MergeOptions {
  int most = 16;            ///< stop merging at this many or fewer …
  int fewest = 8;           ///< … and never go below this while pieces still differ
  double keep_apart = 6;    ///< mean colour distance (value weighted 1.5) under which two pieces are one above `fewest`
  double smallest = 0.004;  ///< share of the picture; smaller pieces always join a neighbour
  double halo = 0.03;       ///< share of the picture's side; thinner strips of in-between colour join a neighbour
};

/// Joins neighbouring pieces, the least costly pair first (J. H. Ward, JASA 58, 1963: the growth of the squared
/// colour error), until few enough masses are left. Deterministic; every result is connected (4-neighbours).
Regions merge_regions(const LabImage& image, const Regions& pieces, const MergeOptions& options);

/// Smooths borders by a majority vote of 5 x 5 and hands fragments to the neighbour they touch most, so that each
/// region stays connected.
void smooth_borders(Regions& regions);

/// Keeps the largest connected piece of every label; its other pieces take the label of the neighbour they touch most.
LabelImage keep_largest(const LabelImage& labels);

/// Each pixel takes the label that holds most of the 5 x 5 around it.
LabelImage vote(const LabelImage& labels);

/// Masses that lie in a circle with at least half of their area, and the one at its centre; rising. `x`, `y` shares of
/// width and height, `radius` a share of the longer side.
std::vector<int> masses_within(const LabelImage& labels, std::size_t masses, const std::array<double, 2>& centre,
                               double radius);

/// Nearest-neighbour enlargement; connectedness is kept.
LabelImage enlarge(const LabelImage& labels, int width, int height);

/// Pieces of equal label, each connected one by itself (4-neighbours).
Regions connected_pieces(const LabelImage& labels);

}  // namespace yd::subject
