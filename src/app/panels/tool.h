// SPDX-License-Identifier: MIT
#pragma once

namespace yd::app {

/// What a line drawn on the subject does.
enum class Tool {
  none,
  pick_grey,
  pick_white,
  split,
  paint,
  ring,
  measure,
  compare,
  place,
  thing,
  thing_too,
  thing_not
};

}  // namespace yd::app
