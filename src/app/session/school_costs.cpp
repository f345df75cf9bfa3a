// SPDX-License-Identifier: MIT
#include "session/school_costs.h"

#include <algorithm>

namespace yd::app {
namespace {

SchoolCost cost_of(const Planned& planned) {
  const plan::Plan& p = planned.plan;
  return {p.school, static_cast<int>(p.passes.size()), p.sequence.minutes, planned.figures.seen.mean};
}

}  // namespace

SchoolCosts::SchoolCosts(Session& session, QObject* parent)
    : QObject(parent), session_(session), runner_(this, {}, [this](const auto& outcome) {
        const auto* cost = std::get_if<SchoolCost>(&outcome);
        if (cost != nullptr && running_for_ == session_.planned()) known_.push_back(*cost);
        next();
        emit changed();
      }) {
  connect(&session_, &Session::plan_changed, this, [this] {
    runner_.cancel();
    next();
  });
}

void SchoolCosts::ask() {
  asked_ = true;
  refused_.clear();
  next();
}

void SchoolCosts::stop() {
  asked_ = false;
  runner_.cancel();
}

std::optional<SchoolCost> SchoolCosts::of(plan::School school) const {
  const auto found =
      std::find_if(known_.begin(), known_.end(), [&](const SchoolCost& c) { return c.school == school; });
  return found == known_.end() ? std::nullopt : std::optional(*found);
}

void SchoolCosts::next() {
  const PlannedPtr planned = session_.planned();
  if (planned != planned_) {
    planned_ = planned;
    known_.clear();
    refused_.clear();
    if (planned_) known_.push_back(cost_of(*planned_));
    emit changed();
  }
  if (!asked_ || !planned_ || runner_.busy()) return;
  for (const plan::School school : plan::kSchools) {
    if (of(school) || !refused_.insert(school).second) continue;
    plan::PlanOptions options = planned_->options;
    options.school = school;
    options.given_tray = planned_->plan.tray;
    running_for_ = planned_;
    return runner_.run(
        [planned, options, parameters = session_.parameters()](Observer& observer) -> Result<SchoolCost> {
          const auto other =
              plan_subject(planned->subject, *planned->paper, *planned->collection, parameters, options, observer);
          if (!other) return other.error();
          return cost_of(*other.value());
        });
  }
}

}  // namespace yd::app
