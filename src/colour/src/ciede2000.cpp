// SPDX-License-Identifier: MIT
#include "colour/ciede2000.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace yd::colour {
namespace {

constexpr double kPi = std::numbers::pi;
constexpr double kPow25_7 = 6103515625.0;

double degrees(double radians) { return radians * 180.0 / kPi; }
double radians(double degrees) { return degrees * kPi / 180.0; }

double chroma_compression(double mean_chroma) {
  const double c7 = std::pow(mean_chroma, 7);
  return std::sqrt(c7 / (c7 + kPow25_7));
}

/// Sharma et al. (2005), equation 7.
double hue_angle(double a, double b) {
  if (a == 0 && b == 0) return 0;
  const double h = degrees(std::atan2(b, a));
  return h < 0 ? h + 360 : h;
}

/// Equation 14.
double mean_hue(double h1, double h2, double chroma_product) {
  if (chroma_product == 0) return h1 + h2;
  const double sum = h1 + h2;
  if (std::abs(h1 - h2) <= 180) return sum / 2;
  return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
}

/// Equation 10.
double hue_difference(double h1, double h2, double chroma_product) {
  if (chroma_product == 0) return 0;
  const double d = h2 - h1;
  if (std::abs(d) <= 180) return d;
  return d > 180 ? d - 360 : d + 360;
}

// ---- the bulk form: the same formula on unit vectors instead of angles, so that it has no branches ----

/// Arc tangent on [-1, 1], error below 1e-5 rad (polynomial fit, M. Abramowitz, I. A. Stegun,
/// "Handbook of Mathematical Functions", 1964, 4.4.49).
inline float arctangent(float x) {
  const float s = x * x;
  const float p = 0.0208351F;
  return x * (0.9998660F + s * (-0.3302995F + s * (0.1801410F + s * (-0.0851330F + s * p))));
}

/// exp(-x) for x >= 0, relative error about 1e-6: (exp(-x/16))^16 from a short series, zero past x = 16.
inline float decay(float x) {
  const float t = std::min(x, 16.0F) * (-1.0F / 16.0F);
  const float e = 1.0F + t * (1.0F + t * (0.5F + t * (1.0F / 6 + t * (1.0F / 24 + t * (1.0F / 120 + t / 720)))));
  const float e2 = e * e;
  const float e4 = e2 * e2;
  const float e8 = e4 * e4;
  return e8 * e8;
}

inline float compression(float c) {
  const float c2 = c * c;
  const float c7 = c2 * c2 * c2 * c;
  return std::sqrt(c7 / (c7 + static_cast<float>(kPow25_7)));
}

struct Reference {
  float l, a, b, c;
};

/// Rotation term R_T from the mean hue's unit vector (cos, sin) and the mean chroma, equations 18 to 20.
inline float rotation(float cos_h, float sin_h, float mean_c) {
  constexpr float kCos275 = 0.08715574F;
  constexpr float kSin275 = -0.99619470F;
  const float along = cos_h * kCos275 + sin_h * kSin275;
  const float across = sin_h * kCos275 - cos_h * kSin275;
  // Half angle: tan(t / 2) = y / (1 + x). From 90 degrees on the term is below 1e-5 and the angle may stand still.
  const float half = along < 0 ? 1.0F : across / (1.0F + along);
  const float offset_deg = 2.0F * 57.29578F * arctangent(half);
  const float q = offset_deg / 25.0F;
  const float theta = 2.0F * 0.52359878F * decay(q * q);  // 2 * delta theta, radians, 0 .. pi/3
  const float t2 = theta * theta;
  const float sine = theta * (1.0F + t2 * (-1.0F / 6 + t2 * (1.0F / 120 - t2 / 5040)));
  return -2.0F * compression(mean_c) * sine;
}

/// Equation 15 with multiple angles expanded.
inline float hue_weight(float x, float y) {
  const float x2 = x * x - y * y;
  const float y2 = 2.0F * x * y;
  const float x3 = x2 * x - y2 * y;
  const float y3 = x2 * y + y2 * x;
  const float x4 = x2 * x2 - y2 * y2;
  const float y4 = 2.0F * x2 * y2;
  return 1.0F - 0.17F * (x * 0.86602540F + y * 0.5F) + 0.24F * x2 + 0.32F * (x3 * 0.99452190F - y3 * 0.10452846F) -
         0.20F * (x4 * 0.45399050F + y4 * 0.89100652F);
}

inline float difference(const Reference& to, float l, float a, float b) {
  const float g = 0.5F * (1.0F - compression(0.5F * (std::sqrt(a * a + b * b) + to.c)));
  const float a1 = a * (1.0F + g);
  const float a2 = to.a * (1.0F + g);
  const float c1 = std::sqrt(a1 * a1 + b * b);
  const float c2 = std::sqrt(a2 * a2 + to.b * to.b);
  const float i1 = 1.0F / std::max(c1, 1e-12F);
  const float i2 = 1.0F / std::max(c2, 1e-12F);
  const float ux = a1 * i1 + a2 * i2;
  const float uy = b * i1 + to.b * i2;
  const float norm = 1.0F / std::sqrt(std::max(ux * ux + uy * uy, 1e-20F));
  const float mean_c = 0.5F * (c1 + c2);
  const float mean_l = 0.5F * (l + to.l) - 50.0F;
  const float l2 = mean_l * mean_l;
  const float dl = (to.l - l) / (1.0F + 0.015F * l2 / std::sqrt(20.0F + l2));
  const float dc = (c2 - c1) / (1.0F + 0.045F * mean_c);
  const float t = hue_weight(ux * norm, uy * norm);
  const float cross = a1 * to.b - a2 * b;
  // 2 c1 c2 (1 - cos), written without cancellation where the hues are near each other.
  const float dot = a1 * a2 + b * to.b;
  const float dh2 = dot > 0 ? 2.0F * cross * cross / (c1 * c2 + dot) : 2.0F * (c1 * c2 - dot);
  const float dh = std::copysign(std::sqrt(dh2), cross) / (1.0F + 0.015F * mean_c * t);
  const float rt = rotation(ux * norm, uy * norm, mean_c);
  return std::sqrt(std::max(dl * dl + dc * dc + dh * dh + rt * dc * dh, 0.0F));
}

}  // namespace

double ciede2000(const Lab& p, const Lab& q) {
  const double g = 0.5 * (1 - chroma_compression(0.5 * (chroma(p) + chroma(q))));
  const double a1 = p.a * (1 + g);
  const double a2 = q.a * (1 + g);
  const double c1 = std::sqrt(a1 * a1 + p.b * p.b);
  const double c2 = std::sqrt(a2 * a2 + q.b * q.b);
  const double h1 = hue_angle(a1, p.b);
  const double h2 = hue_angle(a2, q.b);
  const double dl = q.l - p.l;
  const double dc = c2 - c1;
  const double dh = 2 * std::sqrt(c1 * c2) * std::sin(radians(hue_difference(h1, h2, c1 * c2)) / 2);
  const double mean_l = 0.5 * (p.l + q.l);
  const double mean_c = 0.5 * (c1 + c2);
  const double h = mean_hue(h1, h2, c1 * c2);
  const double t = 1 - 0.17 * std::cos(radians(h - 30)) + 0.24 * std::cos(radians(2 * h)) +
                   0.32 * std::cos(radians(3 * h + 6)) - 0.20 * std::cos(radians(4 * h - 63));
  const double turn = 30 * std::exp(-std::pow((h - 275) / 25, 2));
  const double l50 = (mean_l - 50) * (mean_l - 50);
  const double sl = 1 + 0.015 * l50 / std::sqrt(20 + l50);
  const double sc = 1 + 0.045 * mean_c;
  const double sh = 1 + 0.015 * mean_c * t;
  const double rt = -std::sin(radians(2 * turn)) * 2 * chroma_compression(mean_c);
  const double x = dl / sl;
  const double y = dc / sc;
  const double z = dh / sh;
  return std::sqrt(std::max(0.0, x * x + y * y + z * z + rt * y * z));
}

void ciede2000_bulk(const float* l, const float* a, const float* b, std::size_t n, const Lab& to, float* out) {
  const Reference r{static_cast<float>(to.l), static_cast<float>(to.a), static_cast<float>(to.b),
                    static_cast<float>(chroma(to))};
  for (std::size_t i = 0; i < n; ++i) out[i] = difference(r, l[i], a[i], b[i]);
}

}  // namespace yd::colour
