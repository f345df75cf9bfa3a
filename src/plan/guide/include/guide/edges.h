// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "guide/places.h"

namespace yd::plan {

/// What is to become of an edge between two masses. Common practice, no published source.
enum class EdgeWay {
  lose,     ///< rubbed across, away from the focal point
  soften,   ///< the background goes under it, then it is drawn out over it
  keep,     ///< cut with an edge or a point, not rubbed
  restate,  ///< drawn again with a dark stick: it was rubbed near
  buffer,   ///< a third colour between two that fight, worked into both
  clean,    ///< cut back with the colour of what lies behind
};
const char* name(EdgeWay way);

struct EdgeGuide {
  int behind = 0;  ///< mass
  int front = 0;
  EdgeWay way = EdgeWay::keep;
  int stick = -1;        ///< of restate, buffer and clean
  double step = 0;       ///< CIEDE2000 between what lies on both sides
  double length_cm = 0;  ///< of the shared border
  double importance = 0;
  int after_pass = 0;  ///< by place: the last on either of the two, from which it can be done
};
inline constexpr std::size_t kMostEdges = 8;

struct EdgeInput {
  const Plan* plan = nullptr;
  const subject::Subject* subject = nullptr;
  std::span<const media::Stick> sticks;
};

/// Sticks are of the colour of what lies beside (12 CIEDE2000), or halfway. The edges that matter most, at most
/// kMostEdges, in the order they can be done. Two that fight (both vivid, or black beside a vivid one, far apart) get a
/// buffer; a soft front edge is softened; what hardly differs, far away or away from the focal point, is lost; hard
/// edges of the focal point are kept, or restated where the pass beside was rubbed; other hard edges before a
/// background that is laid later are cleaned with its colour.
std::vector<EdgeGuide> edges_of(const EdgeInput& input, const TargetMap& map);

}  // namespace yd::plan
