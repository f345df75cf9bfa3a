// SPDX-License-Identifier: MIT
#include "session/advisers.h"

#include <utility>

namespace yd::app {
namespace {

constexpr std::size_t kOffcutPapers = 5;
constexpr int kFewestSticks = 3;  ///< of the curve
constexpr int kMostSticks = 24;

template <class T>
Result<std::shared_ptr<const T>> shared(Result<T> result) {
  if (!result) return result.error();
  return std::shared_ptr<const T>(std::make_shared<T>(std::move(result).value()));
}

plan::GroundInput grounds_of(const Planned& planned, const std::vector<media::Paper>& papers, const Choices& choices) {
  plan::GroundInput in;
  in.plan = &planned.plan;
  in.subject = planned.subject.get();
  in.papers = papers;
  in.sticks = planned.collection->sticks;
  in.parameters = &planned.parameters;
  in.coat = choices.plan.underpaint.picture;
  in.weights = choices.ground_weights;
  return in;
}

}  // namespace

Result<GroundsPtr> advise_grounds(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                                  const Choices& choices, Observer& observer) {
  const plan::GroundInput in = grounds_of(*planned, papers, choices);
  auto ranked = plan::judge_grounds(in, observer);
  if (!ranked) return ranked.error();
  GroundAdvice out;
  out.ranked = std::move(ranked).value();
  out.offcuts = plan::offcut_sheet(in, out.ranked, kOffcutPapers);
  return GroundsPtr(std::make_shared<GroundAdvice>(std::move(out)));
}

Result<CoatsPtr> advise_coats(const PlannedPtr& planned, Observer& observer) {
  plan::CoatInput in;
  in.plan = &planned->plan;
  in.subject = planned->subject.get();
  in.paper = planned->paper.get();
  in.sticks = planned->collection->sticks;
  in.parameters = &planned->parameters;
  in.rules = {planned->plan.school, planned->options.manner};
  return shared(plan::judge_coats(in, observer));
}

Result<CurvePtr> advise_curve(const PlannedPtr& planned, Observer& observer) {
  return shared(plan::tray_curve(planned->plan.work->problem(), kFewestSticks, kMostSticks, observer));
}

Result<TimesPtr> advise_times(const PlannedPtr& planned, Observer& observer) {
  return shared(job::time_curve(planned->plan, *planned->subject,
                                {planned->paper.get(), planned->collection.get(), &planned->parameters},
                                planned->options, observer));
}

Result<PapersPtr> advise_papers(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                                const Choices& choices, Observer& observer) {
  constexpr int kMost = 3;
  const auto ranked = plan::judge_grounds(grounds_of(*planned, papers, choices), observer);
  if (!ranked) return ranked.error();
  return shared(job::on_other_papers(*planned->subject,
                                     {planned->paper.get(), planned->collection.get(), &planned->parameters}, papers,
                                     ranked.value(), planned->options, kMost, observer));
}

Result<ProofPtr> advise_proof(const PlannedPtr& planned, Observer& observer) {
  return shared(plan::prove_tray(*planned->plan.work, {}, observer));
}

}  // namespace yd::app
