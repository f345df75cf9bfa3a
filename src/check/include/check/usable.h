// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "check/reading.h"

namespace yd::check {

/// Why a photograph will not do; the words, with what to do about it, are made elsewhere (words/checked.h).
enum class Trouble { too_small, blurred, too_light, too_dark, glare, no_reference, uneven, another_picture, shadow };
inline constexpr std::array kAllTroubles{Trouble::too_small, Trouble::blurred,         Trouble::too_light,
                                         Trouble::too_dark,  Trouble::glare,           Trouble::no_reference,
                                         Trouble::uneven,    Trouble::another_picture, Trouble::shadow};
const char* name(Trouble trouble);

inline constexpr double kLeastSide_px = 350;  ///< of the picture's longer side in the file
inline constexpr double kMostBlur = 0.006;    ///< standard deviation, of the picture's longer side
inline constexpr double kMostClipped = 0.04;  ///< of the picture's pixels, beyond what is to be as light as that
/// Light of bare paper in the file, for each of its own, at least: a dark of L* 15 is five levels of such a file.
inline constexpr double kDimPaper = 0.07;
/// Of white: without a lamp 0.015 at most as a rule, with one of half of white 0.028 at least.
inline constexpr double kMostGlare = 0.025;
/// Below this likeness a photograph whose light is off is more likely one of something else.
inline constexpr double kDoubtful = 0.6;
inline constexpr double kStrange = 5;     ///< CIEDE2000, of half the masses: the paper was none
inline constexpr double kMostUneven = 6;  ///< light on the brightest place to the darkest

/// Before anything is compared: size, sharpness, light, likeness.
std::vector<Trouble> troubles_of(const Photo& photo, const Located& located, const LightFix& fix);
/// And after: glare; and where no end of the sheet is seen, whether what lies round the picture can be its paper at
/// all.
std::vector<Trouble> troubles_of(const Reading& reading, bool sheet_seen, double likeness);

}  // namespace yd::check
