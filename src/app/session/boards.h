// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <memory>
#include <vector>

#include "session/pipeline.h"

namespace yd::app {

/// The predicted pictures of a plan as the artist goes through it.
class Boards {
 public:
  /// Once the first `passes` are done, without those that are marked as left out; under a light.
  QImage after(const PlannedPtr& planned, const std::vector<plan::PassMark>& marks, int passes,
               colour::Illuminant light);

 private:
  /// A plan without what is left out, painted once for as long as that stays so.
  struct Without {
    PlannedPtr of;  ///< what it looks at
    std::vector<char> left_out;
    plan::Plan plan;
    std::unique_ptr<const board::Stages> stages;
  };
  std::unique_ptr<Without> without_;
};

}  // namespace yd::app
