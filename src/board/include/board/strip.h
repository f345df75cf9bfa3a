// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "make/plan.h"

namespace yd::board {

/// Strokes of the tray's sticks on the margin below the picture: a photograph of the work is put right by them. Each is
/// laid firmly and rubbed in, twice over, so that little depends on the hand.
struct StripPatch {
  int stick = 0;    ///< index into the collection
  colour::Lab lab;  ///< far off, D50, as the model lays it
};

/// The sticks of the plan, dark to light.
std::vector<StripPatch> margin_strip(const plan::Plan& plan, const media::Paper& paper,
                                     const media::Collection& collection, const optics::Parameters& parameters);

/// Where patch n of a strip lies: shares of the picture's width and height, below 1 is the picture. `margin`: of bare
/// sheet round the picture, as a share of its longer side; `aspect`: width to height of the picture.
struct PatchPlace {
  double left = 0, right = 0, top = 0, bottom = 0;
};
PatchPlace patch_place(int n, int count, double margin, double aspect);

}  // namespace yd::board
