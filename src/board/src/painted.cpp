// SPDX-License-Identifier: MIT
#include "board/painted.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

#include "marks/mark_out.h"
#include "marks/under.h"
#include "parallel/each.h"

namespace yd::board {

namespace {

bool marked(const plan::Plan& plan) { return plan.marks.passes.size() == plan.passes.size() && !plan.passes.empty(); }

/// Two lists of passes, each by the mass whose marks they are and about how firmly it is pressed, with the same number
/// are the same ones (the FNV hash).
std::uint64_t also(std::uint64_t number, std::size_t pass, int mass, double pressure) {
  constexpr std::uint64_t kPrime = 1099511628211ULL;
  constexpr int kSteps = 8;
  const auto pressed = static_cast<std::uint64_t>(std::lround(kSteps * pressure));
  for (const std::uint64_t part : {static_cast<std::uint64_t>(pass), static_cast<std::uint64_t>(mass + 1), pressed})
    number = (number ^ part) * kPrime;
  return number;
}

/// How many layers each shade has.
std::vector<std::uint8_t> layers(const plan::Plan& plan) {
  std::vector<std::uint8_t> out(plan.targets.size(), 0);
  for (const plan::Pass& p : plan.passes) {
    if (p.kind != plan::PassKind::stroke || p.finishing || p.skipped) continue;
    for (const int t : p.targets) ++out[static_cast<std::size_t>(t)];
  }
  return out;
}

}  // namespace

Alike alike(const BoardMap& map, const plan::Plan& plan) {
  const auto& target = map.target;
  constexpr std::uint8_t kSpoilt = 255;
  subject::Grid<std::uint64_t> lies(target.width, target.height);
  for (std::size_t i = 0; i < lies.size(); ++i) lies.data[i] = target.data[i] + 1ULL;
  Alike out{{target.width, target.height}, 0, {target.width, target.height, 0}};
  if (marked(plan)) {
    const plan::SheetGrid grid = plan::at_size(plan.marks.grid, target.width, target.height);
    subject::Grid<std::uint16_t> last(grid.width, grid.height, 0);
    for (std::size_t n = 0; n < plan.passes.size(); ++n) {
      const plan::Pass& pass = plan.passes[n];
      if (pass.skipped) continue;
      const auto mine = static_cast<std::uint16_t>(n + 1);
      const auto lay = [&](std::size_t i, const plan::MarkPoint& p) {
        if (last.data[i] == mine) return;
        last.data[i] = mine;
        const int mass = p.target < 0 ? -1 : plan.targets[static_cast<std::size_t>(p.target)].mass;
        lies.data[i] = also(lies.data[i], mine, mass, plan::pressure_at(p, pass));
        const auto shade = static_cast<std::size_t>(target.data[i]);
        const bool own = mass == plan.targets[shade].mass &&
                         std::binary_search(pass.targets.begin(), pass.targets.end(), static_cast<int>(shade));
        std::uint8_t& here = out.whole.data[i];
        here = own && here != kSpoilt ? static_cast<std::uint8_t>(here + 1) : kSpoilt;
      };
      for (const plan::LaidMark& mark : plan.marks.passes[n].marks)
        if (!plan::rubs(mark)) plan::under(mark, grid, lay);
    }
  }
  const std::vector<std::uint8_t> all = layers(plan);
  std::unordered_map<std::uint64_t, std::uint32_t> numbers;
  for (std::size_t i = 0; i < lies.size(); ++i) {
    out.number.data[i] = numbers.try_emplace(lies.data[i], static_cast<std::uint32_t>(numbers.size())).first->second;
    out.whole.data[i] = out.whole.data[i] == all[target.data[i]] ? 1 : 0;
  }
  out.count = numbers.size();
  return out;
}

Painted::Painted(const BoardMap& map, const plan::Plan& plan, const media::Paper& paper,
                 const media::Collection& collection, const optics::Parameters& parameters, int passes)
    : stratum_(map.stratum) {
  std::vector<const optics::Ground*> grounds{&paper.ground};
  for (const plan::Coat& c : plan.coats) grounds.push_back(&c.ground);
  tree_ = std::make_unique<plan::PileTree>(std::move(grounds), collection.sticks, parameters);
  plan::Canvas canvas(*tree_, plan::at_size(plan.marks.grid, map.target.width, map.target.height));
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

Stages::Stages(const BoardMap& map, const plan::Plan& plan, const media::Paper& paper,
               const media::Collection& collection, const optics::Parameters& parameters)
    : plan_(&plan), paper_(&paper), collection_(&collection), parameters_(&parameters) {
  if (marked(plan))
    painted_ = std::make_unique<const Painted>(map, plan, paper, collection, parameters);
  else
    map_ = map;
}

BoardImage Stages::after(int passes, colour::Illuminant light) const {
  if (painted_) return painted_->after(passes, light);
  return render(map_, palette_after(*plan_, passes, *paper_, *collection_, *parameters_, light));
}

BoardImage paint(const BoardMap& map, const plan::Plan& plan, int passes, const media::Paper& paper,
                 const media::Collection& collection, const optics::Parameters& parameters, colour::Illuminant light) {
  if (!marked(plan)) return render(map, palette_after(plan, passes, paper, collection, parameters, light));
  return Painted(map, plan, paper, collection, parameters, passes).after(passes, light);
}

}  // namespace yd::board
