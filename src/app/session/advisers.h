// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <memory>
#include <vector>

#include "advice/ground_choice.h"
#include "advice/underpaint_choice.h"
#include "job/other_papers.h"
#include "job/time_curve.h"
#include "session/pipeline.h"
#include "tray/tray_work.h"

namespace yd::app {

/// Papers judged, with the offcut sheet of the best ones.
struct GroundAdvice {
  std::vector<plan::GroundVerdict> ranked;
  plan::OffcutSheet offcuts;
};

using GroundsPtr = std::shared_ptr<const GroundAdvice>;
using CoatsPtr = std::shared_ptr<const plan::CoatAdvice>;
using CurvePtr = std::shared_ptr<const std::vector<plan::CurvePoint>>;
using TimesPtr = std::shared_ptr<const std::vector<job::TimePoint>>;
using PapersPtr = std::shared_ptr<const std::vector<job::OnPaper>>;
using ProofPtr = std::shared_ptr<const plan::TrayProof>;

/// The papers for this plan's picture, by the weights and the coat of `choices`. Runs on a worker, like the next three.
Result<GroundsPtr> advise_grounds(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                                  const Choices& choices, Observer& observer);
/// The underpaintings on this plan's paper.
Result<CoatsPtr> advise_coats(const PlannedPtr& planned, Observer& observer);
/// Sticks against error. This and the proof are for plans with a `work`.
Result<CurvePtr> advise_curve(const PlannedPtr& planned, Observer& observer);
/// How far the plan's tray is from the best one.
Result<ProofPtr> advise_proof(const PlannedPtr& planned, Observer& observer);
/// Likeness over time.
Result<TimesPtr> advise_times(const PlannedPtr& planned, Observer& observer);
/// The picture on the three best other papers.
Result<PapersPtr> advise_papers(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                                const Choices& choices, Observer& observer);

/// What is worked out beside a plan. Others may be given that do the same otherwise, as with Steps.
struct Advisers {
  std::function<Result<GroundsPtr>(const PlannedPtr&, const std::vector<media::Paper>&, const Choices&, Observer&)>
      grounds = advise_grounds;
  std::function<Result<CoatsPtr>(const PlannedPtr&, Observer&)> coats = advise_coats;
  std::function<Result<CurvePtr>(const PlannedPtr&, Observer&)> curve = advise_curve;
  std::function<Result<ProofPtr>(const PlannedPtr&, Observer&)> proof = advise_proof;
  std::function<Result<TimesPtr>(const PlannedPtr&, Observer&)> times = advise_times;
  std::function<Result<PapersPtr>(const PlannedPtr&, const std::vector<media::Paper>&, const Choices&, Observer&)>
      papers = advise_papers;
  decltype(Steps::plan) other = plan_subject;
};

}  // namespace yd::app
