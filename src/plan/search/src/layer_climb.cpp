// SPDX-License-Identifier: MIT
#include "layer_climb.h"

#include <algorithm>
#include <array>
#include <set>

#include "craft/legal.h"
#include "support/bounds.h"

namespace yd::plan {

Lay LayerRules::lay(const Layer& l) const { return {&in_.sticks[static_cast<std::size_t>(l.stick)], l.technique, {}}; }

bool LayerRules::may_grow(const Layering& below, const Layer& over) const {
  std::array<Lay, kMostStrokes> stack;
  const std::size_t layers = within(below.size(), stack.size());
  std::transform(below.begin(), below.end(), stack.begin(), [&](const Layer& l) { return lay(l); });
  return may_lay(in_.rules, std::span(stack).first(layers), lay(over));
}

bool LayerRules::may_stand(const Layering& layering) const {
  std::array<Lay, kMostStrokes> stack;
  const std::size_t layers = within(layering.size(), stack.size());
  std::transform(layering.begin(), layering.end(), stack.begin(), [&](const Layer& l) { return lay(l); });
  return plan::may_stand(in_.rules, std::span(stack).first(layers));
}

Layering masked(const Layering& layering, std::size_t mask) {
  Layering out;
  for (std::size_t i = 0; i < layering.size(); ++i) {
    if ((mask >> i & 1U) != 0) out.push_back(layering[i]);
  }
  return out;
}

std::vector<Layering> parts_of(const Layering& layering) {
  std::vector<Layering> out;
  const std::size_t all = (std::size_t{1} << layering.size()) - 1;
  for (std::size_t mask = 1; mask < all; ++mask) out.push_back(masked(layering, mask));
  std::stable_sort(out.begin(), out.end(), [](const Layering& p, const Layering& q) { return p.size() < q.size(); });
  return out;
}

namespace {

/// With the layers there are: one in its other manner, or two that lie on each other turned round.
std::vector<Layering> steps_within(const Layering& l) {
  std::vector<Layering> out;
  for (std::size_t i = 0; i < l.size(); ++i) {
    Layering other = l;
    other[i].technique = l[i].technique == Technique::laid ? Technique::rubbed : Technique::laid;
    out.push_back(std::move(other));
  }
  for (std::size_t i = 1; i < l.size(); ++i) {
    Layering turned = l;
    std::swap(turned[i - 1], turned[i]);
    out.push_back(std::move(turned));
  }
  return out;
}

/// With a layer that is none of them, instead of one or besides.
std::vector<Layering> steps_into(const Layering& l, const Layer& layer, std::size_t most_layers) {
  std::vector<Layering> out;
  for (std::size_t i = 0; i < l.size(); ++i) {
    Layering other = l;
    other[i] = layer;
    out.push_back(std::move(other));
  }
  for (std::size_t i = 0; i <= l.size() && l.size() < most_layers; ++i) {
    Layering more = l;
    more.insert(more.begin() + static_cast<std::ptrdiff_t>(i), layer);
    out.push_back(std::move(more));
  }
  return out;
}

bool has(const Layering& layering, int stick) {
  return std::any_of(layering.begin(), layering.end(), [&](const Layer& x) { return x.stick == stick; });
}

}  // namespace

std::vector<Layering> steps_from(const std::vector<Layering>& from, std::span<const int> sticks, int most_layers,
                                 const SearchInput& input) {
  const LayerRules rules(input);
  std::set<Layering> out;
  const auto take = [&](std::vector<Layering> steps) {
    for (Layering& l : steps) {
      if (rules.may_stand(l)) out.insert(std::move(l));
    }
  };
  for (const Layering& l : from) {
    take(steps_within(l));
    for (const int stick : sticks) {
      if (has(l, stick)) continue;
      for (const Technique t : kAllTechniques) take(steps_into(l, {stick, t}, static_cast<std::size_t>(most_layers)));
    }
  }
  return {out.begin(), out.end()};
}

MassGuess::MassGuess(const Lattice& lattice, const ShadeSet& shades, std::size_t mass, const LayerPrices& prices,
                     const WholeReach& known)
    : lattice_(lattice),
      prices_(prices),
      known_(known),
      rules_(lattice.input()),
      mass_(mass),
      range_(shades.masses[mass]) {
  const auto slice = [&](auto& to, const auto& all) {
    to.assign(all.begin() + static_cast<std::ptrdiff_t>(range_.first),
              all.begin() + static_cast<std::ptrdiff_t>(range_.second));
  };
  slice(own_.l, shades.l);
  slice(own_.a, shades.a);
  slice(own_.b, shades.b);
  slice(own_.count, shades.count);
  slice(own_.even, shades.even);
  slice(own_.calm, shades.calm);
  own_.masses.emplace_back(0, own_.l.size());
}

const std::vector<float>& MassGuess::whole(const Layering& layering) {
  const auto made = made_.find(layering);
  if (made != made_.end()) return made->second;
  std::vector<float> out(own_.size(), kFarOff);
  const auto known = known_.find(layering);
  if (known != known_.end())
    std::copy(known->second.begin() + static_cast<std::ptrdiff_t>(range_.first),
              known->second.begin() + static_cast<std::ptrdiff_t>(range_.second), out.begin());
  else if (rules_.may_stand(layering))
    reach_down(own_, lattice_.guess(layering), out.data());
  return made_.emplace(layering, std::move(out)).first->second;
}

double MassGuess::cost(const Layering& layering) {
  std::vector<float> best = whole({});
  const auto lower = [&](const std::vector<float>& by) {
    for (std::size_t s = 0; s < best.size(); ++s) best[s] = std::min(best[s], by[s]);
  };
  lower(whole(layering));
  for (const Layering& part : parts_of(layering)) lower(whole(part));
  return mean_difference(own_, 0, best.data()) + prices_.of(mass_, layering);
}

}  // namespace yd::plan
