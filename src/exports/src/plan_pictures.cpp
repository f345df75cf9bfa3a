// SPDX-License-Identifier: MIT
#include "plan_pictures.h"

#include "pictures/screen.h"

namespace yd::exports {

QImage subject_picture(const PlanView& p) { return pictures::to_image(p.subject.image); }

QImage thumbnail(const PlanView& p, int values) { return pictures::in_values(p.subject.squinted, values); }

QImage board_picture(const PlanView& p) {
  const int all = static_cast<int>(p.plan.passes.size());
  return pictures::to_image(board::paint(p.map, p.plan, all, p.paper, p.collection, p.parameters));
}

}  // namespace yd::exports
