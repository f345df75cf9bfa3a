// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>

#include "colour/lab.h"
#include "support/random.h"

namespace yd::standin {

/// A stand-in for a colorimeter held on a stroke: the colour, but for its repeatability. Ours: a good pocket instrument
/// repeats to a tenth or two, set down beside the place it stood on it strays further.
class Colorimeter {
 public:
  /// `repeatability`: standard deviation of L*, a* and b* each. The same readings for the same seed.
  Colorimeter(double repeatability, std::uint64_t seed) : repeatability_(repeatability), random_(seed) {}
  colour::Lab measure(const colour::Lab& truth);

 private:
  double bell();

  double repeatability_;
  Random random_;
};

}  // namespace yd::standin
