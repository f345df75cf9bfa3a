// SPDX-License-Identifier: MIT
#include "calibrate/calibrate.h"

namespace yd::calibrate {

std::vector<OffcutStroke> offcut_strokes(std::span<const int> sticks, int count) {
  // Firm strokes say most of a stick, light ones of the hand.
  struct Way {
    double pressure;
    plan::Technique technique;
  };
  constexpr std::array<Way, 6> kRound{{{1.0, plan::Technique::laid},
                                       {0.3, plan::Technique::laid},
                                       {0.6, plan::Technique::rubbed},
                                       {0.6, plan::Technique::laid},
                                       {1.0, plan::Technique::rubbed},
                                       {0.3, plan::Technique::rubbed}}};
  std::vector<OffcutStroke> out;
  const std::size_t n = sticks.size();
  for (std::size_t i = 0; n > 0 && i < static_cast<std::size_t>(count) && i < n * kRound.size(); ++i) {
    // Of one round only, every third stroke is a light one: a hand is not known by firm ones alone.
    const bool light = static_cast<std::size_t>(count) <= n && i % 3 == 2;
    const Way& way = light ? kRound[1] : kRound[i / n];
    out.push_back({sticks[i % n], way.pressure, way.technique});
  }
  return out;
}

}  // namespace yd::calibrate
