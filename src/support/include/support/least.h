// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <cstddef>
#include <numeric>
#include <utility>
#include <vector>

namespace yd {

/// Places of the `count` least of `size` values, all of them where there are fewer, the least first and of equals the
/// earlier one. `value(place)` is asked often: a look-up, not a computation.
template <class Value>
std::vector<std::size_t> least_of(std::size_t size, std::size_t count, const Value& value) {
  std::vector<std::size_t> out(size);
  std::iota(out.begin(), out.end(), std::size_t{0});
  count = std::min(count, size);
  std::partial_sort(out.begin(), out.begin() + static_cast<std::ptrdiff_t>(count), out.end(),
                    [&](std::size_t p, std::size_t q) { return std::pair(value(p), p) < std::pair(value(q), q); });
  out.resize(count);
  return out;
}

}  // namespace yd
