// SPDX-License-Identifier: MIT
#include "colour/light.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace yd::colour {
namespace {

// D50 of the profile connection space (ICC.1), Y = 1.
constexpr Xyz kWhite{0.96422, 1.0, 0.82521};

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
  const double v = std::clamp(light, 0.0, 1.0);
  const double c = v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055;
  return static_cast<std::uint8_t>(std::lround(255 * c));
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
