// SPDX-License-Identifier: MIT
#pragma once

#include <map>
#include <span>
#include <vector>

#include "search/layer_search.h"

namespace yd::plan {

/// The laws (craft/legal.h) asked of layers whose pressures are not chosen yet.
class LayerRules {
 public:
  explicit LayerRules(const SearchInput& input) : in_(input) {}
  /// Whether a layer may lie on top of these.
  bool may_grow(const Layering& below, const Layer& over) const;
  /// Whether each layer may lie on those below it.
  bool may_stand(const Layering& layering) const;

 private:
  Lay lay(const Layer& l) const;

  const SearchInput& in_;
};

/// The layers of a layering whose bits are set, the lowest first.
Layering masked(const Layering& layering, std::size_t mask);
/// What is left of a layering where some of its layers are left out, the shorter first. Neither all nor nothing.
std::vector<Layering> parts_of(const Layering& layering);

/// Layerings one step from those given: a layer in another stick or manner, two turned round, or one layer more
/// anywhere. Each once.
std::vector<Layering> steps_from(const std::vector<Layering>& from, std::span<const int> sticks, int most_layers,
                                 const SearchInput& input);

/// What layerings come to on one mass, nearly: parts that are known are taken as they are, the others are guessed. The
/// lattice must be prepared for them.
class MassGuess {
 public:
  MassGuess(const Lattice& lattice, const ShadeSet& shades, std::size_t mass, const LayerPrices& prices,
            const WholeReach& known);
  double cost(const Layering& layering);

 private:
  const std::vector<float>& whole(const Layering& layering);

  const Lattice& lattice_;
  const LayerPrices& prices_;
  const WholeReach& known_;
  LayerRules rules_;
  std::size_t mass_;
  std::pair<std::size_t, std::size_t> range_;
  ShadeSet own_;     ///< the shades of the mass
  WholeReach made_;  ///< on them
};

}  // namespace yd::plan
