// SPDX-License-Identifier: MIT
#include "marks/canvas.h"

#include <array>

#include "marks/under.h"

namespace yd::plan {
namespace {

/// Piles after one deed, remembered by the pile before.
class After {
 public:
  template <class Deed>
  int of(int pile, const Deed& deed) {
    const auto at = static_cast<std::size_t>(pile);
    if (at >= known_.size()) known_.resize(at + 1 + known_.size() / 2, -1);
    if (known_[at] < 0) known_[at] = deed(pile);
    return known_[at];
  }

 private:
  std::vector<int> known_;
};

}  // namespace

Canvas::Canvas(PileTree& piles, const SheetGrid& grid)
    : tree_(&piles),
      grid_(grid),
      pile_(grid.width, grid.height, 0),
      laid_by_(grid.width, grid.height, 0),
      rubbed_by_(grid.width, grid.height, 0) {}

void Canvas::coat(int ground, const subject::Grid<std::uint8_t>& where) {
  for (std::size_t i = 0; i < pile_.size(); ++i)
    if (where.data[i] != 0 && pile_.data[i] == 0) pile_.data[i] = tree_->coated(ground);
}

void Canvas::fix(const subject::Grid<std::uint8_t>& where) {
  After after;
  for (std::size_t i = 0; i < pile_.size(); ++i)
    if (where.data[i] != 0) pile_.data[i] = after.of(pile_.data[i], [&](int p) { return tree_->fixed(p); });
}

void Canvas::lay(const Pass& pass, std::span<const LaidMark> marks) {
  ++passes_;
  std::array<After, PileTree::kSteps + 1> laid;
  After rubbed;
  for (const LaidMark& mark : marks) {
    if (rubs(mark)) {
      under(mark, grid_, [&](std::size_t pixel, const MarkPoint& point) {
        if (rubbed_by_.data[pixel] == passes_ || pressure_at(point, pass) <= 0) return;
        rubbed_by_.data[pixel] = passes_;
        pile_.data[pixel] = rubbed.of(pile_.data[pixel], [&](int p) { return tree_->rubbed(p); });
      });
      continue;
    }
    under(mark, grid_, [&](std::size_t pixel, const MarkPoint& point) {
      if (laid_by_.data[pixel] == passes_) return;
      const int step = PileTree::step_of(pressure_at(point, pass));
      if (step == 0) return;
      laid_by_.data[pixel] = passes_;
      pile_.data[pixel] = laid[static_cast<std::size_t>(step)].of(
          pile_.data[pixel], [&](int p) { return tree_->laid(p, pass.stick, step); });
    });
  }
}

}  // namespace yd::plan
