// SPDX-License-Identifier: MIT
#include "marks/canvas.h"

#include <algorithm>
#include <array>

#include "marks/under.h"

namespace yd::plan {
namespace {

/// Piles after a pass, remembered by what it does there and the pile before.
class After {
 public:
  After(PileTree& tree, const Deeds& deeds) : tree_(tree), kind_(deeds.kind), what_(deeds.what) {}

  int of(int pile, std::uint8_t deed) {
    if (deed == 0) return pile;
    if (kind_ == PassKind::coat) return pile == 0 ? tree_.coated(what_) : pile;
    std::vector<int>& known = known_[deed];
    const auto at = static_cast<std::size_t>(pile);
    if (at >= known.size()) known.resize(at + 1 + known.size() / 2, -1);
    if (known[at] < 0) known[at] = kind_ == PassKind::fix ? tree_.fixed(pile) : stroked(pile, deed);
    return known[at];
  }

 private:
  int stroked(int pile, std::uint8_t deed) {
    const int step = deed & ~Deeds::kRubs;
    const int laid = step == 0 ? pile : tree_.laid(pile, what_, step);
    return (deed & Deeds::kRubs) != 0 ? tree_.rubbed(laid) : laid;
  }

  PileTree& tree_;
  PassKind kind_;
  int what_;
  std::array<std::vector<int>, 256> known_;
};

void stroke(const Pass& pass, std::span<const LaidMark> marks, const SheetGrid& grid, std::vector<std::uint8_t>& on) {
  for (const LaidMark& mark : marks) {
    const bool rub = rubs(mark);
    under(mark, grid, [&](std::size_t pixel, const MarkPoint& point) {
      std::uint8_t& here = on[pixel];
      if (rub) {
        if (pressure_at(point, pass) > 0) here = static_cast<std::uint8_t>(here | Deeds::kRubs);
      } else if ((here & ~Deeds::kRubs) == 0) {
        here = static_cast<std::uint8_t>(here | PileTree::step_of(pressure_at(point, pass)));
      }
    });
  }
}

void cover(const Pass& pass, const SheetGrid& grid, const subject::Grid<std::int16_t>& target,
           std::vector<std::uint8_t>& on) {
  for (int y = 0; y < grid.height; ++y) {
    const int v = std::min(target.height - 1, y * target.height / grid.height);
    for (int x = 0; x < grid.width; ++x) {
      const int u = std::min(target.width - 1, x * target.width / grid.width);
      const bool here = std::binary_search(pass.targets.begin(), pass.targets.end(), static_cast<int>(target.at(u, v)));
      on[static_cast<std::size_t>(y) * static_cast<std::size_t>(grid.width) + static_cast<std::size_t>(x)] = here;
    }
  }
}

}  // namespace

Deeds deeds_of(const Pass& pass, std::span<const LaidMark> marks, const SheetGrid& grid,
               const subject::Grid<std::int16_t>& target) {
  Deeds out;
  out.kind = pass.kind;
  out.what = pass.kind == PassKind::coat ? pass.underpaint + 1 : pass.stick;
  out.on.assign(static_cast<std::size_t>(grid.width) * static_cast<std::size_t>(grid.height), 0);
  if (pass.skipped) return out;
  if (pass.kind == PassKind::stroke) {
    stroke(pass, marks, grid, out.on);
  } else {
    cover(pass, grid, target, out.on);
  }
  return out;
}

void lay(PileTree& tree, const Deeds& deeds, std::span<const std::uint32_t> at, std::span<int> piles) {
  After after(tree, deeds);
  for (std::size_t i = 0; i < at.size(); ++i) piles[i] = after.of(piles[i], deeds.on[at[i]]);
}

Canvas::Canvas(PileTree& piles, const SheetGrid& grid)
    : tree_(&piles), grid_(grid), pile_(grid.width, grid.height, 0) {}

void Canvas::lay(const Deeds& deeds) {
  After after(*tree_, deeds);
  for (std::size_t i = 0; i < pile_.size(); ++i) pile_.data[i] = after.of(pile_.data[i], deeds.on[i]);
}

}  // namespace yd::plan
