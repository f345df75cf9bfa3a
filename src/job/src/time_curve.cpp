// SPDX-License-Identifier: MIT
#include "job/time_curve.h"

#include <algorithm>
#include <array>

namespace yd::job {

Result<std::vector<TimePoint>> time_curve(const plan::Plan& plan, const subject::Subject& subject, const Studio& studio,
                                          const plan::PlanOptions& options, Observer& observer) {
  constexpr std::array<double, 6> kPrices{160, 70, 30, 14, 6, 2.5};  // of a second, from a sketch to a finished picture
  std::vector<TimePoint> tried;
  const board::BoardMap map = guided(plan, subject, studio, options.sheet_cm2).map;
  for (std::size_t i = 0; i < kPrices.size(); ++i) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "curve", "stopped"};
    const plan::Plan marked =
        plan::with_marks_at(plan, subject, *studio.paper, *studio.collection, *studio.parameters, options, kPrices[i]);
    TimePoint point;
    point.minutes = plan::minutes_of(marked);
    for (const plan::MarkedPass& p : marked.marks.passes) point.marks += static_cast<int>(p.marks.size());
    const board::BoardImage painted = board_of(map, marked, studio);
    point.seen = board::figures_of(marked, subject, painted, options.sheet_cm2).seen;
    tried.push_back(point);
    observer.progress(static_cast<double>(i + 1) / kPrices.size(), "painting");
  }
  std::sort(tried.begin(), tried.end(), [](const TimePoint& p, const TimePoint& q) { return p.minutes < q.minutes; });
  std::vector<TimePoint> out;
  for (const TimePoint& p : tried)
    if (out.empty() || p.seen.mean < out.back().seen.mean) out.push_back(p);
  return out;
}

std::size_t knee_of(const std::vector<TimePoint>& curve) {
  std::size_t at = 0;
  while (at + 1 < curve.size()) {
    const double hours = (curve[at + 1].minutes - curve[at].minutes) / 60;
    if (curve[at].seen.mean - curve[at + 1].seen.mean < kKneeHour * hours) break;
    ++at;
  }
  return at;
}

}  // namespace yd::job
