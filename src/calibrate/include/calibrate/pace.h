// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>

#include "order/order.h"

namespace yd::calibrate {

/// A pass that was timed at the easel.
struct TimedPass {
  std::optional<optics::Medium> medium;  ///< none: a wet coat
  double guessed_minutes = 1;            ///< by our own rates, above 0
  double real_minutes = 1;               ///< above 0
};

/// An artist's pace, and what it is worth.
struct PaceFit {
  plan::Pace pace;
  int passes = 0;         ///< that were counted
  double off_before = 1;  ///< factor by which half of the times are off at least, as guessed
  double off_after = 1;   ///< the same for passes left out of the fit, each in its turn; 1: exact
};

/// Times of less than this are slips of the key, of more the artist was called away.
inline constexpr double kShortestTime_minutes = 0.1;
inline constexpr double kLongestTime_minutes = 180;
/// Before so many passes nothing is changed: chance would speak.
inline constexpr int kFewestTimes = 6;
/// A hand changes with the years: only so many of the last times count.
inline constexpr std::size_t kMostTimes = 300;

/// One pace for all and a departure for each medium, both held near 1 by a prior, with the weights of Student's t so
/// that a forgotten clock counts little (K. L. Lange, R. J. A. Little, J. M. G. Taylor, "Robust Statistical Modeling
/// Using the t Distribution", JASA 84, 1989). In logarithms: half the time is as far off as twice. Newest first.
PaceFit fit_pace(std::span<const TimedPass> times);

}  // namespace yd::calibrate
