#pragma once

#include <span>
#include <vector>

#include "order/passes.h"
#include "subject/masses.h"

namespace yd::plan {

/// What a passage is for. A place: most of it lies in one mass, or in neighbours of one plane.
enum class PassageKind { underpainting, fixative, darks, middles, lights, place, accents };
const char* name(PassageKind kind);

/// Passes that follow each other and are one stretch of work with one purpose.
struct Passage {
  PassageKind kind = PassageKind::middles;
  int first = 0;  ///< passes, first and last, by place
  int last = 0;
  double minutes = 0;       ///< of work, with changes of the stick
  bool blocks_in = false;   ///< on the bare ground
  std::vector<int> masses;  ///< that it touches most of all, largest share of the work first
  std::vector<int> sticks;  ///< as they are taken into the hand, each once
};

/// A passage lasts about this long; shorter ones stand alone only where nothing goes with them.
inline constexpr double kShortestPassage_minutes = 5;
inline constexpr double kLongestPassage_minutes = 20;

/// Cuts the passes into passages: the cheapest cuts by dynamic programming, where a passage costs more the further it
/// is from 5 to 20 minutes and the more its passes differ in what they are for. Coats, fixative, accents and what is
/// laid already stay with their like. Every pass is in one passage.
std::vector<Passage> cut_passages(std::span<const Pass> passes, std::span<const TargetPlan> targets);

}  // namespace yd::plan
