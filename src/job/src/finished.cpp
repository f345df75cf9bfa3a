// SPDX-License-Identifier: MIT
#include "job/finished.h"

#include <algorithm>

#include "advice/delicate.h"

namespace yd::job {

namespace {

/// The shade of a pixel is the one that the hand follows there.
void follow_marks(board::BoardMap& map, const plan::Marking& marks) {
  const auto& followed = marks.target;
  if (followed.size() == 0) return;
  auto& shade = map.target;
  for (int y = 0; y < shade.height; ++y) {
    const int v = std::min(followed.height - 1, y * followed.height / shade.height);
    for (int x = 0; x < shade.width; ++x) {
      const int u = std::min(followed.width - 1, x * followed.width / shade.width);
      shade.at(x, y) = static_cast<std::uint16_t>(followed.at(u, v));
    }
  }
  map.blended.clear();
}

}  // namespace

Guided guided(const plan::Plan& plan, const subject::Subject& subject, const Studio& studio, double sheet_cm2) {
  Guided out;
  out.guide = plan::make_guide({&plan, &subject, studio.paper, studio.collection->sticks, sheet_cm2});
  out.map = board::make_map(subject, plan, *studio.paper, out.guide.touches);
  follow_marks(out.map, plan.marks);
  return out;
}

board::BoardImage board_after(const board::BoardMap& map, const plan::Plan& plan, int passes, const Studio& studio) {
  return board::paint(map, plan, passes, *studio.paper, *studio.collection, *studio.parameters);
}

board::BoardImage board_of(const board::BoardMap& map, const plan::Plan& plan, const Studio& studio) {
  return board_after(map, plan, static_cast<int>(plan.passes.size()), studio);
}

Finished finished(plan::Plan& plan, const subject::Subject& subject, const Studio& studio,
                  const plan::PlanOptions& options) {
  plan::mark_delicate(plan, *studio.paper, studio.collection->sticks, *studio.parameters, options.hand);
  Finished out;
  static_cast<Guided&>(out) = guided(plan, subject, studio, options.sheet_cm2);
  out.stages =
      std::make_shared<const board::Stages>(out.map, plan, *studio.paper, *studio.collection, *studio.parameters);
  out.board = out.stages->after(static_cast<int>(plan.passes.size()));
  out.figures = board::figures_of(plan, subject, out.board, options.sheet_cm2);
  return out;
}

}  // namespace yd::job
