// SPDX-License-Identifier: MIT
#pragma once

#include <array>

#include "subject/measure.h"

namespace yd::check {

using subject::Point;
/// Corners: top left, top right, bottom right, bottom left.
using Quad = std::array<Point, 4>;

/// Row by row; takes (x, y, 1) to (u w, v w, w).
using Homography = std::array<double, 9>;
/// The only one that takes four points to four points, no three on a line: eight linear equations (R. Hartley,
/// A. Zisserman, "Multiple View Geometry in Computer Vision", 2nd ed. 2004, section 4.1).
Homography homography(const Quad& from, const Quad& to);
inline Point carried(const Homography& h, const Point& p) {
  const double w = h[6] * p.x + h[7] * p.y + h[8];
  return {(h[0] * p.x + h[1] * p.y + h[2]) / w, (h[3] * p.x + h[4] * p.y + h[5]) / w};
}

/// A lens that bends straight lines: a point at the distance r of the middle belongs at r / (1 + bend r²), r in half
/// diagonals of the frame. The division model: A. Fitzgibbon, "Simultaneous linear estimation of multiple view geometry
/// and lens distortion", CVPR 2001, eq. 2.
struct Lens {
  Point middle;
  double half_diagonal = 1;  ///< pixels
  double bend = 0;           ///< below 0: barrel
  Point straight(const Point& seen) const;
  /// The inverse, in closed form.
  Point seen(const Point& straight) const { return bend == 0 ? straight : bent(straight); }

 private:
  Point bent(const Point& straight) const;
};

/// Where a rectangle lies in a photograph: shares of its width and height to pixels.
struct Placement {
  Lens lens;
  Homography into{};  ///< shares to straight pixels
  Point at(double u, double v) const { return lens.seen(carried(into, {u, v})); }
  Quad corners() const;
};
/// By the corners as they are seen.
Placement place(const Lens& lens, const Quad& seen);

/// Shares of the picture that a place of the photograph has: the inverse of its placement.
class Shares {
 public:
  explicit Shares(const Placement& placement);
  Point of(const Point& seen) const { return carried(out_of_, lens_.straight(seen)); }

 private:
  Lens lens_;
  Homography out_of_{};
};

/// Area of a polygon of four corners, in square pixels; below 0 where they run anticlockwise on the screen.
double area_of(const Quad& quad);
/// Clockwise on the screen, no corner turned in.
bool is_convex(const Quad& quad);
double distance(const Point& p, const Point& q);

}  // namespace yd::check
