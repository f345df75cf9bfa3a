// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>

namespace tbb {

/// The stand-in never starts more than one thread beside the caller.
class global_control {
 public:
  enum parameter { max_allowed_parallelism, thread_stack_size };
  global_control(parameter, std::size_t) {}
};

}  // namespace tbb
