// SPDX-License-Identifier: MIT
#pragma once

#include <opencv2/core.hpp>
#include <span>
#include <vector>

#include "colour/din99o.h"
#include "marks/mark.h"
#include "subject/subject.h"

namespace yd::plan {

/// The subject at the size the hand works at: what is wanted on each pixel, and by which shade it is made.
struct SheetReading {
  SheetGrid grid;
  cv::Mat wanted;                       ///< DIN99o, three floats, as seen from across the room
  cv::Mat weight;                       ///< what a difference counts for there; 1 usually
  cv::Mat along;                        ///< unit vectors, the way of a mark
  subject::Grid<std::int16_t> target;   ///< the shade
  subject::Grid<std::int16_t> towards;  ///< another of its mass whose colour it lies towards; -1: none
  subject::Grid<float> share;           ///< of the other, 0 to 0.5
  double px_mm2() const { return 1 / (grid.px_per_mm * grid.px_per_mm); }
};

/// Pixel by pixel; shades as the subject has them.
SheetReading read_sheet(const subject::Subject& subject, std::span<const TargetPlan> targets, const SheetGrid& grid);

/// What a hand makes that grades a shade towards another of its mass.
struct Graded {
  int towards = 0;
  float share = 0;  ///< of the other's pressures
  colour::Din99o seen;
};

/// What a shade is painted with.
struct ShadeMade {
  colour::Din99o seen;         ///< of its recipe
  std::vector<Graded> graded;  ///< towards others that are not far from it
  int strokes = 1;             ///< of its recipe, each a mark
  double narrowest_mm = 0;     ///< the finest mark that all its sticks can make
};

/// Shades made of places that a mark can fill: from broad to fine, a place that is finer than what it lies in is kept
/// where the difference it takes away, in DIN99o times mm2, is more than `price` for each second of its marks. What
/// lies between two shades of a mass is noted.
void broaden(SheetReading& reading, std::span<const TargetPlan> targets, std::span<const ShadeMade> made, double price);

}  // namespace yd::plan
