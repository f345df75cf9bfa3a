// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "subject/masses.h"

namespace yd::subject {

/// Whether what the artist marked lies in the middle of the picture, both ways: a third is livelier. Common practice,
/// no published source. Nothing marked, or all of the picture: no.
bool focal_in_middle(const std::vector<Mass>& masses);

}  // namespace yd::subject
