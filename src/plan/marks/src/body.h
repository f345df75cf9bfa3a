// SPDX-License-Identifier: MIT
#pragma once

#include "marks/mark_out.h"
#include "marks/pile_tree.h"
#include "reading.h"

namespace yd::plan {

/// What one pass does to a shade that it is laid on, and would do to one that it is not: how far the finished shade
/// would be off without it, or with it; DIN99o.
struct Tells {
  std::vector<float> laid;
  std::vector<float> rubbed;  ///< the rubbing alone
};

/// Shades as their recipes make them.
std::vector<ShadeMade> shades_made(const MarkingInput& input, PileTree& tree);
/// Of each pass.
std::vector<Tells> what_passes_tell(const MarkingInput& input, PileTree& tree);

/// Marks of a pass over the shades that it is laid on.
MarkedPass body_marks(const MarkingInput& input, const SheetReading& reading, const Pass& pass, const Tells& tells,
                      double price);

}  // namespace yd::plan
