// SPDX-License-Identifier: MIT
#include "check/geometry.h"

#include <cmath>
#include <opencv2/core.hpp>

namespace yd::check {
namespace {

constexpr Quad kUnit{{{0, 0}, {1, 0}, {1, 1}, {0, 1}}};

double turn(const Point& a, const Point& b, const Point& c) {
  return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
}

}  // namespace

Homography homography(const Quad& from, const Quad& to) {
  cv::Matx<double, 8, 8> a;
  cv::Matx<double, 8, 1> b;
  for (int i = 0; i < 4; ++i) {
    const Point& p = from[static_cast<std::size_t>(i)];
    const Point& q = to[static_cast<std::size_t>(i)];
    const std::array<std::array<double, 8>, 2> rows{
        {{p.x, p.y, 1, 0, 0, 0, -p.x * q.x, -p.y * q.x}, {0, 0, 0, p.x, p.y, 1, -p.x * q.y, -p.y * q.y}}};
    for (int k = 0; k < 2; ++k) std::copy(rows[k].begin(), rows[k].end(), &a(2 * i + k, 0));
    b(2 * i) = q.x;
    b(2 * i + 1) = q.y;
  }
  const cv::Matx<double, 8, 1> h = a.solve(b, cv::DECOMP_LU);
  return {h(0), h(1), h(2), h(3), h(4), h(5), h(6), h(7), 1};
}

Point Lens::straight(const Point& p) const {
  const double x = (p.x - middle.x) / half_diagonal;
  const double y = (p.y - middle.y) / half_diagonal;
  const double s = half_diagonal / (1 + bend * (x * x + y * y));
  return {middle.x + s * x, middle.y + s * y};
}

Point Lens::bent(const Point& p) const {
  const double x = (p.x - middle.x) / half_diagonal;
  const double y = (p.y - middle.y) / half_diagonal;
  const double r2 = x * x + y * y;
  // r = R / (1 + k R²) solved for R: k r R² - R + r = 0.
  const double root = std::sqrt(std::max(0.0, 1 - 4 * bend * r2));
  const double s = half_diagonal * 2 / (1 + root);
  return {middle.x + s * x, middle.y + s * y};
}

Quad Placement::corners() const {
  Quad out;
  for (std::size_t i = 0; i < 4; ++i) out[i] = at(kUnit[i].x, kUnit[i].y);
  return out;
}

Placement place(const Lens& lens, const Quad& seen) {
  Quad straight;
  for (std::size_t i = 0; i < 4; ++i) straight[i] = lens.straight(seen[i]);
  return {lens, homography(kUnit, straight)};
}

Shares::Shares(const Placement& placement) : lens_(placement.lens) {
  Quad straight;
  for (std::size_t i = 0; i < 4; ++i) straight[i] = lens_.straight(placement.corners()[i]);
  out_of_ = homography(straight, {{{0, 0}, {1, 0}, {1, 1}, {0, 1}}});
}

double area_of(const Quad& q) {
  double sum = 0;
  for (std::size_t i = 0; i < 4; ++i) sum += q[i].x * q[(i + 1) % 4].y - q[(i + 1) % 4].x * q[i].y;
  return sum / 2;
}

bool is_convex(const Quad& q) {
  for (std::size_t i = 0; i < 4; ++i) {
    if (turn(q[i], q[(i + 1) % 4], q[(i + 2) % 4]) <= 0) return false;
  }
  return true;
}

double distance(const Point& p, const Point& q) { return std::hypot(p.x - q.x, p.y - q.y); }

}  // namespace yd::check
