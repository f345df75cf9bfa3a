// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>
#include <cstdint>
#include <vector>

#include "colour/profile.h"
#include "subject/crop.h"
#include "support/result.h"

namespace yd::subject {

/// Row-major pixels, from the upper left; places outside are the caller's mistake and not checked.
template <class T>
struct Grid {
  int width = 0;
  int height = 0;
  std::vector<T> data;

  Grid() = default;
  Grid(int w, int h, T fill = T{})
      : width(w), height(h), data(static_cast<std::size_t>(w) * static_cast<std::size_t>(h), fill) {}
  std::size_t index(int x, int y) const {
    return static_cast<std::size_t>(y) * static_cast<std::size_t>(width) + static_cast<std::size_t>(x);
  }
  T& at(int x, int y) { return data[index(x, y)]; }
  const T& at(int x, int y) const { return data[index(x, y)]; }
  std::size_t size() const { return data.size(); }
};

/// L a b, D50.
using LabImage = Grid<colour::LabPixel>;

/// A decoded picture: three 16-bit values a pixel, and the profile that says what they mean (empty: sRGB).
struct RawPicture {
  int width = 0;  ///< pixels, upright: what a camera noted about how it was held is done
  int height = 0;
  std::vector<std::uint16_t> rgb;  ///< 3 x width x height, row by row
  std::vector<std::uint8_t> icc;
};

/// Long side of the working image, pixels. Smaller pictures are kept as they are.
inline constexpr int kWorkingSide = 1400;

/// Scales the part inside the crop (area mean) to the working size and converts to Lab on all cores.
/// Errors: `bad_value` for an empty picture, `bad_format` for an unusable profile.
Result<LabImage> working_image(const RawPicture& picture, int long_side = kWorkingSide, const Crop& crop = {});

/// For the screen, clipped to sRGB, on all cores.
Grid<colour::Rgb8> to_srgb(const LabImage& image);

}  // namespace yd::subject
