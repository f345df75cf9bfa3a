// SPDX-License-Identifier: MIT
#pragma once

#include <span>

#include "colour/lab.h"
#include "recipe/geometry.h"

namespace yd::plan {

/// A cheap guess of a stack's far-off colour: what of each coat is seen from above, over all strata (cover times what
/// is left bare by the coats above), as weights on the XYZ of the coats' masstones and of the ground. Exact for coats
/// that hide. `ground`: mean XYZ of what lies below.
colour::Lab guess_from_above(const StackGeometry& geometry, std::span<const optics::CoarsePigment* const> pigments,
                             const colour::Xyz& ground);

}  // namespace yd::plan
