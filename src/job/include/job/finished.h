// SPDX-License-Identifier: MIT
#pragma once

#include <memory>

#include "board/board.h"
#include "board/figures.h"
#include "board/painted.h"
#include "guide/guide.h"
#include "media/collection.h"
#include "media/paper.h"
#include "optics/parameters.h"
#include "make/plan.h"
#include "subject/subject.h"

namespace yd::job {

/// What a picture is worked with. Only looked at; has to outlive whoever is given it.
struct Studio {
  const media::Paper* paper = nullptr;
  const media::Collection* collection = nullptr;
  const optics::Parameters* parameters = nullptr;
};

/// How a plan is painted, and where each of its colours shows.
struct Guided {
  plan::Guide guide;
  board::BoardMap map;
};
Guided guided(const plan::Plan& plan, const subject::Subject& subject, const Studio& studio, double sheet_cm2);

/// The Board of a plan, or of the hand that painted it, after so many passes.
board::BoardImage board_after(const board::BoardMap& map, const plan::Plan& plan, int passes, const Studio& studio);
/// After the last.
board::BoardImage board_of(const board::BoardMap& map, const plan::Plan& plan, const Studio& studio);

/// A plan as it is shown, told and exported: the same figures for everyone who asks.
struct Finished : Guided {
  std::shared_ptr<const board::Stages> stages;  ///< looks at the plan and the studio
  board::BoardImage board;                      ///< after the last pass
  board::Figures figures;
};
/// Marks the delicate passes of `plan` first. `options`: it was made with.
Finished finished(plan::Plan& plan, const subject::Subject& subject, const Studio& studio,
                  const plan::PlanOptions& options);

}  // namespace yd::job
