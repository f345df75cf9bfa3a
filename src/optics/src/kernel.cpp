// SPDX-License-Identifier: MIT
#include "optics/kernel.h"

#include "kernel_builds.h"

namespace yd::optics {

const Kernel& baseline_kernel() { return kBaselineKernel; }

const Kernel* avx2_kernel() {
#if defined(__x86_64__)
  if (__builtin_cpu_supports("avx2") != 0 && __builtin_cpu_supports("fma") != 0) return &kAvx2Kernel;
#endif
  return nullptr;
}

const Kernel& kernel() {
  const Kernel* fast = avx2_kernel();
  return fast != nullptr ? *fast : baseline_kernel();
}

}  // namespace yd::optics
