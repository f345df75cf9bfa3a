// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <cmath>

namespace yd::plan {

/// Sums over places, for their centre and scatter.
struct Spread {
  double n = 0, x = 0, y = 0, xx = 0, xy = 0, yy = 0;
  void add(double u, double v) { n += 1, x += u, y += v, xx += u * u, xy += u * v, yy += v * v; }
  double cx() const { return n > 0 ? x / n : 0; }
  double cy() const { return n > 0 ? y / n : 0; }
  double vx() const { return n > 0 ? std::max(1e-9, xx / n - cx() * cx()) : 1e-9; }
  double vy() const { return n > 0 ? std::max(1e-9, yy / n - cy() * cy()) : 1e-9; }
  double vxy() const { return n > 0 ? xy / n - cx() * cy() : 0; }
};

/// The plane through a field over places by least squares: z = mean + gx (x - cx) + gy (y - cy).
struct PlaneFit {
  Spread at;
  double z = 0, zz = 0, xz = 0, yz = 0;
  void add(double x, double y, double v) { at.add(x, y), z += v, zz += v * v, xz += x * v, yz += y * v; }
  struct Found {
    double gx = 0, gy = 0;
    double explained = 0;  ///< share of the field's variance
    double variance = 0;
  };
  Found fit() const {
    if (at.n < 12) return {};
    const double mz = z / at.n;
    const double vz = zz / at.n - mz * mz;
    const double cxz = xz / at.n - at.cx() * mz;
    const double cyz = yz / at.n - at.cy() * mz;
    const double det = at.vx() * at.vy() - at.vxy() * at.vxy();
    if (det < 1e-9 || vz < 1e-6) return {};
    Found f;
    f.gx = (cxz * at.vy() - cyz * at.vxy()) / det;
    f.gy = (cyz * at.vx() - cxz * at.vxy()) / det;
    f.explained = (f.gx * cxz + f.gy * cyz) / vz;
    f.variance = vz;
    return f;
  }
  /// Change of the plane from one end of the places to the other: some three and a half standard deviations of them.
  static double along(const Found& f, const Spread& s) {
    return 3.5 * std::sqrt(std::max(0.0, f.gx * f.gx * s.vx() + f.gy * f.gy * s.vy() + 2 * f.gx * f.gy * s.vxy()));
  }
};

}  // namespace yd::plan
