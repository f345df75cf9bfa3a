// SPDX-License-Identifier: MIT
#pragma once

#include "marks/canvas.h"
#include "marks/mark_out.h"
#include "reading.h"

namespace yd::plan {

struct Worth {
  double price = 0;         ///< of a second, DIN99o times mm2
  double most_minutes = 0;  ///< that are left
};

/// Finishing passes over whatever lies there: of one stick with one part at one pressure, the best first, while the
/// best is worth its minutes. Laid on the canvas and added to `out`.
void refine(const MarkingInput& input, const SheetReading& reading, Canvas& canvas, const Worth& worth, Marking& out);

}  // namespace yd::plan
