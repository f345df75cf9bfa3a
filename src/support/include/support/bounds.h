// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>
#include <cstdio>
#include <cstdlib>

namespace yd {

/// `count`, where a list of a fixed length has room for so many. Counts out of files and options are refused in words
/// long before; one that comes so far is a bug, and the program ends here instead of writing over other memory.
inline std::size_t within(std::size_t count, std::size_t room) {
  if (count <= room) return count;
  std::fprintf(stderr, "yawning-dune: %zu in a list of %zu; please report this\n", count, room);
  std::abort();
}

}  // namespace yd
