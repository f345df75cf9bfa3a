// SPDX-License-Identifier: MIT
#pragma once

#include <string>
#include <vector>

#include "subject/direction.h"
#include "subject/masses.h"

namespace yd::subject {

const char* name(Surface surface);
Result<Surface> surface_by_name(const std::string& name);

/// What is plain to see of each mass; the rest stays unsaid. A sky is blue, smooth, in the background and touches the
/// top, and what is one gradient with it is sky too. Nothing else is guessed: of grass, foliage and water two in five
/// were something else (docs/trials/surfaces.md). Common practice, no published source; thresholds ours. `softened`: as
/// a hand can follow it.
std::vector<Surface> guess_surfaces(const LabImage& image, const LabImage& softened, const LabelImage& labels,
                                    const std::vector<Mass>& masses);

/// Names that tell the masses apart, by colour and number: "pale grey 7", "sky 2". The number is the mass's place plus
/// one, as maps show it. Masses with a name of the artist's (true in `named`) keep it.
void name_places(std::vector<Mass>& masses, const std::vector<char>& named);

}  // namespace yd::subject
