// SPDX-License-Identifier: MIT
#include "session/boards.h"

#include <algorithm>

#include "looks/images.h"

namespace yd::app {
namespace {

/// Of each pass, by place, whether it is marked as left out.
std::vector<char> left_out(const plan::Plan& plan, const std::vector<plan::PassMark>& marks) {
  std::vector<char> out;
  for (const plan::Pass& p : plan.passes) {
    const std::string key = plan::signature(p);
    out.push_back(std::any_of(marks.begin(), marks.end(), [&](const plan::PassMark& m) {
      return m.state == plan::PassMark::State::skipped && m.pass == key;
    }));
  }
  return out;
}

}  // namespace

QImage Boards::after(const PlannedPtr& planned, const std::vector<plan::PassMark>& marks, int passes,
                     colour::Illuminant light) {
  const std::vector<char> out = left_out(planned->plan, marks);
  const bool whole = std::count(out.begin(), out.end(), 0) == static_cast<std::ptrdiff_t>(out.size());
  const bool all = passes == static_cast<int>(planned->plan.passes.size());
  if (whole && all && light == colour::Illuminant::d50) return planned->finished;
  if (whole) return to_image(planned->stages->after(passes, light));
  if (!without_ || without_->of != planned || without_->left_out != out) {
    without_ = std::make_unique<Without>(Without{planned, out, planned->plan, {}});
    for (std::size_t i = 0; i < out.size(); ++i)
      without_->plan.passes[i].skipped = without_->plan.passes[i].skipped || out[i] != 0;
    without_->stages = std::make_unique<const board::Stages>(planned->map, without_->plan, *planned->paper,
                                                             *planned->collection, planned->parameters);
  }
  return to_image(without_->stages->after(passes, light));
}

}  // namespace yd::app
