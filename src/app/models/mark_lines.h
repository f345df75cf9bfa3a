// SPDX-License-Identifier: MIT
#pragma once

#include "make/plan.h"
#include "models/overlay.h"
#include "session/pipeline.h"

namespace yd::app {

/// The marks of a pass at true size over the picture: `strong` ones first .. last, places in the pass, the others
/// fainter. Nothing where the plan has no marks.
void add_marks(const plan::Plan& plan, int pass, std::size_t strong_from, std::size_t strong_to, Overlay& overlay);

/// All marks of the passes first .. last - 1, by place.
Overlay marks_of(const plan::Plan& plan, int first, int last);

/// Passes first .. last - 1 as they are shown: with their marks, if wanted, and the numbers of their places.
struct Lit {
  int first = 0, last = 0;
  bool marks = true;
};
Overlay lit_overlay(const plan::Plan& plan, const ReadSubject& subject, const Lit& lit);

/// The masses that the passes first .. last - 1 go to, by place, rising.
std::vector<int> masses_of(const plan::Plan& plan, int first, int last);

}  // namespace yd::app
