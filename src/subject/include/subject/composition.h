// SPDX-License-Identifier: MIT
#pragma once

#include <optional>

#include "subject/adjust.h"
#include "subject/crop.h"
#include "subject/measure.h"
#include "support/ranges.h"

namespace yd::subject {

/// What a side of the sheet may be.
inline constexpr Limit kSheetSideLimit_cm{1, 1000};

/// What is decided about the picture before its masses are read.
struct Composition {
  Crop crop;
  Adjust adjust;
  double width_cm = 40;  ///< of the sheet
  double height_cm = 30;
  bool thirds = false;              ///< lines drawn over the subject
  int grid = 0;                     ///< squares along each side; 0: none
  bool centre_line = false;         ///< plumb through the middle
  std::vector<Point> places{};      ///< chosen to be set out by: what lies under each other or level
  std::optional<double> horizon;    ///< share of the height, downwards
  std::optional<double> light_deg;  ///< towards the light, where the artist knows better than the guess
  bool operator==(const Composition&) const = default;
  /// The sheet's drawn size; a picture that is not cropped (`aspect` = width / height) fills the longer side.
  Sheet sheet(double aspect) const {
    if (!crop.whole()) return {width_cm, height_cm};
    const double longer = width_cm > height_cm ? width_cm : height_cm;
    return aspect >= 1 ? Sheet{longer, longer / aspect} : Sheet{longer * aspect, longer};
  }
};

}  // namespace yd::subject
