// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "guide/edges.h"
#include "guide/marks.h"
#include "guide/passages.h"
#include "guide/runs.h"
#include "make/plan.h"
#include "subject/measure.h"

namespace yd::plan {

/// How the plan is painted.
struct Guide {
  std::vector<std::vector<Touch>> touches;  ///< of each pass, mass by mass
  std::vector<Gradient> gradients;
  std::vector<EdgeGuide> edges;
  std::vector<Passage> passages;  ///< the whole job in order; every pass is in one of them
  /// Of the pass, by place.
  const Touch* touch(int pass, int mass) const;
  /// The passage a pass is in, by place; -1 for none.
  int passage_of(int pass) const;
  /// Of the whole job, with drawing, trials and looking; without waiting.
  double minutes() const;
};

struct GuideInput {
  const Plan* plan = nullptr;
  const subject::Subject* subject = nullptr;
  const media::Paper* paper = nullptr;
  std::span<const media::Stick> sticks;
  double sheet_cm2 = 1200;  ///< of the drawing
};
/// Sides of the drawing, by the subject's shape.
subject::Sheet sheet_of(const GuideInput& input);

Guide make_guide(const GuideInput& input);

}  // namespace yd::plan
