// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>
#include <cstdint>
#include <memory>
#include <span>

#include "colour/lab.h"
#include "support/result.h"

namespace yd::colour {

/// Three floats a pixel, L a b under D50 (the profile connection space).
struct LabPixel {
  float l = 0, a = 0, b = 0;
};

class Shaper;

/// How near a profile worked by table comes to Little CMS, in L, a and b.
inline constexpr double kPictureLab = 1e-4;
/// Turns a picture's RGB into Lab through its embedded ICC profile, relative colorimetric: a profile of curves and a
/// matrix by table, any other with Little CMS. Safe to call from several threads at once.
class PictureToLab {
 public:
  /// Empty `icc` means sRGB. Error `bad_format` where the bytes are no RGB profile.
  static Result<PictureToLab> from_icc(std::span<const std::uint8_t> icc);

  /// `rgb16` holds 3 * n values 0..65535, `out` n pixels.
  void convert(const std::uint16_t* rgb16, LabPixel* out, std::size_t n) const;

 private:
  std::shared_ptr<const Shaper> shaper_;
  std::shared_ptr<void> transform_;  ///< where there is no shaper
};

/// 8-bit sRGB for a screen; colours outside are clipped by Little CMS. Worked pixel by pixel from Lab D50.
struct Rgb8 {
  std::uint8_t r = 0, g = 0, b = 0;
  bool operator==(const Rgb8&) const = default;
};
void lab_to_srgb(const LabPixel* lab, Rgb8* out, std::size_t n);
/// The same for whole pictures, by the closed formula: many times as fast, within kPictureLevels of 255 of Little CMS.
inline constexpr int kPictureLevels = 2;
void picture_to_srgb(const LabPixel* lab, Rgb8* out, std::size_t n);
Rgb8 to_srgb(const Lab& lab);
/// Whether a screen of that kind can show it.
bool in_srgb(const Lab& lab);
/// Lab D50 of an sRGB colour.
Lab from_srgb(Rgb8 rgb);

}  // namespace yd::colour
