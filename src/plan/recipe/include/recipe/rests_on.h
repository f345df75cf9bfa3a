// SPDX-License-Identifier: MIT
#pragma once

#include <string>

namespace yd::plan {

/// Which measurements of hand and sticks a plan reckons with.
struct RestsOn {
  std::string artist;    ///< whose hand, as the artist calls it
  std::string paper;     ///< id of the paper the strokes were laid on
  std::string date;      ///< when, YYYY-MM-DD
  int readings = 0;      ///< strokes measured; 0: nobody's in particular
  double off_de00 = -1;  ///< CIEDE2000 of strokes left out of the fit, mean; -1 where it was not tried
  bool operator==(const RestsOn&) const = default;
};

}  // namespace yd::plan
