// SPDX-License-Identifier: MIT
#pragma once

#include <span>

#include "board/board.h"

namespace yd::board {

/// How firmly passes are pressed at each pixel of a picture as large as `target` (the shade of each pixel), the firmest
/// of them; 0 where none goes. By their marks; coats, fixative and plans without marks by the shades they are laid on.
subject::Grid<float> firmest(const plan::Plan& plan, std::span<const int> passes,
                             const subject::Grid<std::uint16_t>& target);

/// Where passes go, to be found on the sheet at a glance and on a black-and-white print: the subject very pale with the
/// borders of its masses, and over it in one dark ink what the passes touch, darker where they are firmer (the firmest
/// of them counts). `passes`: by place.
BoardImage where_picture(const subject::Subject& subject, const plan::Plan& plan, std::span<const int> passes,
                         int long_side = 700);

}  // namespace yd::board
