// SPDX-License-Identifier: MIT
#pragma once

#include <string>

#include "colour/lab.h"

namespace yd::colour {

/// A colour in the words painters use (brown, pink, olive …): the nearest name of the ISCC-NBS system (K. L. Kelly,
/// D. B. Judd, NBS Special Publication 440, 1976), e.g. "dark greyish blue", "light yellowish brown".
std::string describe(const Lab& lab);

/// Its hue and, where it is dark or light, that: "dark grey", "pale grey", "blue", "white".
std::string in_short(const Lab& lab);

/// The hue alone: "red", "orange", … "grey" below chroma 5.
std::string hue_word(const Lab& lab);

/// How a colour differs from the one that is wanted, in the order artists compare.
struct Difference {
  double de00 = 0;         ///< CIEDE2000
  double steps = 0;        ///< of value, of nine; lighter is positive
  double warmer = 0;       ///< in units of `warmth`
  double more_chroma = 0;  ///< of CIELAB chroma
};
Difference difference(const Lab& is, const Lab& wanted);

/// Warmth of a colour relative to grey: +chroma at hue 55° (orange), -chroma at 235° (blue).
double warmth(const Lab& lab);

}  // namespace yd::colour
