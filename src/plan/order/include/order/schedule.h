// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "order/order.h"

namespace yd::plan {

/// Tooth left after every pass, as a share of the bare sheet's: the least of each mass's targets.
struct ToothBudget {
  std::vector<std::vector<float>> left;  ///< [passes done, 0 ..][mass]
  float after(int passes, int mass) const {
    return left[static_cast<std::size_t>(passes)][static_cast<std::size_t>(mass)];
  }
};

/// Tooth below which a stroke hardly sticks: a stop for fixative is tried there.
inline constexpr double kFullTooth = 0.08;

/// Why a sitting ends where it ends.
enum class SittingEnd {
  finished,
  dries_over,
  coat_dries,
  fixative_dries,
  blocked_in,
  level_done,
  plane_done,
  stick_done
};

/// One sitting.
struct Sitting {
  int first = 0;  ///< passes, first and last, by place
  int last = 0;
  double minutes = 0;  ///< work, changes and waiting
  SittingEnd ends = SittingEnd::finished;
  subject::Plane plane = subject::Plane::background;  ///< that is done, of plane_done
  std::vector<int> breaks;                            ///< passes, by place, after which to get up: eyes, wrist, posture
};

/// A sitting lasts no longer than this share more than wished.
inline constexpr double kOverrun = 1.15;
inline constexpr double kBreakEvery_minutes = 45;

/// Cuts the work into sittings of about `wished_minutes`: the cheapest cuts by dynamic programming, where a cut costs
/// less at the end of a plane or level, more between passes of one stick, and most between the two of a pair; long
/// drying is best slept over.
std::vector<Sitting> cut_sittings(std::span<const Pass> passes, std::span<const std::pair<int, int>> pairs,
                                  double wished_minutes);

/// What may be done while something dries before this pass: a dryer or heat gun is proposed only where nothing
/// flammable is wet. Common practice, no published source.
struct DryingAdvice {
  bool heat = false;          ///< a dryer kept moving helps
  double heated_minutes = 0;  ///< wait that is left with it
  bool flammable = false;     ///< something wet gives off flammable vapour: no heat, no flame
};
DryingAdvice drying_before(std::span<const Pass> passes, std::span<const Edge> edges, std::span<const Coat> coats,
                           int pass);

}  // namespace yd::plan
