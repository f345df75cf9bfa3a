// SPDX-License-Identifier: MIT
#pragma once

#include "finishing.h"

namespace yd::plan {

/// While a stick is in the hand, what else it would help: strokes of a pass that is there anyway are laid on shades of
/// masses whose own layers lack their colour, between the layers they have or on top. No pass is added by it. The
/// masses that gain most come first; a mass is gone to only where the picture gains by it, and no shade has more than
/// so many strokes.
void lend_strokes(const Finishing& input, int most_strokes);

}  // namespace yd::plan
