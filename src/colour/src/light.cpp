// SPDX-License-Identifier: MIT
#include "colour/light.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace yd::colour {
namespace {

// D50 of the profile connection space (ICC.1), Y = 1.
constexpr Xyz kWhite{0.96422, 1.0, 0.82521};

/// Where each level ends, and the level that the light at the foot of each of many equal steps has: from there it is
/// one or two levels to the right one, without a power for every pixel.
struct Levels {
  static constexpr int kSteps = 4096;
  std::array<double, 255> end{};
  std::array<std::uint8_t, kSteps + 1> at{};

  Levels() {
    for (std::size_t n = 0; n < end.size(); ++n) end[n] = light_of_fraction((static_cast<double>(n) + 0.5) / 255);
    for (std::size_t i = 0; i < at.size(); ++i) {
      const double light = static_cast<double>(i) / kSteps;
      at[i] = static_cast<std::uint8_t>(std::upper_bound(end.begin(), end.end(), light) - end.begin());
    }
  }
};

}  // namespace

double light_of_fraction(double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); }

float light_of_level(std::uint8_t level) {
  static const std::array<float, 256> table = [] {
    std::array<float, 256> t{};
    for (std::size_t i = 0; i < t.size(); ++i)
      t[i] = static_cast<float>(light_of_fraction(static_cast<double>(i) / 255));
    return t;
  }();
  return table[level];
}

std::uint8_t level_of_light(double light) {
  static const Levels levels;
  const double v = light > 0 ? std::min(light, 1.0) : 0;
  std::size_t level = levels.at[static_cast<std::size_t>(v * Levels::kSteps)];
  while (level < levels.end.size() && v >= levels.end[level]) ++level;
  return static_cast<std::uint8_t>(level);
}

Light to_light(const Lab& lab) {
  const Xyz v = to_xyz(lab, kWhite);
  return {static_cast<float>(3.1338561 * v.x - 1.6168667 * v.y - 0.4906146 * v.z),
          static_cast<float>(-0.9787684 * v.x + 1.9161415 * v.y + 0.0334540 * v.z),
          static_cast<float>(0.0719453 * v.x - 0.2289914 * v.y + 1.4052427 * v.z)};
}

Lab to_lab(const Light& c) {
  return to_lab(
      Xyz{0.4360747 * c.r + 0.3850649 * c.g + 0.1430804 * c.b, 0.2225045 * c.r + 0.7168786 * c.g + 0.0606169 * c.b,
          0.0139322 * c.r + 0.0971045 * c.g + 0.7141733 * c.b},
      kWhite);
}

}  // namespace yd::colour
