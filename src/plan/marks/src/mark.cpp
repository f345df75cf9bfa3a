// SPDX-License-Identifier: MIT
#include "marks/mark.h"

#include <algorithm>
#include <cmath>

namespace yd::plan {

bool rubs(const LaidMark& mark) { return part_of(mark).of == media::kRubbing; }

double length_of(const LaidMark& mark) {
  double sum = 0;
  for (std::size_t i = 1; i < mark.points.size(); ++i)
    sum += std::hypot(mark.points[i].x_mm - mark.points[i - 1].x_mm, mark.points[i].y_mm - mark.points[i - 1].y_mm);
  return sum;
}

double pressure_at(const MarkPoint& point, const Pass& pass) {
  if (point.target < 0) return std::min(1.0, point.share * pass.pressure);
  if (!std::binary_search(pass.targets.begin(), pass.targets.end(), static_cast<int>(point.target))) return 0;
  return std::min(1.0, point.share * pressure_on(pass, point.target));
}

SheetGrid sheet_grid(double sheet_cm2, double aspect, int long_side_px, double most_px_per_mm) {
  SheetGrid out;
  out.height_mm = 10 * std::sqrt(sheet_cm2 / aspect);
  out.width_mm = out.height_mm * aspect;
  out.px_per_mm = std::min(most_px_per_mm, long_side_px / std::max(out.width_mm, out.height_mm));
  out.width = std::max(1, static_cast<int>(std::lround(out.width_mm * out.px_per_mm)));
  out.height = std::max(1, static_cast<int>(std::lround(out.height_mm * out.px_per_mm)));
  return out;
}

SheetGrid at_size(SheetGrid grid, int width, int height) {
  grid.width = width;
  grid.height = height;
  grid.px_per_mm = grid.width_mm > 0 ? width / grid.width_mm : 1;
  return grid;
}

}  // namespace yd::plan
