// SPDX-License-Identifier: MIT
#pragma once

#include <cmath>
#include <functional>
#include <vector>

#include "reading.h"

namespace yd::plan {

/// Lays marks where they take away more than they cost.
struct Filling {
  /// What a mark takes away where it lies as firmly as is wanted there, by pixel, DIN99o; below 0 where it spoils, at
  /// full pressure.
  const std::vector<float>* gain = nullptr;
  /// Pressure that is wanted, by pixel; null: whatever the mark has. A mark has that of its path and spoils as far as
  /// it is off beside it. What it takes away and spoils then counts on top of what is off anyway.
  const std::vector<float>* pressure = nullptr;
  double hand = 0;    ///< how far off a pressure is anyway, as a share of it
  float most = 1e9F;  ///< a gain of a pixel is worth at most
  double price = 10;  ///< of a second, in the same
  bool left_handed = false;
  /// How the hand presses at a pixel: the share and the shade of a point of the path.
  std::function<MarkPoint(std::size_t)> press;
};

/// The marks of one part, down the sheet and away from the hand: each begins where nothing is laid yet and something is
/// to be gained, follows the form to both sides while it gains, and stays where all of it is worth its time. `laid`: of
/// each pixel, whether the pass lies there already; what is laid is added. Worth: what all of them take away less their
/// price.
/// A difference more, squares adding up, where `anyway` is off already.
inline float on_top(float difference, float anyway) {
  return std::sqrt(anyway * anyway + difference * difference) - anyway;
}

struct Filled {
  std::vector<LaidMark> marks;
  double worth = 0;
};
Filled fill(const SheetReading& reading, int part, const Filling& how, std::vector<char>& laid);

}  // namespace yd::plan
