// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <cmath>

#include "marks/mark.h"

namespace yd::plan {

/// Least half width of a mark that is seen at all, pixels.
inline constexpr double kLeastReach_px = 0.6;
/// How far a mark goes beyond the end of its path.
inline constexpr double kBluntEnd_mm = 1.5;

/// Calls visit(pixel, point) for the pixels under a mark, by place, some more than once: along its path as wide as its
/// part, rounded where it turns, flat where it begins and ends; a dab is round.
template <class Visit>
void under(const LaidMark& mark, const SheetGrid& grid, const Visit& visit) {
  const double reach = std::max(kLeastReach_px, part_of(mark).width_mm / 2 * grid.px_per_mm);
  const double blunt = std::min(reach, kBluntEnd_mm * grid.px_per_mm);
  const std::size_t last = mark.points.size() - 1;
  for (std::size_t i = 0; i < std::max<std::size_t>(1, last); ++i) {
    const MarkPoint& p = mark.points[i];
    const MarkPoint& q = mark.points[std::min(last, i + 1)];
    const double x = p.x_mm * grid.px_per_mm, y = p.y_mm * grid.px_per_mm;
    const double dx = q.x_mm * grid.px_per_mm - x, dy = q.y_mm * grid.px_per_mm - y;
    const double length = std::hypot(dx, dy);
    // Beyond its ends, along the segment.
    const double before = last > 0 && i == 0 ? blunt : reach;
    const double after = last > 0 && i + 1 == last ? blunt : reach;
    const int left = std::max(0, static_cast<int>(std::floor(std::min(x, x + dx) - reach)));
    const int right = std::min(grid.width - 1, static_cast<int>(std::ceil(std::max(x, x + dx) + reach)));
    const int top = std::max(0, static_cast<int>(std::floor(std::min(y, y + dy) - reach)));
    const int bottom = std::min(grid.height - 1, static_cast<int>(std::ceil(std::max(y, y + dy) + reach)));
    for (int v = top; v <= bottom; ++v) {
      for (int u = left; u <= right; ++u) {
        const double ox = u + 0.5 - x, oy = v + 0.5 - y;
        const double along = length > 0 ? (ox * dx + oy * dy) / length : 0;
        if (along < -before || along > length + after) continue;
        const double on = std::clamp(along, 0.0, length);
        const double ex = ox - (length > 0 ? on * dx / length : 0), ey = oy - (length > 0 ? on * dy / length : 0);
        if (ex * ex + ey * ey > reach * reach) continue;
        visit(static_cast<std::size_t>(v) * static_cast<std::size_t>(grid.width) + static_cast<std::size_t>(u),
              2 * along < length ? p : q);
      }
    }
  }
}

}  // namespace yd::plan
