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

/// From one point of a path to the next, pixels.
struct Segment {
  double x = 0, y = 0;    ///< where it begins
  double ux = 1, uy = 0;  ///< its way, a unit vector
  double length = 0;
  double reach = 0;              ///< half its width
  double before = 0, after = 0;  ///< how far it goes beyond its ends
};

/// Narrows [low, high] to where a * t + b lies in [least, most].
inline void narrow(double a, double b, double least, double most, double& low, double& high) {
  if (std::abs(a) < 1e-12) {
    if (b < least || b > most) high = low - 1;
    return;
  }
  const double p = (least - b) / a, q = (most - b) / a;
  low = std::max(low, std::min(p, q));
  high = std::min(high, std::max(p, q));
}

/// Calls visit(pixel, nearer the end) for the pixels of a stretch, row by row.
template <class Visit>
void under(const Segment& s, const SheetGrid& grid, const Visit& visit) {
  const double ex = s.length * s.ux, ey = s.length * s.uy;
  const int top = std::max(0, static_cast<int>(std::floor(std::min(s.y, s.y + ey) - s.reach)));
  const int bottom = std::min(grid.height - 1, static_cast<int>(std::ceil(std::max(s.y, s.y + ey) + s.reach)));
  for (int v = top; v <= bottom; ++v) {
    const double oy = v + 0.5 - s.y;
    double low = std::min(0.0, ex) - s.reach, high = std::max(0.0, ex) + s.reach;
    narrow(s.uy, -oy * s.ux, -s.reach, s.reach, low, high);
    narrow(s.ux, oy * s.uy, -s.before, s.length + s.after, low, high);
    const int left = std::max(0, static_cast<int>(std::ceil(s.x + low - 0.5)));
    const int right = std::min(grid.width - 1, static_cast<int>(std::floor(s.x + high - 0.5)));
    const std::size_t row = static_cast<std::size_t>(v) * static_cast<std::size_t>(grid.width);
    for (int u = left; u <= right; ++u) {
      const double ox = u + 0.5 - s.x;
      const double along = ox * s.ux + oy * s.uy;
      if (along < 0 || along > s.length) {  // its ends are cut out of a disc
        const double beyond = along < 0 ? along : along - s.length;
        const double beside = ox * s.uy - oy * s.ux;
        if (beyond * beyond + beside * beside > s.reach * s.reach) continue;
      }
      visit(row + static_cast<std::size_t>(u), 2 * along >= s.length);
    }
  }
}

/// Calls visit(pixel, point) for the pixels under a mark, by place, some more than once: along its path as wide as its
/// part, rounded where it turns, flat where it begins and ends; a dab is round.
template <class Visit>
void under(const LaidMark& mark, const SheetGrid& grid, const Visit& visit) {
  const double reach = std::max(kLeastReach_px, part_of(mark).width_mm / 2 * grid.px_per_mm);
  const double blunt = std::min(reach, kBluntEnd_mm * grid.px_per_mm);
  const std::size_t last = mark.points.size() - 1;
  const double whole = length_of(mark) * grid.px_per_mm;
  double gone = 0;
  for (std::size_t i = 0; i < std::max<std::size_t>(1, last); ++i) {
    const MarkPoint& p = mark.points[i];
    const MarkPoint& q = mark.points[std::min(last, i + 1)];
    Segment s;
    s.x = p.x_mm * grid.px_per_mm, s.y = p.y_mm * grid.px_per_mm;
    const double dx = q.x_mm * grid.px_per_mm - s.x, dy = q.y_mm * grid.px_per_mm - s.y;
    s.length = std::hypot(dx, dy);
    if (s.length > 0) s.ux = dx / s.length, s.uy = dy / s.length;
    s.reach = reach;
    // Round where it turns, but not beyond the flat ends.
    s.before = last > 0 ? std::min(reach, gone + blunt) : reach;
    s.after = last > 0 ? std::min(reach, whole - gone - s.length + blunt) : reach;
    gone += s.length;
    under(s, grid, [&](std::size_t pixel, bool at_end) { visit(pixel, at_end ? q : p); });
  }
}

}  // namespace yd::plan
