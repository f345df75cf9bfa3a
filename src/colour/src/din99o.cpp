// SPDX-License-Identifier: MIT
#include "colour/din99o.h"

#include <cmath>

namespace yd::colour {

Din99o to_din99o(const Lab& lab) {
  constexpr double kCos26 = 0.8987940463;
  constexpr double kSin26 = 0.4383711468;
  const double e = lab.a * kCos26 + lab.b * kSin26;
  const double f = 0.83 * (lab.b * kCos26 - lab.a * kSin26);
  const double g = std::sqrt(e * e + f * f);
  const double c = std::log(1 + 0.075 * g) / 0.0435;
  // The hue angle is turned by 26 degrees; turning the two components by it spares the angle itself.
  const double scale = g > 1e-9 ? c / g : 0;
  return {static_cast<float>(303.67 * std::log(1 + 0.0039 * lab.l)),
          static_cast<float>(scale * (e * kCos26 - f * kSin26)), static_cast<float>(scale * (e * kSin26 + f * kCos26))};
}

}  // namespace yd::colour
