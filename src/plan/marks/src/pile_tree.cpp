// SPDX-License-Identifier: MIT
#include "marks/pile_tree.h"

#include <algorithm>
#include <cmath>

#include "colour/observer.h"

namespace yd::plan {

int PileTree::step_of(double pressure) {
  return std::clamp(static_cast<int>(std::lround(pressure * kSteps)), pressure > 0 ? 1 : 0, kSteps);
}

PileTree::PileTree(std::vector<const optics::Ground*> grounds, std::span<const media::Stick> sticks,
                   const optics::Parameters& parameters)
    : sticks_(sticks),
      parameters_(&parameters),
      pigments_(sticks.size()),
      coarse_(sticks.size()),
      made_(sticks.size(), 0) {
  const std::vector<const optics::Ground*> all = std::move(grounds);
  for (const optics::Ground* g : all) piles_.emplace_back(*g, parameters);
  grounds_ = static_cast<int>(piles_.size());
  colours_.resize(piles_.size());
}

int PileTree::laid(int pile, int stick, int step) {
  if (step <= 0) return pile;
  return next(pile, kLaid + static_cast<std::uint32_t>(stick * (kSteps + 1) + step));
}

int PileTree::next(int pile, std::uint32_t deed) {
  const std::uint64_t key = (static_cast<std::uint64_t>(pile) << 32U) | deed;
  const auto [found, fresh] = next_.try_emplace(key, static_cast<int>(piles_.size()));
  if (!fresh) return found->second;
  optics::Pile after = piles_[static_cast<std::size_t>(pile)];
  if (deed == kRub) {
    after.rub();
  } else if (deed == kFix) {
    after.fix();
  } else {
    const auto told = static_cast<int>(deed - kLaid);
    const int stick = told / (kSteps + 1);
    const auto s = static_cast<std::size_t>(stick);
    if (made_[s] == 0) {
      pigments_[s] = media::pigment_of(sticks_[s], *parameters_);
      coarse_[s] = optics::coarse(pigments_[s]);
      made_[s] = 1;
    }
    after.stroke(stick, sticks_[s].medium, static_cast<double>(told % (kSteps + 1)) / kSteps);
  }
  piles_.push_back(std::move(after));
  colours_.emplace_back();
  return found->second;
}

optics::CoarseStrata PileTree::coarse_strata(int number) const {
  return optics::shade(piles_[static_cast<std::size_t>(number)], coarse_);
}

optics::StrataSpectra PileTree::strata(int number) const {
  return optics::shade(piles_[static_cast<std::size_t>(number)], pigments_);
}

const PileTree::Colour& PileTree::look(int number) {
  Colour& c = colours_[static_cast<std::size_t>(number)];
  if (c.known) return c;
  c.known = true;
  c.lab = colour::to_lab(optics::mean(coarse_strata(number)));
  c.seen = colour::to_din99o(c.lab);
  return c;
}

const colour::Lab& PileTree::lab(int number) { return look(number).lab; }
const colour::Din99o& PileTree::seen(int number) { return look(number).seen; }

}  // namespace yd::plan
