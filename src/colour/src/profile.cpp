// SPDX-License-Identifier: MIT
#include "colour/profile.h"

#include <lcms2.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "shaper.h"

namespace yd::colour {
namespace {

struct CloseProfile {
  void operator()(void* p) const { cmsCloseProfile(p); }
};
using Profile = std::unique_ptr<void, CloseProfile>;

std::shared_ptr<void> make_transform(cmsHPROFILE from, cmsUInt32Number in, cmsHPROFILE to, cmsUInt32Number out) {
  // The one-pixel cache of a transform is not safe across threads.
  const cmsUInt32Number flags = cmsFLAGS_NOCACHE;
  cmsHTRANSFORM t = cmsCreateTransform(from, in, to, out, INTENT_RELATIVE_COLORIMETRIC, flags);
  if (t == nullptr) return nullptr;
  return {t, [](void* p) { cmsDeleteTransform(p); }};
}

std::shared_ptr<void> screen_transform() {
  const Profile lab(cmsCreateLab4Profile(nullptr));
  const Profile srgb(cmsCreate_sRGBProfile());
  return make_transform(lab.get(), TYPE_Lab_FLT, srgb.get(), TYPE_RGB_8);
}

/// IEC 61966-2-1, eq. 9 and 10: linear light to 8 bits, by table.
std::uint8_t srgb_level(float linear) {
  constexpr std::size_t kSteps = 4096;
  static const std::array<std::uint8_t, kSteps + 1> table = [] {
    std::array<std::uint8_t, kSteps + 1> t{};
    for (std::size_t i = 0; i <= kSteps; ++i) {
      // Steps are even in the square root, so that the darks are fine enough.
      const double root = static_cast<double>(i) / kSteps;
      const double light = root * root;
      const double v = light <= 0.0031308 ? 12.92 * light : 1.055 * std::pow(light, 1 / 2.4) - 0.055;
      t[i] = static_cast<std::uint8_t>(std::lround(255 * v));
    }
    return t;
  }();
  return table[static_cast<std::size_t>(std::sqrt(std::clamp(linear, 0.0F, 1.0F)) * kSteps)];
}

inline float from_lab(float f) { return f > 6.0F / 29 ? f * f * f : (f - 4.0F / 29) * (108.0F / 841); }

/// The sRGB primaries adapted to D50 by Bradford, inverted (ICC.1 profile connection space; IEC 61966-2-1 primaries).
std::array<float, 3> linear_srgb(float l, float a, float b) {
  const float fy = (l + 16) / 116;
  const float x = 0.9642F * from_lab(fy + a / 500);
  const float y = from_lab(fy);
  const float z = 0.8249F * from_lab(fy - b / 200);
  return {3.1338561F * x - 1.6168667F * y - 0.4906146F * z, -0.9787684F * x + 1.9161415F * y + 0.0334540F * z,
          0.0719453F * x - 0.2289914F * y + 1.4052427F * z};
}

}  // namespace

Result<PictureToLab> PictureToLab::from_icc(std::span<const std::uint8_t> icc) {
  PictureToLab out;
  if (icc.empty()) {
    static const std::shared_ptr<const Shaper> srgb = Shaper::of(Profile(cmsCreate_sRGBProfile()).get());
    out.shaper_ = srgb;
    return out;
  }
  const Profile from(cmsOpenProfileFromMem(icc.data(), static_cast<cmsUInt32Number>(icc.size())));
  if (!from) return Error{Error::Code::bad_format, "colour profile", "cannot be read"};
  if (cmsGetColorSpace(from.get()) != cmsSigRgbData) {
    return Error{Error::Code::bad_format, "colour profile", "is not for RGB"};
  }
  out.shaper_ = Shaper::of(from.get());
  if (out.shaper_) return out;
  const Profile lab(cmsCreateLab4Profile(nullptr));
  out.transform_ = make_transform(from.get(), TYPE_RGB_16, lab.get(), TYPE_Lab_FLT);
  if (!out.transform_) return Error{Error::Code::bad_format, "colour profile", "cannot be used for pictures"};
  return out;
}

void PictureToLab::convert(const std::uint16_t* rgb16, LabPixel* out, std::size_t n) const {
  static_assert(sizeof(LabPixel) == 3 * sizeof(float));
  if (shaper_) {
    for (std::size_t i = 0; i < n; ++i) out[i] = shaper_->lab(rgb16[3 * i], rgb16[3 * i + 1], rgb16[3 * i + 2]);
    return;
  }
  cmsDoTransform(transform_.get(), rgb16, out, static_cast<cmsUInt32Number>(n));
}

void lab_to_srgb(const LabPixel* lab, Rgb8* out, std::size_t n) {
  static const std::shared_ptr<void> transform = screen_transform();
  cmsDoTransform(transform.get(), lab, out, static_cast<cmsUInt32Number>(n));
}

void picture_to_srgb(const LabPixel* lab, Rgb8* out, std::size_t n) {
  for (std::size_t i = 0; i < n; ++i) {
    const auto [r, g, b] = linear_srgb(lab[i].l, lab[i].a, lab[i].b);
    out[i] = {srgb_level(r), srgb_level(g), srgb_level(b)};
  }
}

bool in_srgb(const Lab& lab) {
  constexpr float kRounding = 1e-3F;
  for (const float v : linear_srgb(static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b))) {
    if (!(v >= -kRounding && v <= 1 + kRounding)) return false;
  }
  return true;
}

Rgb8 to_srgb(const Lab& lab) {
  const LabPixel pixel{static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
  Rgb8 out;
  lab_to_srgb(&pixel, &out, 1);
  return out;
}

Lab from_srgb(Rgb8 rgb) {
  static const PictureToLab transform = PictureToLab::from_icc({}).value();
  const std::uint16_t wide[3] = {static_cast<std::uint16_t>(rgb.r * 257), static_cast<std::uint16_t>(rgb.g * 257),
                                 static_cast<std::uint16_t>(rgb.b * 257)};
  LabPixel p;
  transform.convert(wide, &p, 1);
  return {p.l, p.a, p.b};
}

}  // namespace yd::colour
