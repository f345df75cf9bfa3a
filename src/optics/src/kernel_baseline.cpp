// SPDX-License-Identifier: MIT
#include "kernel_body.h"
#include "kernel_builds.h"

namespace yd::optics {

const Kernel kBaselineKernel{films, lay, lay_mean, "baseline"};

}  // namespace yd::optics
