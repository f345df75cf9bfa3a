// SPDX-License-Identifier: MIT
#include "colour/observer.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace yd::colour {
namespace {

constexpr int kFirst_nm = 360;
constexpr int kLast_nm = 830;
constexpr int kCount = kLast_nm - kFirst_nm + 1;

constexpr std::array<std::array<double, 3>, kCount> kMatching{{
#include "cie1931.inc"
}};

/// CIE 15, components S0, S1, S2 of daylight, 360 to 830 nm in 10 nm steps.
/// Written from memory; tests/colour compares the D50 and D65 made of them with Debian's colord-data.
constexpr std::array<std::array<double, 3>, 48> kDaylight{{
    {61.5, 38.0, 5.3},   {68.8, 42.4, 6.1},   {63.4, 38.5, 3.0},   {65.8, 35.0, 1.2},   {94.8, 43.4, -1.1},
    {104.8, 46.3, -0.5}, {105.9, 43.9, -0.7}, {96.8, 37.1, -1.2},  {113.9, 36.7, -2.6}, {125.6, 35.9, -2.9},
    {125.5, 32.6, -2.8}, {121.3, 27.9, -2.6}, {121.3, 24.3, -2.6}, {113.5, 20.1, -1.8}, {113.1, 16.2, -1.5},
    {110.8, 13.2, -1.3}, {106.5, 8.6, -1.2},  {108.8, 6.1, -1.0},  {105.3, 4.2, -0.5},  {104.4, 1.9, -0.3},
    {100.0, 0.0, 0.0},   {96.0, -1.6, 0.2},   {95.1, -3.5, 0.5},   {89.1, -3.5, 2.1},   {90.5, -5.8, 3.2},
    {90.3, -7.2, 4.1},   {88.4, -8.6, 4.7},   {84.0, -9.5, 5.1},   {85.1, -10.9, 6.7},  {81.9, -10.7, 7.3},
    {82.6, -12.0, 8.6},  {84.9, -14.0, 9.8},  {81.3, -13.6, 10.2}, {71.9, -12.0, 8.3},  {74.3, -13.3, 9.6},
    {76.4, -12.9, 8.5},  {63.3, -10.6, 7.0},  {71.7, -11.6, 7.6},  {77.0, -12.2, 8.0},  {65.2, -10.2, 6.7},
    {47.7, -7.8, 5.2},   {68.6, -11.2, 7.4},  {65.0, -10.4, 6.8},  {66.0, -10.6, 7.0},  {61.0, -9.7, 6.4},
    {53.3, -8.3, 5.5},   {58.9, -9.3, 6.1},   {61.9, -9.8, 6.5},
}};

/// CIE 15: chromaticity of daylight at a correlated colour temperature, M1 and M2 rounded to three decimals
/// as the standard tables were made.
double daylight(double temperature_k, double nm) {
  const double t = 1000.0 / temperature_k;
  const double x = temperature_k <= 7000 ? ((-4.6070 * t + 2.9678) * t + 0.09911) * t + 0.244063
                                         : ((-2.0064 * t + 1.9018) * t + 0.24748) * t + 0.237040;
  const double y = (-3.000 * x + 2.870) * x - 0.275;
  const double m = 0.0241 + 0.2562 * x - 0.7341 * y;
  const double m1 = std::round(1000.0 * (-1.3515 - 1.7703 * x + 5.9114 * y) / m) / 1000.0;
  const double m2 = std::round(1000.0 * (0.0300 - 31.4424 * x + 30.0717 * y) / m) / 1000.0;
  const double at = (nm - kFirst_nm) / 10.0;
  const auto i = static_cast<std::size_t>(std::min(at, 46.0));
  const double f = at - static_cast<double>(i);
  const auto& p = kDaylight[i];
  const auto& q = kDaylight[i + 1];
  const auto mix = [&](std::size_t k) { return p[k] + f * (q[k] - p[k]); };
  return mix(0) + m1 * mix(1) + m2 * mix(2);
}

double gauss(double nm, double centre, double width) {
  const double t = (nm - centre) / width;
  return std::exp(-0.5 * t * t);
}

/// The four cubic Lagrange coefficients at fraction f between the second and third of four even points.
std::array<double, 4> lagrange(double f) {
  return {-f * (f - 1) * (f - 2) / 6, (f + 1) * (f - 1) * (f - 2) / 2, -(f + 1) * f * (f - 2) / 2,
          (f + 1) * f * (f - 1) / 6};
}

template <std::size_t Count>
using Band3 = std::array<std::array<double, 3>, Count>;

/// Adds to each band its share of the light seen between them, `at` bands from the first.
template <std::size_t Count>
void share_out(double at, const std::array<double, 3>& seen, Band3<Count>& bands) {
  const auto last = static_cast<double>(Count - 1);
  const auto add = [&](std::size_t band, double part) {
    for (std::size_t k = 0; k < 3; ++k) bands[band][k] += part * seen[k];
  };
  if (at <= 0 || at >= last) {
    add(at <= 0 ? 0 : Count - 1, 1.0);
    return;
  }
  const int i = static_cast<int>(at);
  const int base = std::clamp(i - 1, 0, static_cast<int>(Count) - 4);
  const auto c = lagrange(at - base - 1);
  for (int k = 0; k < 4; ++k)
    add(static_cast<std::size_t>(base) + static_cast<std::size_t>(k), c[static_cast<std::size_t>(k)]);
}

Weights make_weights(Illuminant light) {
  Band3<kBands> bands{};
  double luminance = 0;
  for (int nm = kFirst_nm; nm <= kLast_nm; ++nm) {
    const double power = illuminant_power(light, nm);
    auto seen = matching_function(nm);
    for (double& s : seen) s *= power;
    luminance += seen[1];
    share_out((nm - kFirstBand_nm) / kBandStep_nm, seen, bands);
  }
  Weights w;
  double x = 0;
  double z = 0;
  for (std::size_t i = 0; i < kBands; ++i) {
    const double scale = 100.0 / luminance;
    w.x[i] = static_cast<float>(bands[i][0] * scale);
    w.y[i] = static_cast<float>(bands[i][1] * scale);
    w.z[i] = static_cast<float>(bands[i][2] * scale);
    x += bands[i][0] * scale;
    z += bands[i][2] * scale;
  }
  w.white = {x, 100.0, z};
  return w;
}

BandWeights<kCoarseBands> make_coarse_weights() {
  const Weights& all = weights(Illuminant::d50);
  Band3<kCoarseBands> bands{};
  for (std::size_t i = 0; i < kBands; ++i) {
    const std::array<double, 3> seen{all.x[i], all.y[i], all.z[i]};
    share_out((static_cast<double>(i) - static_cast<double>(kFirstCoarse)) / 2, seen, bands);
  }
  BandWeights<kCoarseBands> w;
  for (std::size_t i = 0; i < kCoarseBands; ++i) {
    w.x[i] = static_cast<float>(bands[i][0]);
    w.y[i] = static_cast<float>(bands[i][1]);
    w.z[i] = static_cast<float>(bands[i][2]);
  }
  w.white = all.white;
  return w;
}

template <std::size_t Count>
Xyz sum_of(const Bands<Count>& reflectance, const BandWeights<Count>& w) {
  float x = 0;
  float y = 0;
  float z = 0;
  for (std::size_t i = 0; i < Count; ++i) {
    x += w.x[i] * reflectance[i];
    y += w.y[i] * reflectance[i];
    z += w.z[i] * reflectance[i];
  }
  return {x, y, z};
}

template <std::size_t Count>
double lightness_of(const Bands<Count>& reflectance, const BandWeights<Count>& w) {
  float y = 0;
  for (std::size_t i = 0; i < Count; ++i) y += w.y[i] * reflectance[i];
  return lightness(y / w.white.y);
}

}  // namespace

std::array<double, 3> matching_function(int nm) { return kMatching.at(static_cast<std::size_t>(nm - kFirst_nm)); }

double illuminant_power(Illuminant light, int nm) {
  switch (light) {
    case Illuminant::d50:
      return daylight(5000.0 * 1.4388 / 1.4380, nm);
    case Illuminant::d65:
      return daylight(6500.0 * 1.4388 / 1.4380, nm);
    case Illuminant::a:
      return 100.0 * std::pow(560.0 / nm, 5) * (std::exp(1.435e7 / (2848.0 * 560.0)) - 1.0) /
             (std::exp(1.435e7 / (2848.0 * nm)) - 1.0);
    case Illuminant::warm_led:
      // A blue pump at 450 nm and a broad phosphor, set for about 3000 K: invented, see docs/model/light.md.
      return 38.0 * gauss(nm, 450, 10) + 100.0 * gauss(nm, 605, 58) + 30.0 * gauss(nm, 530, 35);
  }
  return 0.0;
}

const Weights& weights(Illuminant light) {
  static const std::array<Weights, 4> all{make_weights(Illuminant::d50), make_weights(Illuminant::d65),
                                          make_weights(Illuminant::a), make_weights(Illuminant::warm_led)};
  return all.at(static_cast<std::size_t>(light));
}

const BandWeights<kCoarseBands>& coarse_weights() {
  static const BandWeights<kCoarseBands> w = make_coarse_weights();
  return w;
}

Xyz to_xyz(const Spectrum& reflectance, const Weights& w) { return sum_of(reflectance, w); }

Lab to_lab(const Spectrum& reflectance, const Weights& w) { return to_lab(to_xyz(reflectance, w), w.white); }

double lightness(const Spectrum& reflectance) { return lightness_of(reflectance, weights(Illuminant::d50)); }

Lab to_lab(const Spectrum& reflectance) { return to_lab(reflectance, weights(Illuminant::d50)); }

Xyz to_xyz(const CoarseSpectrum& reflectance) { return sum_of(reflectance, coarse_weights()); }

Lab to_lab(const CoarseSpectrum& reflectance) { return to_lab(to_xyz(reflectance), coarse_weights().white); }

double lightness(const CoarseSpectrum& reflectance) { return lightness_of(reflectance, coarse_weights()); }

}  // namespace yd::colour
