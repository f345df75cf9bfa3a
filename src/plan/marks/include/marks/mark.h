// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "media/parts.h"
#include "order/passes.h"

namespace yd::plan {

/// A place on the path of a mark.
struct MarkPoint {
  float x_mm = 0, y_mm = 0;  ///< from the upper left of the picture
  float share = 1;           ///< of the pressure that its pass has on `target`; of no target: of the pass's own
  std::int16_t target = -1;  ///< the shade that the hand follows here; -1: whatever lies there
  bool operator==(const MarkPoint&) const = default;
};

/// A stroke of one part of one stick along a path, or of what rubs.
struct LaidMark {
  int part = 0;                   ///< place in media::all_parts()
  std::vector<MarkPoint> points;  ///< one: a dab
  bool operator==(const LaidMark&) const = default;
};

/// The marks of one pass, in the order they are laid; what rubs comes after what is rubbed.
struct MarkedPass {
  std::vector<LaidMark> marks;
  double seconds = 0;  ///< of all of them, without taking up the stick
};

inline const media::Part& part_of(const LaidMark& mark) {
  return media::all_parts()[static_cast<std::size_t>(mark.part)];
}
bool rubs(const LaidMark& mark);
/// Of its path, mm.
double length_of(const LaidMark& mark);
/// Seconds it takes.
inline double seconds_of(const LaidMark& mark) { return part_of(mark).seconds(length_of(mark)); }

/// Pressure at a point when the pass is laid as `pass` says; 0: not there.
double pressure_at(const MarkPoint& point, const Pass& pass);

/// Sides of the picture on the sheet, and how finely it is looked at.
struct SheetGrid {
  double width_mm = 0, height_mm = 0;
  double px_per_mm = 1;
  int width = 0, height = 0;  ///< pixels
};
/// `aspect`: width to height; `most_px_per_mm`: where `long_side_px` has more, fewer are taken.
SheetGrid sheet_grid(double sheet_cm2, double aspect, int long_side_px, double most_px_per_mm);

/// The same sheet looked at in so many pixels.
SheetGrid at_size(SheetGrid grid, int width, int height);

}  // namespace yd::plan
