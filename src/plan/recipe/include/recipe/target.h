#pragma once

#include <vector>

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
  double solid = 1;  ///< share of it in places that a hand can hit
  Recipe recipe;
  std::vector<Stack>
      alternatives;      ///< not worse in everything than another: colour, strokes, tooth, speckle; nearest first
  bool by_hand = false;  ///< the artist chose the recipe
  int laid = 0;          ///< strokes of the recipe that are on the paper already
};

}  // namespace yd::plan
