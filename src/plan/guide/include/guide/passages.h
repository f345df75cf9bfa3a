// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "order/passes.h"
#include "subject/masses.h"

namespace yd::plan {

/// What a passage is for. A place: most of it lies in one mass, or in neighbours of one plane.
enum class PassageKind {
  drawing,
  offcuts,
  underpainting,
  fixative,
  darks,
  middles,
  lights,
  place,
  accents,
  step_back,
  restate,
  finish
};
inline constexpr int kPassageKinds = static_cast<int>(PassageKind::finish) + 1;
const char* name(PassageKind kind);

/// Something to do that is no pass of colour. Common practice, no published source.
enum class Chore {
  tape,        ///< the border
  extents,     ///< top, bottom, left, right of all that is not background; numbers: left, top, width, height, then the
               ///< sheet's width and height, cm
  tallest,     ///< the mass drawn first; numbers as for extents
  next_shape,  ///< and the next
  line_with,   ///< the stick that the lines are drawn with; none: one beside the tray
  lift_lines,  ///< with a kneaded eraser where lights come
  try_offcut,  ///< one delicate pass; passes: which; numbers: pressure
  dry,         ///< numbers: minutes, and with heat (negative: no heat)
  compare_value,        ///< masses: darkest, lightest, and the one between; numbers: value steps of the first two
  compare_temperature,  ///< masses: warmest and coolest against their neighbours
  compare_chroma,       ///< masses: the most vivid, the dullest
  darken_by_fixative,   ///< a passage that is too light as a whole
  restate,              ///< masses, with sticks
  tape_off,
  sign,         ///< with a stick, in a mass where something still sticks
  write_down,   ///< the recipes
  focal,        ///< masses: where the eye goes; numbers: 1: a guess
  let_go,       ///< masses: of what matters least
  temperature,  ///< numbers: how much warmer lights are than darks, in units of colour::warmth
  accent,       ///< masses: the most vivid small one, then where its stick comes again; sticks: it
  face_lines,   ///< masses: of a face; numbers: its axis from the left, its eye line from the top, cm
  special,      ///< masses: of a thing; numbers: its subject::ThingKind
  tap_off,      ///< the dust
  wipe,         ///< hands and stick, from darks to lights
  cover,        ///< what is done, under the hand
};
inline constexpr int kChores = static_cast<int>(Chore::cover) + 1;

struct Step {
  Chore chore = Chore::tape;
  std::vector<int> masses;
  std::vector<int> sticks;
  std::vector<int> passes;
  std::vector<double> numbers;
};

/// A stretch of work with one purpose: passes that follow each other, or chores.
struct Passage {
  PassageKind kind = PassageKind::middles;
  int first = 0;  ///< passes, first and last, by place; none where last < first, and then before `first`
  int last = -1;
  double minutes = 0;                      ///< of work, with changes of the stick
  bool blocks_in = false;                  ///< on the bare ground
  bool lightens = false;                   ///< mostly with sticks lighter than what they work on
  std::optional<subject::Plane> plane;     ///< that most of the work lies in
  std::vector<int> masses;                 ///< that it touches most of all, largest share of the work first
  std::vector<int> sticks;                 ///< as they are taken into the hand, each once
  std::vector<int> finishes;               ///< masses that nothing goes on afterwards
  std::vector<std::pair<int, int>> pairs;  ///< alike: one first as a trial, then the other at once
  std::vector<Step> steps;
  std::vector<int> gradients;  ///< of the guide, that begin here
  std::vector<int> edges;      ///< of the guide, that can be done now
  bool has_passes() const { return last >= first; }
};

/// A passage lasts about this long; shorter ones stand alone only where nothing goes with them.
inline constexpr double kShortestPassage_minutes = 5;
inline constexpr double kLongestPassage_minutes = 20;

/// Cuts the passes into passages: the cheapest cuts by dynamic programming, where a passage costs more the further it
/// is from 5 to 20 minutes and the more its passes differ in what they are for. Coats, fixative, accents and what is
/// laid already stay with their like. Every pass is in one passage.
std::vector<Passage> cut_passages(std::span<const Pass> passes, std::span<const TargetPlan> targets);

}  // namespace yd::plan
