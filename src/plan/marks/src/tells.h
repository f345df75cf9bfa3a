// SPDX-License-Identifier: MIT
#pragma once

#include "marks/mark_out.h"
#include "marks/pile_tree.h"
#include "reading.h"

namespace yd::plan {

/// What one pass moves of each finished shade at full pressure, on the way from the shade without it; where a shade has
/// none of it, as the pass is laid elsewhere; DIN99o. The rubbing alone, as it is.
struct Tells {
  std::vector<cv::Vec3f> laid, rubbed;
};

/// Whether a pass has a stroke there when the plan is followed.
inline bool strokes(const Pass& p) { return p.kind == PassKind::stroke && !p.skipped && !p.finishing; }
bool lies_on(const Pass& pass, std::size_t target);

/// Shades as their recipes make them.
std::vector<ShadeMade> shades_made(const MarkingInput& input, PileTree& tree);
/// Of each pass; of coats, fixative and finishing passes nothing.
std::vector<Tells> what_passes_tell(const MarkingInput& input, PileTree& tree);

}  // namespace yd::plan
