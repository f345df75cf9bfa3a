// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "printed/sheet.h"

namespace yd::printed {

/// Square marks that a photograph is found by: the family 36h11 of E. Olson, "AprilTag: A robust and flexible visual
/// fiducial system", ICRA 2011. Each carries its place and six bits of what the sheet is.
inline constexpr int kMarkCells = 10;  ///< along a side, the outer ones white: the black square is eight wide

std::array<int, kMarks> marks_of(const Sheet& sheet);
/// Nothing where the marks are of no sheet of ours, or not of one and the same.
std::optional<Sheet> sheet_of(const std::array<int, kMarks>& marks);
/// Marks of their own for the corners of a picture: laid so that one corner touches the picture's. `corner`: top left,
/// top right, bottom right, bottom left.
inline int corner_mark(int corner) { return 580 + corner; }

/// What the card of a corner mark carries besides: a place left bare and printed greys, along the side of the picture
/// that runs down or up from its corner. Boxes in sides of the mark, from its top left.
inline constexpr int kCardGreys = 4;
std::array<Grey, kCardGreys> card_greys(int corner);

/// The place that a mark says it has, 0 to 7.
int place_of(int mark);

/// Row by row, whether a cell is black.
std::vector<bool> cells_of(int mark);

/// What is black of a mark that fills the box: a run of cells in one piece, so that no printer leaves a hair of white.
std::vector<Box> black_of(const Box& box, int mark);

}  // namespace yd::printed
