// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "media/medium.h"
#include "support/result.h"

namespace yd::media {

/// What of a stick, or of a tool that rubs, touches the sheet: how wide a mark it makes, how long it takes, how far a
/// hand misses with it. A row of data/model/parts.json; the numbers are ours, from handling them.
struct Part {
  std::string of;             ///< a medium by its name, or kRubbing
  std::string name;           ///< "side", "end", "edge", "point" …
  double width_mm = 0;        ///< of the mark, 0.2 to 100
  double least_mm = 0;        ///< length, 0.2 to 500
  double greatest_mm = 0;     ///< before the hand is set anew, least_mm to 1000
  double set_s = 0;           ///< to set a mark, 0.05 to 60
  double speed_mm_s = 0;      ///< 1 to 250
  double miss_mm = 0;         ///< how far the mark lies from where it should, one standard deviation; 0 to 20
  double least_pressure = 0;  ///< that a hand still holds, 0 to 1
  std::string reason;

  /// Of a mark so long, in seconds.
  double seconds(double length_mm) const { return set_s + length_mm / speed_mm_s; }
};
inline constexpr std::string_view kRubbing = "rubbing";

using PartTable = std::vector<Part>;

/// Errors name the file and the row; a part twice, a medium that is none, and a medium without parts are errors too.
Result<PartTable> load_parts(const std::filesystem::path& file);

/// The shipped table, read once.
const Result<PartTable>& shipped_parts();

/// Its rows.
std::span<const Part> all_parts();

/// Of a medium, or of what rubs: places in the table, the broadest first.
std::vector<int> parts_of(std::string_view name);
inline std::vector<int> parts_of(Medium medium) { return parts_of(name(medium)); }

}  // namespace yd::media
