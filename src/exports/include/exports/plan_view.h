// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "board/figures.h"
#include "guide/guide.h"
#include "subject/composition.h"
#include "words/guide.h"

namespace yd::exports {

/// A plan with all that is needed to tell it. The references must outlive it.
struct PlanView {
  const plan::Plan& plan;
  const subject::Subject& subject;
  const media::Paper& paper;
  const media::Collection& collection;
  const optics::Parameters& parameters;
  const board::BoardMap& map;
  subject::Sheet sheet;  ///< the drawing's size, centimetres
  board::Figures figures;
  const plan::Guide& guide;  ///< how it is painted
  words::Job job() const { return {plan, guide, subject.masses, collection.sticks}; }
};

}  // namespace yd::exports
