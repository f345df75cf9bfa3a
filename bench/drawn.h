// SPDX-License-Identifier: MIT
#pragma once

#include "board/board.h"
#include "small_world.h"

namespace yd::bench {

/// The whole picture rubbed at the end: most is blended on the Board.
inline std::vector<std::vector<plan::Touch>> rubbed(const subject::Subject& subject) {
  std::vector<plan::Touch> last;
  for (const subject::Mass& m : subject.masses) {
    last.emplace_back();
    last.back().place.mass = m.id;
    last.back().tool = plan::RubTool::finger;
  }
  return {last};
}

/// A picture of a megapixel, planned and drawn.
struct Drawn {
  subject::Subject subject = trial::small_subject(1200, 840);
  plan::Plan plan = trial::small_plan(subject, trial::shipped_collection(), 12);
  board::BoardMap map = board::make_map(subject, plan, trial::paper(), rubbed(subject));
};

}  // namespace yd::bench
