// SPDX-License-Identifier: MIT
#include "job/finished.h"

#include "advice/delicate.h"

namespace yd::job {

Guided guided(const plan::Plan& plan, const subject::Subject& subject, const Studio& studio, double sheet_cm2) {
  Guided out;
  out.guide = plan::make_guide({&plan, &subject, studio.paper, studio.collection->sticks, sheet_cm2});
  out.map = board::make_map(subject, plan, *studio.paper, out.guide.touches);
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
  out.painted = std::make_shared<const board::Painted>(out.map, plan, *studio.paper, *studio.collection,
                                                       *studio.parameters);
  out.board = out.painted->after(static_cast<int>(plan.passes.size()));
  out.figures = board::figures_of(plan, subject, out.board, options.sheet_cm2);
  return out;
}

}  // namespace yd::job
