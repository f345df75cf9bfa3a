// SPDX-License-Identifier: MIT
#pragma once

#include "colour/lab.h"

namespace yd::colour {

/// DIN99o (DIN 6176:2018, "Farbmetrische Bestimmung von Farbabständen", kE = kCH = 1): coordinates in which plain
/// Euclidean distance stands in for CIEDE2000. For searches, where the exact formula would be asked hundreds of
/// millions of times; what is shown is CIEDE2000. The formula is from memory; tests hold it against CIEDE2000.
struct Din99o {
  float l = 0, a = 0, b = 0;
};

Din99o to_din99o(const Lab& lab);

inline float distance_squared(const Din99o& p, const Din99o& q) {
  const float l = p.l - q.l;
  const float a = p.a - q.a;
  const float b = p.b - q.b;
  return l * l + a * a + b * b;
}

}  // namespace yd::colour
