// SPDX-License-Identifier: MIT
#include "plan_pictures.h"

#include "pictures/screen.h"

namespace yd::exports {

QImage subject_picture(const PlanView& p) { return pictures::to_image(p.subject.image); }

QImage board_picture(const PlanView& p) {
  const auto palette =
      board::palette_after(p.plan, static_cast<int>(p.plan.passes.size()), p.paper, p.collection, p.parameters);
  return pictures::to_image(board::render(p.map, palette));
}

}  // namespace yd::exports
