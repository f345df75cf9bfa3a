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
/// top, and what is one gradient with it is sky too; water lies level below it and has its colours; what is green is
/// grass where its texture stands upright, else foliage. Common practice, no published source; thresholds ours.
/// `softened`: as a hand can follow it.
std::vector<Surface> guess_surfaces(const LabImage& image, const LabImage& softened, const LabelImage& labels,
                                    const std::vector<Mass>& masses);

/// Short names that tell the masses apart: "upper sky", "left green", "brown, lower right". Masses with a name of the
/// artist's (true in `named`) keep it.
void name_places(std::vector<Mass>& masses, const std::vector<char>& named);

}  // namespace yd::subject
