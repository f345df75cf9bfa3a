#pragma once

#include <span>
#include <string>
#include <vector>

#include "plan/recipe.h"
#include "plan/underpaint.h"
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
  int laid = 0;          ///< strokes of the recipe that are on the paper already
};

/// What is done in a pass: a coat of underpainting, strokes of one stick, or fixative.
enum class PassKind { coat, stroke, fix };
const char* name(PassKind kind);

/// One stick, one technique, one stage of the work, over all the masses that ask for it.
struct Pass {
  int number = 0;  ///< 1 ..
  PassKind kind = PassKind::stroke;
  int stick = -1;  ///< -1: mixed paint, or fixative
  double pressure = 1;
  Technique technique = Technique::laid;
  int level = 0;         ///< 0: on the ground, 1: over the first strokes …; of a fix, the strokes that follow it
  int underpaint = -1;   ///< of a coat: index into the plan's coats
  bool accent = false;   ///< a highlight or a small bright spot
  bool laid = false;     ///< done already, when the plan was made
  bool skipped = false;  ///< and left out
  subject::Plane plane = subject::Plane::middle;  ///< the furthest of its masses
  std::vector<int> targets;                       ///< indices into the targets, rising
  std::vector<int> masses;                        ///< indices into the masses, rising, once each
  std::string reason;                             ///< why here, in a sentence
  double minutes = 0;                             ///< of work
  double dry_minutes = 0;                         ///< before anything goes over it, without heat
  double start_minute = 0;                        ///< from the beginning of the work, drying included
  double wait_minutes = 0;                        ///< before it, for something to dry
};

/// What makes a pass the same one after the plan is made again: for orders by hand and marks.
std::string signature(const Pass& pass);

/// What lies on one target at some point of the work.
struct TargetState {
  bool coated = false;
  std::vector<Stroke> strokes;
  bool fixed = false;  ///< and fixed on top
};
TargetState state_after(std::span<const Pass> passes, int target, int count);

}  // namespace yd::plan
