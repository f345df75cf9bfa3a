// SPDX-License-Identifier: MIT
#include "standin/colorimeter.h"

#include <algorithm>
#include <cmath>

namespace yd::standin {

/// Of variance 1, near enough to a bell.
double Colorimeter::bell() {
  double sum = -6;
  for (int i = 0; i < 12; ++i) sum += random_.uniform();
  return sum;
}

colour::Lab Colorimeter::measure(const colour::Lab& truth) {
  const double l = repeatability_ * bell();
  const double a = repeatability_ * bell();
  const double b = repeatability_ * bell();
  return {std::clamp(truth.l + l, 0.0, 100.0), truth.a + a, truth.b + b};
}

}  // namespace yd::standin
