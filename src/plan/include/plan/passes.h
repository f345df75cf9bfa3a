#pragma once

#include <span>
#include <string>
#include <vector>

#include "plan/recipe.h"
#include "subject/masses.h"

namespace yd::plan {

/// One target with the recipe chosen for it.
struct TargetPlan {
  int mass = 0;  ///< index into the subject's masses
  subject::Role role = subject::Role::middle;
  colour::Lab target;  ///< to be reached: the subject's colour after the fit of its values
  colour::Lab seen;    ///< as the subject has it
  int coat = -1;       ///< the underpainting below, an index into the plan's coats; -1: bare paper
  double area = 0;
  Recipe recipe;
  std::vector<Stack>
      alternatives;      ///< not worse in everything than another: colour, strokes, tooth, speckle; nearest first
  bool by_hand = false;  ///< the artist chose the recipe
};

/// One stick, one technique, one coat, over all the masses that ask for it.
struct Pass {
  int number = 0;  ///< 1 ..
  int stick = 0;
  double pressure = 1;
  Technique technique = Technique::laid;
  int coat = 0;  ///< 0: on the paper, 1: over the first
  subject::Plane plane = subject::Plane::middle;
  std::vector<int> targets;  ///< indices into the targets, rising
  std::vector<int> masses;   ///< indices into the masses, rising, once each
  std::string reason;        ///< why here, in a sentence
};

/// Groups equal strokes and orders them: first coats before second ones, far planes before near ones, dark sticks
/// before light ones. Neighbours that ask for the same stick in the same way become one pass. Deterministic.
std::vector<Pass> order_passes(std::span<const TargetPlan> targets, std::span<const subject::Mass> masses,
                               std::span<const media::Stick> sticks);

/// The strokes of one target that lie on the paper after the first `count` passes.
std::vector<Stroke> strokes_after(std::span<const Pass> passes, const TargetPlan& target, int target_index, int count);

}  // namespace yd::plan
