// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>

namespace yd::formats {

/// The most rows a table of sticks may have in any of the formats that are read; more is refused as too large.
inline constexpr std::size_t kMostRows = 20000;
inline constexpr const char* kTooManyRows = "holds more than 20000 rows";

}  // namespace yd::formats
