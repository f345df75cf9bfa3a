// SPDX-License-Identifier: MIT
#include "shaper.h"

#include <lcms2.h>

#include <algorithm>
#include <cmath>

namespace yd::colour {
namespace {

constexpr std::array kCurveTags{cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
constexpr std::array kColorantTags{cmsSigRedColorantTag, cmsSigGreenColorantTag, cmsSigBlueColorantTag};
// Where a profile has one of these, it counts and not the curves.
constexpr std::array kTableTags{cmsSigAToB0Tag, cmsSigAToB1Tag, cmsSigAToB2Tag,
                                cmsSigDToB0Tag, cmsSigDToB1Tag, cmsSigDToB2Tag};

std::vector<float> table_of(const cmsToneCurve* curve) {
  constexpr std::size_t kLevels = 65536;
  std::vector<float> out(kLevels);
  for (std::size_t i = 0; i < kLevels; ++i)
    out[i] = cmsEvalToneCurveFloat(curve, static_cast<float>(i) / (kLevels - 1));
  return out;
}

constexpr double kMostXyz = 1 + 32767.0 / 32768;  // what 16 bits of XYZ hold, by which Little CMS scales it
constexpr std::array kConnectionWhite{cmsD50X, cmsD50Y, cmsD50Z};

/// CIE 15:2004, eq. 8.6 and 8.7.
inline double lab_share(double t) {
  constexpr double kStraight = 216.0 / 24389;
  return t > kStraight ? std::cbrt(t) : t * (841.0 / 108) + 16.0 / 116;
}

}  // namespace

std::shared_ptr<const Shaper> Shaper::of(void* profile) {
  const bool tables =
      std::any_of(kTableTags.begin(), kTableTags.end(), [&](cmsTagSignature tag) { return cmsIsTag(profile, tag); });
  if (tables || cmsGetPCS(profile) != cmsSigXYZData) return nullptr;
  Shaper out;
  std::array<const void*, 3> read{};
  for (std::size_t k = 0; k < 3; ++k) {
    const auto* curve = static_cast<const cmsToneCurve*>(cmsReadTag(profile, kCurveTags[k]));
    const auto* colorant = static_cast<const cmsCIEXYZ*>(cmsReadTag(profile, kColorantTags[k]));
    if (curve == nullptr || colorant == nullptr) return nullptr;
    read[k] = curve;
    const auto same = std::find(read.begin(), read.begin() + k, curve);
    out.curves_[k] = same != read.begin() + k ? out.curves_[static_cast<std::size_t>(same - read.begin())]
                                              : std::make_shared<const std::vector<float>>(table_of(curve));
    out.to_xyz_[0][k] = colorant->X / kMostXyz;
    out.to_xyz_[1][k] = colorant->Y / kMostXyz;
    out.to_xyz_[2][k] = colorant->Z / kMostXyz;
  }
  return std::make_shared<const Shaper>(std::move(out));
}

LabPixel Shaper::lab(std::uint16_t r, std::uint16_t g, std::uint16_t b) const {
  const std::array<float, 3> light{(*curves_[0])[r], (*curves_[1])[g], (*curves_[2])[b]};
  std::array<double, 3> f{};
  for (std::size_t i = 0; i < 3; ++i) {
    const auto& row = to_xyz_[i];
    const auto share = static_cast<float>(light[0] * row[0] + light[1] * row[1] + light[2] * row[2]);
    f[i] = lab_share(share * kMostXyz / kConnectionWhite[i]);
  }
  // Rounded where Little CMS rounds, so that no plan hangs on which of the two worked its picture out.
  const auto rounded = [](double v, double range, double from) {
    return static_cast<float>(static_cast<float>((v + from) / range) * range - from);
  };
  return {rounded(116 * f[1] - 16, 100, 0), rounded(500 * (f[0] - f[1]), 255, 128),
          rounded(200 * (f[1] - f[2]), 255, 128)};
}

}  // namespace yd::colour
