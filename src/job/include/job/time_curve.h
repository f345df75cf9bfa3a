// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "job/finished.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::job {

/// What so many minutes come to.
struct TimePoint {
  double minutes = 0;  ///< of the passes, as `plan::minutes_of`
  int marks = 0;
  board::Figure seen;
};

/// Likeness over time: the plan's passes in fewer and in more marks, by rising minutes; a point that takes longer than
/// another and is no nearer is left out. Errors: `cancelled`.
Result<std::vector<TimePoint>> time_curve(const plan::Plan& plan, const subject::Subject& subject, const Studio& studio,
                                          const plan::PlanOptions& options, Observer& observer);

/// The knee: the point beyond which an hour buys less than `kKneeHour` of CIEDE2000.
inline constexpr double kKneeHour = 0.2;
std::size_t knee_of(const std::vector<TimePoint>& curve);

}  // namespace yd::job
