// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "check/reading.h"

namespace yd::check {

/// How sharply two neighbouring masses part: the share of the step from one to the other that lies close to their
/// border, 0 to 1 and a little more.
struct BorderReading {
  int mass = 0, rival = 0;  ///< mass < rival
  double length = 0;        ///< of the border, share of the longer side
  double measured = 0;
  double expected = 0;
};

/// Of all borders that are long enough, between masses that differ enough to be seen to part. Places are left out where
/// either mass is thinner than what is compared. Expected is `laid`, the Board of what was really laid
/// (`DoneWork::as_laid`): a shade laid too lightly beside a border would else be taken for a smudge.
std::vector<BorderReading> read_borders(const Reading& reading, const board::BoardImage& laid,
                                        const subject::Subject& subject);

/// A border against all others of the same photograph, which blurs them alike: how often as sharp as it should be;
/// below 1 softer. In the order of `borders`; 1 where there are too few to compare with.
std::vector<double> sharpness(const std::vector<BorderReading>& borders);

inline constexpr double kSoft = 0.55;      ///< sharpness below which a border is told as too soft
inline constexpr double kHard = 1.6;       ///< and above which, where it should be soft, as too hard
inline constexpr double kLost = 0.3;       ///< expected share below which there is no edge to be missed
inline constexpr double kMeantSoft = 0.7;  ///< expected share below which a border is meant to be soft

}  // namespace yd::check
