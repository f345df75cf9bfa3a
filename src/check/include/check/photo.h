// SPDX-License-Identifier: MIT
#pragma once

#include "colour/light.h"
#include "colour/profile.h"
#include "subject/image.h"
#include "support/result.h"

namespace yd::check {

using LightImage = subject::Grid<colour::Light>;

/// Long side a photograph is worked on at, pixels. Smaller ones are kept as they are.
inline constexpr int kPhotoSide = 1600;
/// Shorter side from which it can be worked on at all, pixels at that size.
inline constexpr int kLeastPhotoSide = 48;

/// A photograph in linear light, averaged to its working size.
struct Photo {
  LightImage image;
  int width = 0, height = 0;  ///< of the file, pixels
  double scale = 1;           ///< pixels of the file for one of `image`
  double clipped = 0;         ///< share of the file's pixels at the top of a channel
};

/// Errors: `bad_value` for an empty picture and one of less than kLeastPhotoSide, `bad_format` for an unusable profile.
Result<Photo> open_photo(const subject::RawPicture& picture);
/// The same of 8-bit sRGB.
Result<Photo> open_photo(const subject::Grid<colour::Rgb8>& picture);

}  // namespace yd::check
