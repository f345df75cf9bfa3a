// SPDX-License-Identifier: MIT
#pragma once

#include <string>

#include "colour/lab.h"

namespace yd::colour {

/// A colour in the words painters use (brown, pink, olive …): the nearest name of the ISCC-NBS system (K. L. Kelly,
/// D. B. Judd, NBS Special Publication 440, 1976), e.g. "dark greyish blue", "light yellowish brown".
std::string describe(const Lab& lab);

/// The hue alone: "red", "orange", … "grey" below chroma 5.
std::string hue_word(const Lab& lab);

/// The difference in the order artists compare: "half a step too light, a little too warm, a little dull".
/// `is` against `wanted`; "matches" where CIEDE2000 is below 1.
std::string difference_words(const Lab& is, const Lab& wanted);

/// Warmth of a colour relative to grey: +chroma at hue 55° (orange), -chroma at 235° (blue).
double warmth(const Lab& lab);

}  // namespace yd::colour
