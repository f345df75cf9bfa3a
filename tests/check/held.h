// SPDX-License-Identifier: MIT
#pragma once

#include "standin/camera.h"

namespace yd::trial {

/// By hand, with a smaller frame than a camera has, so that many can be taken.
inline standin::Camera held(std::uint64_t seed) {
  standin::Camera c = standin::handheld(seed);
  c.width = 1000;
  c.height = 750;
  return c;
}

}  // namespace yd::trial
