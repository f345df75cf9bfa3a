// SPDX-License-Identifier: MIT
#pragma once

#include "optics/kernel.h"

namespace yd::optics {

extern const Kernel kBaselineKernel;
extern const Kernel kAvx2Kernel;

}  // namespace yd::optics
