// SPDX-License-Identifier: MIT
#include "kernel_body.h"
#include "kernel_builds.h"

namespace yd::optics {

const Kernel kAvx2Kernel{films, lay, lay_mean, "avx2"};

}  // namespace yd::optics
