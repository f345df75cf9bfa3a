// SPDX-License-Identifier: MIT
#include <algorithm>

#include "board/board.h"
#include "marks/mark_out.h"
#include "parallel/each.h"

namespace yd::board {
namespace {

plan::PileTree tree_of(const plan::Plan& plan, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters) {
  std::vector<const optics::Ground*> grounds{&paper.ground};
  for (const plan::Coat& c : plan.coats) grounds.push_back(&c.ground);
  return {std::move(grounds), collection.sticks, parameters};
}

}  // namespace

BoardImage paint(const BoardMap& map, const plan::Plan& plan, int passes, const media::Paper& paper,
                 const media::Collection& collection, const optics::Parameters& parameters, colour::Illuminant light) {
  if (plan.marks.passes.size() != plan.passes.size())
    return render(map, palette_after(plan, passes, paper, collection, parameters, light));
  plan::PileTree tree = tree_of(plan, paper, collection, parameters);
  plan::SheetGrid grid = plan.marks.grid;
  grid.width = map.target.width;
  grid.height = map.target.height;
  grid.px_per_mm = grid.width / grid.width_mm;
  plan::Canvas canvas(tree, grid);
  for (int i = 0; i < passes && i < static_cast<int>(plan.passes.size()); ++i) {
    const auto n = static_cast<std::size_t>(i);
    plan::lay(canvas, plan.passes[n], plan.marks.passes[n].marks, plan.marks.target);
  }
  std::vector<char> shown(tree.size(), 0);
  for (const int pile : canvas.piles().data) shown[static_cast<std::size_t>(pile)] = 1;
  Palette palette(tree.size());
  parallel::each(tree.size(), [&](std::size_t i) {
    if (shown[i] == 0) return;
    const auto pile = static_cast<int>(i);
    palette[i] = light == colour::Illuminant::d50 ? screen_colours(tree.coarse_strata(pile))
                                                  : screen_colours(tree.strata(pile), light);
  });
  BoardImage out(grid.width, grid.height);
  parallel::spans(out.size(), 65536, [&](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i)
      out.data[i] = palette[static_cast<std::size_t>(canvas.piles().data[i])][map.stratum.data[i]];
  });
  return out;
}

}  // namespace yd::board
