// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "guide/places.h"
#include "subject/direction.h"

namespace yd::plan {

/// What the stick does on the paper. Common practice, no published source.
enum class Mark {
  broad,         ///< the long side, dragged
  edge_line,     ///< the rim or corner of the end, rolled while it moves
  level,         ///< edge or side, horizontal only
  pulled_down,   ///< downwards only
  dashes,        ///< dots and dashes in the direction of growth
  from_centre,   ///< towards and away from a centre
  circles,       ///< small, hardly any pressure
  tap,           ///< straight down, not sliding
  twist,         ///< a sharp point turned on the spot
  hatching,      ///< parallel or along the form
  broken_stick,  ///< a jagged end, pressed and turned
  brushed,       ///< a coat, by brush
  sprayed,       ///< fixative
};
inline constexpr int kMarks = static_cast<int>(Mark::sprayed) + 1;
const char* name(Mark mark);

/// What a stroke is rubbed in with.
enum class RubTool { none, finger, palm, sponge, stump, tip };
const char* name(RubTool tool);

/// How a pass is laid on one mass.
struct Touch {
  Place place;
  Mark mark = Mark::broad;
  RubTool tool = RubTool::none;
  bool tool_for_darks = false;  ///< of two tools the one kept for darks
  bool rub_down = false;        ///< straight down: reflections and water
  double rub_deg = 0;           ///< else from light into dark, anticlockwise from the right
  bool rub_directed = false;    ///< the mass has such a side
  double angle_deg = 0;         ///< of the marks, anticlockwise from level
  bool directed = false;        ///< the subject has such a direction there
  bool lightly = false;         ///< hardly touching: more goes over it, and it may have to come off
};

struct MarkInput {
  const Plan* plan = nullptr;
  const subject::Subject* subject = nullptr;
  std::span<const media::Stick> sticks;
  std::span<const subject::Direction> directions;  ///< of each mass
  std::span<const double> light_deg;               ///< of each mass, towards its light side, or NaN: no side is lighter
};

/// For every pass and each of its masses, from the medium, the size of what is touched, the direction of the subject
/// there and what the surface is said to be; where the plan has marks, as these are.
std::vector<std::vector<Touch>> touches_of(const MarkInput& input, const std::vector<std::vector<Place>>& places);

}  // namespace yd::plan
