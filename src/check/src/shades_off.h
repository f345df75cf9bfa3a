// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "check/laid.h"

namespace yd::check {

/// Some shades of a mass taken together. Colours are means by area.
struct Shades {
  std::vector<int> targets;  ///< in the plan's order
  Compared colours;          ///< area: of what was seen of them, share of the picture
  double spread_de00 = 0;    ///< what the hand alone makes of one of them
  double beyond() const { return colours.de00 - spread_de00; }
};

/// The shades of a mass that are off by more than the hand explains, those together that are off in the same way:
/// weightiest first. Groups too small to be told from the photograph's own scatter are left out.
std::vector<Shades> shades_off(const Reading& reading, const plan::Plan& plan, int mass, const HandSpread& spread);

/// The shades of a mass that were seen, without those of `groups`.
Shades rest_of(const Reading& reading, const plan::Plan& plan, int mass, std::span<const Shades> groups,
               const HandSpread& spread);

}  // namespace yd::check
