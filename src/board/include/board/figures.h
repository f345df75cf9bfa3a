// SPDX-License-Identifier: MIT
#pragma once

#include "board/board.h"

namespace yd::board {

/// A difference of two pictures: mean and 95th percentile of CIEDE2000 over an area.
struct Figure {
  double mean = 0;
  double p95 = 0;
};

/// How far the recipes are from the colours they were fitted to, over the areas of the targets.
Figure as_fitted(const plan::Plan& plan);

/// How far the painted board is from the subject as seen from across the room: both blurred in linear light by a
/// Gaussian of 0.7 mm on the board, one minute of arc at two and a half metres (ISO 8596: visual acuity 1.0). Sizes
/// must be alike. `long_side_mm`: of the sheet.
Figure as_seen(const subject::Subject& subject, const BoardImage& board, double long_side_mm = kPictureSide_mm);

/// The two figures the plan is judged by, the same in the window, in print and in JSON.
struct Figures {
  Figure fitted;
  Figure seen;
};
/// `board` after the last pass; `sheet_cm2` as the plan's options have it.
Figures figures_of(const plan::Plan& plan, const subject::Subject& subject, const BoardImage& board, double sheet_cm2);

}  // namespace yd::board
