// SPDX-License-Identifier: MIT
#pragma once

#include "optics/parameters.h"
#include "order/order.h"
#include "recipe/rests_on.h"
#include "support/ranges.h"

namespace yd::plan {

inline constexpr Limit kHandLimit{0, 0.5};
inline constexpr Limit kLightPressLimit{0.2, 3};
inline constexpr Limit kFirmPressLimit{0.2, 2};
inline constexpr Limit kPaceLimit{1 / kSlowestPace, kSlowestPace};

/// Whose hand it is: the same in every picture.
struct Artist {
  optics::HandPressure presses;  ///< what the artist makes of a pressure: see parameters_for
  RestsOn rests_on;              ///< by whose measurements; told with the plan, changes nothing
  double hand = 0.15;            ///< how far off a pressure is, as a share of it: 0 (a machine) to 0.5 (shaky)
  Pace pace;                     ///< how fast the artist is, for the minutes
  bool operator==(const Artist&) const = default;
};

/// The model as this artist's hand has it: whoever makes or shows a plan of these options reckons with it.
optics::Parameters parameters_for(const Artist& artist, optics::Parameters parameters);

}  // namespace yd::plan
