// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <vector>

#include "subject/measure.h"
#include "support/result.h"

namespace yd::printed {

/// Millimetres from the top left corner of the sheet.
struct Box {
  double left = 0, top = 0, width = 0, height = 0;
  double right() const { return left + width; }
  double bottom() const { return top + height; }
};

/// What the cells are for: a stick each, once pressed in full (recipe.h) and once lightly; or one stroke each.
enum class Purpose { sticks, strokes };

/// What a sheet is known by; its marks say it, so that a photograph is read without being told.
struct Sheet {
  int width_mm = 210;
  int height_mm = 297;
  int cells = 40;
  Purpose purpose = Purpose::sticks;
  bool operator==(const Sheet&) const = default;
};
inline constexpr int kLeastSide_mm = 100;
inline constexpr int kMostSide_mm = 1200;
/// Side of the smallest patch that a stick fills and a photograph of the whole sheet still shows.
inline constexpr double kLeastPatch_mm = 7;

struct Cell {
  Box label;                 ///< room for its number
  std::vector<Box> patches;  ///< of `Purpose::sticks` the full one and the light one
};
/// A printed grey, as a share of the light of the bare sheet.
struct Grey {
  Box box;
  double light = 1;
};

inline constexpr int kMarks = 8;
/// Marks (marks.h) in the corners and amid the sides, from the top left clockwise; greys above and below; cells row by
/// row; places that stay bare between all of them.
struct Layout {
  Sheet sheet;
  std::array<Box, kMarks> marks;
  std::vector<Grey> greys;
  std::vector<Cell> cells;
  std::vector<subject::Point> bare;  ///< millimetres
};
/// Errors: `bad_value` for a size out of range, no cells, or more than fit with patches of kLeastPatch_mm.
Result<Layout> lay_out(const Sheet& sheet);
/// The most cells that fit; 0 where none do.
int most_cells(const Sheet& sheet);

/// Where a mark lies, in words that go after "the mark": "at the top left" …
const char* mark_place(int mark);

}  // namespace yd::printed
