// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstdint>
#include <vector>

#include "board/board.h"
#include "colour/light.h"

namespace yd::trial {

/// The mean colour, in linear light, of each mass of a picture, or of each target.
inline std::vector<colour::Lab> means(const board::BoardImage& board, const subject::Grid<std::uint16_t>& of,
                                      std::size_t count) {
  std::vector<std::array<double, 4>> sum(count);
  for (std::size_t i = 0; i < board.size(); ++i) {
    auto& m = sum[of.data[i]];
    const colour::Rgb8& c = board.data[i];
    m[0] += colour::light_of_level(c.r);
    m[1] += colour::light_of_level(c.g);
    m[2] += colour::light_of_level(c.b);
    m[3] += 1;
  }
  std::vector<colour::Lab> out;
  for (const auto& m : sum)
    out.push_back(colour::to_lab(colour::Light{static_cast<float>(m[0] / m[3]), static_cast<float>(m[1] / m[3]),
                                               static_cast<float>(m[2] / m[3])}));
  return out;
}

}  // namespace yd::trial
