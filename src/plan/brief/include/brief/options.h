// SPDX-License-Identifier: MIT
#pragma once

#include "brief/artist.h"
#include "brief/brief.h"
#include "brief/sheet.h"
#include "support/result.h"

namespace yd::plan {

/// What a plan is made for: wishes, in which order, whose hand, on what. Who needs one of the four asks for that one.
struct PlanOptions : Brief, Arrangement, Artist, SheetState {
  bool operator==(const PlanOptions&) const = default;
};

/// Errors: `bad_value` naming the option. `sticks`: number of sticks in the collection.
Status check(const PlanOptions& options, std::size_t sticks);

/// Whether two sets of options give the same recipes, and so differ in order and sittings at most.
bool same_recipes(const PlanOptions& p, const PlanOptions& q);

}  // namespace yd::plan
