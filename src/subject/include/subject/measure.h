// SPDX-License-Identifier: MIT
#pragma once

#include <string>
#include <vector>

#include "subject/regions.h"

namespace yd::subject {

/// A place in the picture, shares of its width and height.
struct Point {
  double x = 0, y = 0;
  bool operator==(const Point&) const = default;
};

/// The sheet the picture is drawn on, so that lengths can be said at paper scale.
struct Sheet {
  double width_cm = 40;
  double height_cm = 30;
};

/// The line between two places on the sheet.
struct Line {
  double length_cm = 0;
  double across_cm = 0;  ///< to the right
  double down_cm = 0;    ///< downwards
  double angle_deg = 0;  ///< from level, counter-clockwise, -90 (exclusive) to 90
  bool level = false;    ///< within kTrue_deg
  bool plumb = false;
};
inline constexpr double kTrue_deg = 1.0;
inline constexpr double kInch_cm = 2.54;
Line line_between(const Point& from, const Point& to, const Sheet& sheet);

/// A proportion as artists say it: the nearest simple fraction (half, two thirds, once and a half, twice …), and how
/// far it is off, as a share of itself.
struct Proportion {
  int times = 1, of = 1;
  double off = 0;
};
/// Of `length` to `other`; both above 0.
Proportion proportion(double length, double other);

/// Two places that lie under each other or on one level, within kAligned of the longer side of the sheet.
struct Alignment {
  std::size_t first = 0, second = 0;
  bool plumb = false;
};
inline constexpr double kAligned = 0.006;
std::vector<Alignment> alignments(const std::vector<Point>& places, const Sheet& sheet);
inline constexpr std::size_t kMostPlaces = 24;

/// Top, bottom, left and right of a mass, shares of the picture.
struct Extents {
  double left = 0, top = 0, right = 0, bottom = 0;
};
Extents extents(const LabelImage& labels, int mass);
/// Masses by height, the tallest first: what is set out first. Common practice, no published source.
std::vector<int> tallest_first(const LabelImage& labels, int masses);

}  // namespace yd::subject
