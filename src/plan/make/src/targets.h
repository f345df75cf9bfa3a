// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "brief/options.h"
#include "materials.h"
#include "recipe/target.h"
#include "subject/subject.h"

namespace yd::plan {

/// The shades of all masses, mass by mass, in their order, weighed by what the artist marked.
std::vector<TargetPlan> targets_of(const subject::Subject& subject);

/// What can be reached at hand on this paper, in this manner.
ValueRange reach_of(const Materials& with, Manner manner);

/// What lies on the paper, in the order it was laid, then what is wished for the other masses. A mass whose coat was
/// left out for good gets none. Errors: those of make_coats.
Result<std::vector<Coat>> coats_of(const subject::Subject& subject, const Materials& with, const PlanOptions& options,
                                   School picture);
/// Which coat each target stands on.
void stand_on(std::span<const Coat> coats, std::span<TargetPlan> targets);

}  // namespace yd::plan
