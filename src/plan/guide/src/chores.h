// SPDX-License-Identifier: MIT
#pragma once

#include "guide/guide.h"

namespace yd::plan {

/// Passages that are no passes; nothing (no steps) where there is nothing to do.
Passage drawing(const GuideInput& input);
Passage offcut_test(const GuideInput& input);
Passage step_back(const GuideInput& input, bool at_the_end);
Passage restate_darks(const GuideInput& input, int before);
Passage finishing(const GuideInput& input);
/// Before the first stroke: where the eye goes, what is let go, warm and cool of light and shadow, the accent, faces.
std::vector<Step> looked_for(const GuideInput& input);
/// What eyes, fur, glass … ask for, with the first passage that goes to them.
void tell_special(const GuideInput& input, std::vector<Passage>& passages);
/// Dust tapped off, hands wiped, what is done covered.
void keep_house(const GuideInput& input, std::vector<Passage>& passages);
/// Drying of coats and fixative, as steps of the passage.
void add_drying(const GuideInput& input, Passage& passage);

/// The passages of passes with all that goes between them, `guide` as far as it is made.
std::vector<Passage> whole_job(const GuideInput& input, const Guide& guide);

}  // namespace yd::plan
