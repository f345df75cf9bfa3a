// SPDX-License-Identifier: MIT
#pragma once

#include "board/board.h"
#include "small_world.h"

namespace yd::bench {

/// A picture of a megapixel, planned and drawn.
struct Drawn {
  subject::Subject subject = trial::small_subject(1200, 840);
  plan::Plan plan = trial::small_plan(subject, trial::shipped_collection(), 12);
  board::BoardMap map = board::make_map(subject, plan, trial::paper());
};

}  // namespace yd::bench
