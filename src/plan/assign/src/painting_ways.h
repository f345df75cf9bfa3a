// SPDX-License-Identifier: MIT
#pragma once

#include <map>
#include <optional>
#include <span>
#include <vector>

#include "recipe/pareto.h"
#include "search/lattice.h"
#include "search/pressures.h"

namespace yd::plan {

/// Every way to use layerings on one ground: at all grades, and some of their layers left out here and there. What two
/// of them have in common is worked out once.
class WayBook {
 public:
  explicit WayBook(Lattice& lattice) : lattice_(lattice) {}

  /// Over all cores. Must have been called for a layering before it is asked for.
  void work_out(std::span<const Layering> layerings);

  /// All ways of a layering, bare ground first. `left_out`: a bit for each layer that is not to be used.
  std::vector<PressureWay> ways(const Layering& layering, std::size_t left_out = 0) const;
  /// One way between the grades; `unsteady` is left out. Nothing where the rules bar it.
  std::optional<PressureWay> between(const Layering& layering, const std::vector<double>& pressures) const;
  /// The way, bare ground apart, that is expected nearest to a colour (DIN99o stands in), with its looks.
  Stack nearest(const Layering& layering, const colour::Lab& wanted) const;

 private:
  struct Part {
    Layering layers;
    std::vector<std::size_t> from;  ///< which of the whole layering's
    const Looks* looks = nullptr;
  };
  std::vector<Part> parts_of(const Layering& layering) const;

  Lattice& lattice_;
  std::map<Layering, Looks> looks_;
};

}  // namespace yd::plan
