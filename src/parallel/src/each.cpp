// SPDX-License-Identifier: MIT
#include "parallel/each.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

namespace yd::parallel::detail {

void in_parts(std::size_t n, std::size_t grain, Part part, const void* body) {
  if (n == 0) return;
  tbb::parallel_for(tbb::blocked_range<std::size_t>(0, n, grain),
                    [&](const tbb::blocked_range<std::size_t>& range) { part(body, range.begin(), range.end()); });
}

}  // namespace yd::parallel::detail
