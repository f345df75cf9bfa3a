#pragma once

#include <vector>

#include "board/figures.h"
#include "plan/plan.h"
#include "subject/composition.h"
#include "subject/direction.h"

namespace yd::exports {

/// A plan with all that is needed to tell it. The references must outlive it.
struct PlanView {
  const plan::Plan& plan;
  const subject::Subject& subject;
  const media::Paper& paper;
  const media::Collection& collection;
  const optics::Parameters& parameters;
  const board::BoardMap& map;
  subject::Sheet sheet;                        ///< the drawing's size, centimetres
  std::vector<subject::Direction> directions;  ///< of each mass
  board::Figures figures;
};

}  // namespace yd::exports
