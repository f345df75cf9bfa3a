// SPDX-License-Identifier: MIT
#pragma once

#include "finishing.h"

namespace yd::plan {

/// Accents are strokes of their own: one stick, firm and laid, on the few shades where it gains most over the whole
/// picture, small vivid colours before dull ones, and only where a shade lies in places that a hand can hit. What
/// stands out from its mass counts like a mass of its own, and layers under which it would be lost leave it out. Found
/// one after the other, until the next is not worth its pass, `most` at most. Returns how many there are.
int add_accents(const Finishing& input, std::span<const int> tray, int most);

}  // namespace yd::plan
