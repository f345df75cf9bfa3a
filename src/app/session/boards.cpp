// SPDX-License-Identifier: MIT
#include "session/boards.h"

#include <algorithm>

#include "looks/images.h"

namespace yd::app {

QImage board_of(const Planned& planned, const std::vector<plan::PassMark>& marks, int passes,
                colour::Illuminant light) {
  const auto left_out = [&](const plan::Pass& p) {
    const std::string key = plan::signature(p);
    return std::any_of(marks.begin(), marks.end(), [&](const plan::PassMark& m) {
      return m.state == plan::PassMark::State::skipped && m.pass == key;
    });
  };
  const bool whole = std::none_of(planned.plan.passes.begin(), planned.plan.passes.end(), left_out);
  const bool all = passes == static_cast<int>(planned.plan.passes.size());
  if (whole && all && light == colour::Illuminant::d50) return planned.finished;
  if (whole) return to_image(planned.stages->after(passes, light));
  plan::Plan shown = planned.plan;
  for (plan::Pass& p : shown.passes) p.skipped = p.skipped || left_out(p);
  return to_image(
      board::paint(planned.map, shown, passes, *planned.paper, *planned.collection, planned.parameters, light));
}

}  // namespace yd::app
