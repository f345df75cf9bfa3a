// SPDX-License-Identifier: MIT
#pragma once

#include "subject/image.h"

namespace yd::subject {

/// What is left when the eyes are half closed: edges of masses stay, detail goes. Edge-preserving (guided filter:
/// K. He, J. Sun, X. Tang, IEEE TPAMI 35, 2013, each Lab channel guided by L). `strength` 0 (none) to 1 (only masses
/// are left).
LabImage squint(const LabImage& image, double strength);

/// Area mean to a smaller long side; the same picture where it is small enough.
LabImage shrink(const LabImage& image, int long_side);

/// Something given mass by mass, a and b of each pixel, let run into its neighbours where the picture has no edge in
/// value (guided filter as above, guided by L of `picture`). L of `given` is taken as it comes.
LabImage run_together(const LabImage& given, const LabImage& picture);

}  // namespace yd::subject
