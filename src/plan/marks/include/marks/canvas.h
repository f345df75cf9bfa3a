// SPDX-License-Identifier: MIT
#pragma once

#include <span>

#include "marks/mark.h"
#include "marks/pile_tree.h"
#include "subject/image.h"

namespace yd::plan {

/// What lies on each pixel of the sheet while marks are laid on it, one pass after the other. A pass lays its stroke
/// once wherever its marks lie, however many of them.
class Canvas {
 public:
  Canvas(PileTree& piles, const SheetGrid& grid);

  /// A coat on bare places, by the ground it makes there.
  void coat(int ground, const subject::Grid<std::uint8_t>& where);
  void fix(const subject::Grid<std::uint8_t>& where);
  /// Marks of one stick, and of what rubs them.
  void lay(const Pass& pass, std::span<const LaidMark> marks);

  const subject::Grid<int>& piles() const { return pile_; }
  const SheetGrid& grid() const { return grid_; }
  PileTree& tree() { return *tree_; }

 private:
  PileTree* tree_;
  SheetGrid grid_;
  subject::Grid<int> pile_;
  subject::Grid<std::uint16_t> laid_by_, rubbed_by_;
  std::uint16_t passes_ = 0;
};

}  // namespace yd::plan
