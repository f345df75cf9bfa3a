// SPDX-License-Identifier: MIT
#pragma once

#include <span>

#include "board/board.h"

namespace yd::board {

/// A stroke as it is tried on an offcut.
struct ChipStroke {
  int stick = 0;
  plan::Technique technique = plan::Technique::laid;
  double from = 0.12, to = 1;  ///< pressure on the left and on the right, 0 to 1
};

/// One stroke of a stick on a ground, light to firm from left to right, with ragged ends and bare paper round it, as
/// the model lays it. `px_per_mm`: of the drawing. The same every time.
BoardImage stroke_chip(const ChipStroke& stroke, const optics::Ground& ground, double grain_mm,
                       std::span<const media::Stick> sticks, const optics::Parameters& parameters, int width,
                       int height, double px_per_mm);

/// A stroke of a brush with a coat of this far-off colour on the sheet: hairs along it, thinner where it runs dry.
BoardImage brush_chip(const colour::Lab& coat, const media::Paper& paper, int width, int height, double px_per_mm);

/// The bare ground with its tooth under light from the upper left: what the hand will feel.
BoardImage tooth_chip(const media::Paper& paper, int width, int height, double px_per_mm);

}  // namespace yd::board
