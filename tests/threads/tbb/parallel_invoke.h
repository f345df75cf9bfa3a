// SPDX-License-Identifier: MIT
#pragma once

#include <functional>

#include "tbb/parallel_for.h"

namespace tbb {

template <class... Bodies>
void parallel_invoke(const Bodies&... bodies) {
  const std::function<void()> all[] = {std::cref(bodies)...};
  standin::spread(sizeof...(bodies), [&](std::size_t i) { all[i](); });
}

}  // namespace tbb
