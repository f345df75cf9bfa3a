// SPDX-License-Identifier: MIT
#pragma once

#include <cmath>

namespace yd::colour {

/// CIE tristimulus values; Y = 100 for the perfect white of the light in question.
struct Xyz {
  double x = 0, y = 0, z = 0;
};

/// CIE 1976 L*a*b* (CIE 15): L 0 to 100, a and b unbounded. Relative to D50 unless said otherwise.
struct Lab {
  double l = 0, a = 0, b = 0;
  bool operator==(const Lab&) const = default;
};

/// Cylindrical Lab: chroma >= 0, hue in degrees [0, 360).
struct Lch {
  double l = 0, c = 0, h = 0;
};

Lab to_lab(const Xyz& xyz, const Xyz& white);
/// L* of a luminance relative to the white's, 0 to 1.
double lightness(double relative_y);
Xyz to_xyz(const Lab& lab, const Xyz& white);
Lch to_lch(const Lab& lab);
Lab to_lab(const Lch& lch);
double chroma(const Lab& lab);
/// Between two hues, whole turns left out: 0 to 180 degrees.
double hue_apart_deg(double p_deg, double q_deg);

/// Euclidean distance in Lab (CIE 1976), for sorting and bounds only: differences that are shown are CIEDE2000.
inline double distance_1976(const Lab& p, const Lab& q) {
  const double l = p.l - q.l, a = p.a - q.a, b = p.b - q.b;
  return std::sqrt(l * l + a * a + b * b);
}

/// A square of what is off, for fits: smooth, and less where the eye is less exact: the CIE 1994 weight of chroma.
double squares_seen(const Lab& p, const Lab& q);

/// Munsell value 0 to 10 from luminance factor Y (0 to 100, perfect white = 100): the quintic of ASTM D1535
/// with Y relative to the perfect diffuser, solved for V by bisection to 1e-9.
double munsell_value(double luminance_y);

/// Value in nine equal steps of lightness, 1 (darkest, L* 0) to 9 (lightest, L* 100), as a real number:
/// 1 + 8 * L / 100. Artists' nine-step scale is common practice, no published source.
double value_step(double l);

}  // namespace yd::colour
