// SPDX-License-Identifier: MIT
#include "colour/lab.h"

#include <cmath>

namespace yd::colour {
namespace {

constexpr double kEpsilon = 216.0 / 24389.0;
constexpr double kKappa = 24389.0 / 27.0;
constexpr double kDegrees = 57.29577951308232;

double forward(double t) { return t > kEpsilon ? std::cbrt(t) : (kKappa * t + 16.0) / 116.0; }

double backward(double f) { return f * f * f > kEpsilon ? f * f * f : (116.0 * f - 16.0) / kKappa; }

}  // namespace

Lab to_lab(const Xyz& xyz, const Xyz& white) {
  const double fx = forward(xyz.x / white.x);
  const double fy = forward(xyz.y / white.y);
  const double fz = forward(xyz.z / white.z);
  return {116.0 * fy - 16.0, 500.0 * (fx - fy), 200.0 * (fy - fz)};
}

double lightness(double relative_y) { return 116.0 * forward(relative_y) - 16.0; }

Xyz to_xyz(const Lab& lab, const Xyz& white) {
  const double fy = (lab.l + 16.0) / 116.0;
  return {white.x * backward(fy + lab.a / 500.0), white.y * backward(fy), white.z * backward(fy - lab.b / 200.0)};
}

double chroma(const Lab& lab) { return std::sqrt(lab.a * lab.a + lab.b * lab.b); }

Lch to_lch(const Lab& lab) {
  const double h = std::atan2(lab.b, lab.a) * kDegrees;
  return {lab.l, chroma(lab), h < 0 ? h + 360.0 : h};
}

Lab to_lab(const Lch& lch) { return {lch.l, lch.c * std::cos(lch.h / kDegrees), lch.c * std::sin(lch.h / kDegrees)}; }

double hue_apart_deg(double p_deg, double q_deg) { return std::abs(std::remainder(p_deg - q_deg, 360.0)); }

double squares_seen(const Lab& p, const Lab& q) {
  const double c = 0.5 * (chroma(p) + chroma(q));
  const double l = p.l - q.l;
  const double ab = std::hypot(p.a - q.a, p.b - q.b) / (1 + 0.03 * c);
  return l * l + ab * ab;
}

double munsell_value(double luminance_y) {
  const auto luminance = [](double v) {
    return ((((0.00081939 * v - 0.020484) * v + 0.23352) * v - 0.22533) * v + 1.1914) * v;
  };
  double low = 0;
  double high = 10.5;
  while (high - low > 1e-9) {
    const double mid = 0.5 * (low + high);
    (luminance(mid) < luminance_y ? low : high) = mid;
  }
  return 0.5 * (low + high);
}

double value_step(double l) { return 1.0 + 8.0 * l / 100.0; }

}  // namespace yd::colour
