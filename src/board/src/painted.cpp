// SPDX-License-Identifier: MIT
#include "board/painted.h"

#include <algorithm>

#include "marks/mark_out.h"
#include "parallel/each.h"

namespace yd::board {

Painted::Painted(const BoardMap& map, const plan::Plan& plan, const media::Paper& paper,
                 const media::Collection& collection, const optics::Parameters& parameters, int passes)
    : stratum_(map.stratum) {
  std::vector<const optics::Ground*> grounds{&paper.ground};
  for (const plan::Coat& c : plan.coats) grounds.push_back(&c.ground);
  tree_ = std::make_unique<plan::PileTree>(std::move(grounds), collection.sticks, parameters);
  plan::SheetGrid grid = plan.marks.grid;
  grid.width = map.target.width;
  grid.height = map.target.height;
  grid.px_per_mm = grid.width / grid.width_mm;
  plan::Canvas canvas(*tree_, grid);
  subject::Grid<int> before = canvas.piles();
  const std::size_t marked = std::min(plan.passes.size(), plan.marks.passes.size());
  const auto all = passes < 0 ? marked : std::min(marked, static_cast<std::size_t>(passes));
  for (std::size_t i = 0; i < all; ++i) {
    plan::lay(canvas, plan.passes[i], plan.marks.passes[i].marks, plan.marks.target);
    Change change;
    for (std::size_t p = 0; p < before.size(); ++p) {
      const int pile = canvas.piles().data[p];
      if (pile == before.data[p]) continue;
      change.pixel.push_back(static_cast<std::uint32_t>(p));
      change.pile.push_back(static_cast<std::uint32_t>(pile));
      before.data[p] = pile;
    }
    changes_.push_back(std::move(change));
  }
}

const Palette& Painted::palette(colour::Illuminant light) const {
  const std::lock_guard held(lock_);
  Palette& out = palettes_[light];
  if (!out.empty()) return out;
  std::vector<char> shown(tree_->size(), 0);
  shown[0] = 1;
  for (const Change& c : changes_)
    for (const std::uint32_t pile : c.pile) shown[pile] = 1;
  out.resize(tree_->size());
  parallel::each(out.size(), [&](std::size_t i) {
    if (shown[i] == 0) return;
    const auto pile = static_cast<int>(i);
    out[i] = light == colour::Illuminant::d50 ? screen_colours(tree_->coarse_strata(pile))
                                              : screen_colours(tree_->strata(pile), light);
  });
  return out;
}

BoardImage Painted::after(int passes, colour::Illuminant light) const {
  const Palette& colours = palette(light);
  std::vector<std::uint32_t> pile(stratum_.size(), 0);
  const auto count = std::min(changes_.size(), static_cast<std::size_t>(std::max(0, passes)));
  for (std::size_t i = 0; i < count; ++i) {
    const Change& c = changes_[i];
    for (std::size_t k = 0; k < c.pixel.size(); ++k) pile[c.pixel[k]] = c.pile[k];
  }
  BoardImage out(stratum_.width, stratum_.height);
  parallel::spans(out.size(), 65536, [&](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i) out.data[i] = colours[pile[i]][stratum_.data[i]];
  });
  return out;
}

BoardImage paint(const BoardMap& map, const plan::Plan& plan, int passes, const media::Paper& paper,
                 const media::Collection& collection, const optics::Parameters& parameters, colour::Illuminant light) {
  if (plan.marks.passes.size() != plan.passes.size())
    return render(map, palette_after(plan, passes, paper, collection, parameters, light));
  return Painted(map, plan, paper, collection, parameters, passes).after(passes, light);
}

}  // namespace yd::board
