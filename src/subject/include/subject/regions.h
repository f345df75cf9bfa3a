// SPDX-License-Identifier: MIT
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
  std::vector<double> importance{};  ///< of each piece, 1 for an ordinary one; empty: all alike
  std::vector<int> owner{};          ///< of each piece: those of two owners never join; empty: all of owner 0
  /// Of each owner, `most` and `fewest` of its own; empty: those above, for all of them together.
  struct Budget {
    int most = 1;
    int fewest = 1;
  };
  std::vector<Budget> budgets{};
};

/// A ring round what matters: `x`, `y` shares of width and height, `radius` a share of the longer side.
struct FocusRing {
  double x = 0.5, y = 0.5, radius = 0.06;
  bool operator==(const FocusRing&) const = default;
};

/// Whether a pixel of a picture of this size lies in one of the rings.
bool in_a_ring(const std::vector<FocusRing>& rings, int x, int y, int width, int height);

/// Where it matters: in rings, and on what is marked.
struct WhatMatters {
  std::vector<FocusRing> rings{};
  Grid<std::uint8_t> marked{};  ///< at any size; empty: nothing besides the rings
  /// Whether a pixel of a picture of this size does.
  bool at(int x, int y, int width, int height) const;
};

/// How much each piece matters: up to twice an ordinary one where its chroma and its contrast with its neighbours stand
/// out from the picture's, and kInFocus times where it lies in a ring. Masses are finer there: an important piece costs
/// more to join with another.
inline constexpr double kInFocus = 8;
inline constexpr std::size_t kMostRings = 24;
std::vector<double> importance_of(const LabImage& image, const Regions& pieces, const std::vector<FocusRing>& rings);

/// Joins neighbouring pieces, the least costly pair first (J. H. Ward, JASA 58, 1963: the growth of the squared
/// colour error), until few enough masses are left. Deterministic; every result is connected (4-neighbours).
Regions merge_regions(const LabImage& image, const Regions& pieces, const MergeOptions& options);

/// Smooths borders by a majority vote of 5 x 5, so that each region stays connected: fragments go to the neighbour they
/// touch most, those of a share of `smallest` or more are regions of their own. `owner`, where it is given, is of every
/// pixel: no border between owners moves.
void smooth_borders(Regions& regions, double smallest, const LabelImage* owner = nullptr);

/// Cuts pieces along the borders between owners; the owner of each piece that comes out.
std::vector<int> split_by_owner(Regions& pieces, const LabelImage& owner);

/// Pieces of a share of `smallest` or more that do not touch the largest piece of their label get labels of their own,
/// from `count` on. Returns the labels that they had.
std::vector<int> free_cut_off(LabelImage& labels, int count, double smallest);

/// Keeps the largest connected piece of every label; its other pieces take the label of the neighbour they touch most,
/// of those of their owner; one that has none stays by itself, under a label of its own.
LabelImage keep_largest(const LabelImage& labels, const LabelImage* owner = nullptr);

/// Each pixel takes the label that holds most of the 5 x 5 around it, of what belongs to its owner.
LabelImage vote(const LabelImage& labels, const LabelImage* owner = nullptr);

/// Masses that lie in a circle with at least half of their area, and the one at its centre; rising. `x`, `y` shares of
/// width and height, `radius` a share of the longer side.
std::vector<int> masses_within(const LabelImage& labels, std::size_t masses, const std::array<double, 2>& centre,
                               double radius);

/// Nearest-neighbour enlargement; connectedness is kept.
LabelImage enlarge(const LabelImage& labels, int width, int height);

/// Pieces of equal label, each connected one by itself (4-neighbours).
Regions connected_pieces(const LabelImage& labels);

}  // namespace yd::subject
