// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "marks/mark.h"
#include "marks/pile_tree.h"
#include "subject/image.h"

namespace yd::plan {

/// What a pass does to the sheet, pixel by pixel.
struct Deeds {
  static constexpr std::uint8_t kRubs = 0x80;
  PassKind kind = PassKind::stroke;
  int what = -1;  ///< the stick, or the ground that a coat makes
  /// Of a stroke its step in sixteenths, 0 for none, with kRubs where it is rubbed; of a coat or fixative 1 where it
  /// lies.
  std::vector<std::uint8_t> on;
};

/// Of the marks of a pass: it lays its stroke once wherever they lie, however many of them, as the first of them has
/// it; what rubs comes after. Coats and fixative lie where the hand follows their shades.
Deeds deeds_of(const Pass& pass, std::span<const LaidMark> marks, const SheetGrid& grid,
               const subject::Grid<std::int16_t>& target);

/// Piles of the pixels `at` after a pass; `piles` in the same order.
void lay(PileTree& tree, const Deeds& deeds, std::span<const std::uint32_t> at, std::span<int> piles);

/// What lies on each pixel of the sheet while marks are laid on it, one pass after the other.
class Canvas {
 public:
  Canvas(PileTree& piles, const SheetGrid& grid);

  void lay(const Deeds& deeds);

  const subject::Grid<int>& piles() const { return pile_; }
  const SheetGrid& grid() const { return grid_; }
  PileTree& tree() { return *tree_; }

 private:
  PileTree* tree_;
  SheetGrid grid_;
  subject::Grid<int> pile_;
};

}  // namespace yd::plan
