// SPDX-License-Identifier: MIT
#pragma once

#include "check/light_fix.h"

namespace yd::check {

inline double channel(const colour::Light& c, int k) { return k == 0 ? c.r : k == 1 ? c.g : c.b; }

/// The camera's curve by the greys on the cards of the corner marks (printed/marks.h), light and colour by the bare
/// paper round the picture, or where there is none by what is left white of the cards. `bare`: what the paper alone
/// came to. Nothing where the greys do not fit.
std::optional<LightFix> fix_by_cards(const Photo& photo, const Located& located, const LightFix& bare);

}  // namespace yd::check
