// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <cmath>
#include <functional>
#include <vector>

#include "reading.h"

namespace yd::plan {

/// Where the finished picture stands on a pixel without a pass, as seen from what is wanted there, and what the pass
/// moves of it at full pressure: squares of DIN99o.
struct Need {
  float off = 0;    ///< squared distance from what is wanted
  float along = 0;  ///< of the way there, times what the pass moves
  float moves = 0;  ///< squared
  /// Pressure that comes nearest.
  float best() const { return moves <= 0 ? 0 : std::clamp(along / moves, 0.0F, 1.0F); }
  /// Squared distance when it is laid at a pressure.
  float at(float pressure) const { return std::max(0.0F, off - pressure * (2 * along - pressure * moves)); }
};

/// Lays marks where they take away more than they cost.
struct Filling {
  /// What a mark takes away by pixel, DIN99o; below 0 where it spoils.
  const std::vector<float>* gain = nullptr;
  /// The same by pressure, and the pressure that a mark of the part has where its path is; null: by `gain` alone.
  const std::vector<Need>* needs = nullptr;
  const std::vector<float>* pressure = nullptr;
  double hand = 0;    ///< how far off a pressure is anyway, as a share of it
  float most = 1e9F;  ///< a gain of a pixel is worth at most
  double price = 10;  ///< of a second, in the same
  bool left_handed = false;
  /// How the hand presses at a pixel at this pressure: the share and the shade of a point of the path.
  std::function<MarkPoint(std::size_t, float)> press;
};

/// The marks of one part, down the sheet and away from the hand: each begins where nothing is laid yet and something is
/// to be gained, follows the form to both sides while it gains, and stays where all of it is worth its time. `laid`: of
/// each pixel, whether the pass lies there already; what is laid is added. Worth: what all of them take away less their
/// price.
struct Filled {
  std::vector<LaidMark> marks;
  double worth = 0;
};
Filled fill(const SheetReading& reading, int part, const Filling& how, std::vector<char>& laid);

}  // namespace yd::plan
