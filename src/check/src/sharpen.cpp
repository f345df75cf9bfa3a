// SPDX-License-Identifier: MIT
// The sides of a quad to a fraction of a pixel, and what they say of the lens.
#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "check/sheet.h"
#include "edges_seen.h"

namespace yd::check {
namespace {

constexpr int kAlong = 120;     // along a side
constexpr double kEnds = 0.03;  // of a side, left out at the corners
constexpr double kMostBend = 0.1;
constexpr double kFaint = 0.6;     // step a pixel that is an edge where one is known to be
constexpr double kOwnBlur_px = 1;  // that the edges are found with

struct SidePoints {
  std::vector<Point> at;
  std::vector<double> step;  ///< strength of the edge there
  double share = 0;          ///< of the places where one was found
};

float sample(const cv::Mat& m, double x, double y) {
  const int u = static_cast<int>(std::floor(x));
  const int v = static_cast<int>(std::floor(y));
  if (u < 0 || v < 0 || u + 1 >= m.cols || v + 1 >= m.rows) return 0;
  const float fx = static_cast<float>(x - u);
  const float fy = static_cast<float>(y - v);
  return (1 - fy) * ((1 - fx) * m.at<float>(v, u) + fx * m.at<float>(v, u + 1)) +
         fy * ((1 - fx) * m.at<float>(v + 1, u) + fx * m.at<float>(v + 1, u + 1));
}

/// The strongest edge across a side at each place, within `reach` pixels of it. A pixel's middle is at its half.
SidePoints look_along(const EdgePicture& e, const Point& from, const Point& to, double reach) {
  SidePoints out;
  const double length = distance(from, to);
  const Point across{-(to.y - from.y) / length, (to.x - from.x) / length};
  for (int i = 0; i < kAlong; ++i) {
    const double t = kEnds + (1 - 2 * kEnds) * i / (kAlong - 1.0);
    const Point on{from.x + t * (to.x - from.x), from.y + t * (to.y - from.y)};
    double best = 0;
    double where = 0;
    for (double d = -reach; d <= reach; d += 0.5) {
      const double s = sample(e.strength, on.x + d * across.x - 0.5, on.y + d * across.y - 0.5);
      if (s > best) {
        best = s;
        where = d;
      }
    }
    if (best < std::min(e.floor, kFaint)) continue;
    const double before =
        sample(e.strength, on.x + (where - 0.5) * across.x - 0.5, on.y + (where - 0.5) * across.y - 0.5);
    const double after =
        sample(e.strength, on.x + (where + 0.5) * across.x - 0.5, on.y + (where + 0.5) * across.y - 0.5);
    const double curve = before - 2 * best + after;
    if (curve < 0) where += 0.25 * (before - after) / curve;
    out.at.push_back({on.x + where * across.x, on.y + where * across.y});
    out.step.push_back(best);
  }
  out.share = static_cast<double>(out.at.size()) / kAlong;
  return out;
}

/// The line nearest to points, without those that lie off it: a unit normal and its distance, and how far points are
/// off it, squared, on average.
struct Straight {
  double nx = 1, ny = 0, rho = 0, off2 = 1e9;
};

/// Through those that are `in`; false: they are too few.
bool lay_through(const std::vector<Point>& points, const std::vector<char>& in, Straight& out) {
  double n = 0;
  Point mean;
  for (std::size_t i = 0; i < points.size(); ++i) {
    if (in[i] != 0) {
      n += 1;
      mean.x += points[i].x;
      mean.y += points[i].y;
    }
  }
  if (n < 8) return false;
  mean.x /= n, mean.y /= n;
  double xx = 0;
  double xy = 0;
  double yy = 0;
  for (std::size_t i = 0; i < points.size(); ++i) {
    if (in[i] == 0) continue;
    const double dx = points[i].x - mean.x;
    const double dy = points[i].y - mean.y;
    xx += dx * dx;
    xy += dx * dy;
    yy += dy * dy;
  }
  const double angle = 0.5 * std::atan2(2 * xy, xx - yy) + std::numbers::pi / 2;
  out.nx = std::cos(angle);
  out.ny = std::sin(angle);
  out.rho = out.nx * mean.x + out.ny * mean.y;
  return true;
}

Straight straight_through(const std::vector<Point>& points) {
  Straight out;
  std::vector<char> in(points.size(), 1);
  for (int round = 0; round < 4; ++round) {
    if (!lay_through(points, in, out)) return out;
    std::vector<double> off(points.size());
    for (std::size_t i = 0; i < off.size(); ++i)
      off[i] = std::abs(out.nx * points[i].x + out.ny * points[i].y - out.rho);
    std::vector<double> sorted = off;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2), sorted.end());
    const double far = std::max(0.3, 3 * sorted[sorted.size() / 2]);
    out.off2 = 0;
    for (std::size_t i = 0; i < points.size(); ++i) {
      in[i] = off[i] <= far ? 1 : 0;
      out.off2 += std::min(off[i], far) * std::min(off[i], far) / static_cast<double>(points.size());
    }
  }
  return out;
}

std::array<Straight, 4> sides_of(const std::array<SidePoints, 4>& sides, const Lens& lens) {
  std::array<Straight, 4> out;
  for (std::size_t i = 0; i < 4; ++i) {
    std::vector<Point> points;
    for (const Point& p : sides[i].at) points.push_back(lens.straight(p));
    out[i] = straight_through(points);
  }
  return out;
}

double unstraight(const std::array<SidePoints, 4>& sides, Lens lens, double bend) {
  lens.bend = bend;
  double sum = 0;
  for (const Straight& s : sides_of(sides, lens)) sum += s.off2;
  return sum;
}

/// The bend that leaves the sides straightest: by steps, then between the best one's neighbours.
double bend_of(const std::array<SidePoints, 4>& sides, const Lens& lens) {
  constexpr int kSteps = 40;
  const double step = 2 * kMostBend / kSteps;
  int best = 0;
  std::vector<double> cost;
  for (int i = 0; i <= kSteps; ++i) {
    cost.push_back(unstraight(sides, lens, -kMostBend + i * step));
    if (cost.back() < cost[static_cast<std::size_t>(best)]) best = i;
  }
  double low = -kMostBend + (best - 1) * step;
  double high = low + 2 * step;
  for (int i = 0; i < 20; ++i) {
    const double p = low + (high - low) / 3;
    const double q = high - (high - low) / 3;
    if (unstraight(sides, lens, p) < unstraight(sides, lens, q)) {
      high = q;
    } else {
      low = p;
    }
  }
  return 0.5 * (low + high);
}

Point meet(const Straight& p, const Straight& q) {
  const double det = p.nx * q.ny - p.ny * q.nx;
  return {(p.rho * q.ny - q.rho * p.ny) / det, (q.rho * p.nx - p.rho * q.nx) / det};
}

/// How soft the photograph is: a step of height h blurred by s has its steepest place at h / (s sqrt(2 pi)). The height
/// is taken between some pixels on either side.
double blur_of(const cv::Mat& sensed, const std::array<SidePoints, 4>& sides, const Quad& quad) {
  constexpr double kAside = 24;
  std::vector<double> all;
  for (std::size_t i = 0; i < 4; ++i) {
    const double length = distance(quad[i], quad[(i + 1) % 4]);
    const Point across{-(quad[(i + 1) % 4].y - quad[i].y) / length, (quad[(i + 1) % 4].x - quad[i].x) / length};
    for (std::size_t n = 0; n < sides[i].at.size(); ++n) {
      const Point& p = sides[i].at[n];
      std::array<cv::Vec3f, 2> ends;
      bool inside = true;
      for (int side = 0; side < 2; ++side) {
        const double d = side == 0 ? -kAside : kAside;
        const int x = static_cast<int>(p.x + d * across.x);
        const int y = static_cast<int>(p.y + d * across.y);
        inside = inside && x >= 0 && y >= 0 && x < sensed.cols && y < sensed.rows;
        if (inside) ends[static_cast<std::size_t>(side)] = sensed.at<cv::Vec3f>(y, x);
      }
      if (inside) all.push_back(cv::norm(ends[0] - ends[1]) / (sides[i].step[n] * std::sqrt(2 * std::numbers::pi)));
    }
  }
  if (all.size() < 20) return 0;
  std::nth_element(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2), all.end());
  const double whole = all[all.size() / 2];
  return std::sqrt(std::max(0.0, whole * whole - kOwnBlur_px * kOwnBlur_px));
}

}  // namespace

struct Sharpener::Seen {
  cv::Mat sensed;
  EdgePicture edges;
};

Sharpener::Sharpener(const Photo& photo) {
  const cv::Mat sensed = as_sensed(photo.image);
  seen_ = std::make_shared<const Seen>(Seen{sensed, steps_seen(sensed, kOwnBlur_px)});
}

SharpQuad Sharpener::sharpen(const Quad& quad) const {
  const EdgePicture& e = seen_->edges;
  const int width = e.strength.cols;
  const int height = e.strength.rows;
  SharpQuad out;
  out.seen = quad;
  out.lens.middle = {0.5 * width, 0.5 * height};
  out.lens.half_diagonal = 0.5 * std::hypot(width, height);
  std::array<SidePoints, 4> sides;
  for (const double reach : {0.018, 0.008, 0.004}) {
    double least = 1;
    for (std::size_t i = 0; i < 4; ++i) {
      sides[i] = look_along(e, out.seen[i], out.seen[(i + 1) % 4], reach * std::max(width, height));
      least = std::min(least, sides[i].share);
    }
    out.support = least;
    if (least < 0.3) return out;
    out.lens.bend = bend_of(sides, out.lens);
    const std::array<Straight, 4> straight = sides_of(sides, out.lens);
    for (std::size_t i = 0; i < 4; ++i) out.seen[i] = out.lens.seen(meet(straight[(i + 3) % 4], straight[i]));
  }
  out.blur_px = blur_of(seen_->sensed, sides, out.seen);
  return out;
}

}  // namespace yd::check
