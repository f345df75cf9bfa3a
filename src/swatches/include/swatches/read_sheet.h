// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "check/light_fix.h"
#include "check/photo.h"
#include "printed/sheet.h"

namespace yd::swatches {

/// One patch of a cell, as it is once the light is put right.
struct Patch {
  colour::Lab lab;       ///< far off, D50: light averaged over its middle
  double patchy = 0;     ///< standard deviation of L* over a few parts of it
  double clipped = 0;    ///< share of it where a channel of the photograph is at either end: too light, or too vivid
  double off_paper = 0;  ///< CIEDE2000 from the bare sheet
};

struct SheetReading {
  printed::Layout layout;
  check::Placement placement;  ///< of the sheet
  check::LightFix light;
  std::vector<std::vector<Patch>> cells;
};

/// Fewest pixels of the photograph as it is worked on (check/photo.h) that a patch's shorter side must have.
inline constexpr double kLeastPatch_px = 10;

/// Finds the sheet by its marks, undoes lens and light, and reads every patch. `paper`: of the bare sheet, D50. Errors,
/// all `bad_value` with what to do: no mark found, a mark hidden, marks of different sheets, too small, too light, too
/// dark, uneven or mirrored light.
Result<SheetReading> read_sheet(const check::Photo& photo, const colour::Lab& paper);

}  // namespace yd::swatches
