// SPDX-License-Identifier: MIT
#include "job/other_papers.h"

#include <algorithm>

#include "support/observer.h"

namespace yd::job {

Result<std::vector<OnPaper>> on_other_papers(const subject::Subject& subject, const Studio& studio,
                                             std::span<const media::Paper> papers,
                                             std::span<const plan::GroundVerdict> ranked,
                                             const plan::PlanOptions& options, int most, Observer& observer) {
  std::vector<OnPaper> out;
  if (!options.laid.empty()) return out;
  for (const plan::GroundVerdict& v : ranked) {
    if (static_cast<int>(out.size()) >= most) break;
    const media::Paper& paper = papers[v.paper];
    if (paper.id == studio.paper->id) continue;
    Stretch one(observer, static_cast<double>(out.size()) / most, static_cast<double>(out.size() + 1) / most);
    auto plan = plan::make_plan(subject, paper, *studio.collection, *studio.parameters, options, one);
    if (!plan && plan.error().code == Error::Code::cancelled) return plan.error();
    if (!plan) continue;  // it does not bear the underpainting that is wished
    const Finished done = finished(plan.value(), subject, {&paper, studio.collection, studio.parameters}, options);
    out.push_back({v.paper, done.figures.seen, plan::minutes_of(plan.value())});
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const OnPaper& p, const OnPaper& q) { return p.seen.mean < q.seen.mean; });
  return out;
}

}  // namespace yd::job
