// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <span>
#include <vector>

#include "colour/lab.h"
#include "price/price.h"
#include "recipe/recipe.h"
#include "subject/masses.h"

namespace yd::plan {

/// One shade of a mass with the recipe chosen for it: the layers of its mass at the pressures it needs.
struct TargetPlan {
  int mass = 0;                                ///< index into the subject's masses
  int shade = 0;                               ///< index into the mass's shades
  subject::Role role = subject::Role::middle;  ///< part of the mass it lies in
  colour::Lab target;                          ///< to be reached: the subject's colour after the fit of its values
  colour::Lab seen;                            ///< as the subject has it
  int coat = -1;  ///< the underpainting below, an index into the plan's coats; -1: bare paper
  double area = 0;
  double solid = 1;         ///< share of it in places that a hand can hit
  bool stands_out = false;  ///< a small vivid colour of its mass
  double times = 1;         ///< its area counts for: more where the artist marked what matters
  Recipe recipe;
  std::vector<Stack>
      alternatives;      ///< not worse in everything than another: colour, strokes, tooth, speckle; nearest first
  bool by_hand = false;  ///< the artist chose the recipe
  int laid = 0;          ///< strokes of the recipe that are on the paper already
};

/// What a shade counts for where the eye is drawn to vivid colours: 1 for grey, up to `most`.
inline double caught_by_eye(const colour::Lab& c, double most) {
  return std::min(most, 1 + colour::chroma(c) / prices().vivid.twice_at);
}

/// What a shade counts for.
inline double counted(const TargetPlan& t) { return t.area * t.times; }

/// The place of each mass's first target, its shades following in their order, and one place more for the end. Targets
/// stand mass by mass, as a plan has them.
inline std::vector<std::size_t> first_targets(std::span<const TargetPlan> targets, std::size_t masses) {
  std::vector<std::size_t> out(masses + 1, 0);
  for (const TargetPlan& t : targets) ++out[static_cast<std::size_t>(t.mass) + 1];
  for (std::size_t m = 1; m < out.size(); ++m) out[m] += out[m - 1];
  return out;
}

}  // namespace yd::plan
