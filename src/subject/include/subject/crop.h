// SPDX-License-Identifier: MIT
#pragma once

#include <span>

namespace yd::subject {

/// Part of a picture that is kept, in shares of its width and height.
struct Crop {
  double x = 0, y = 0, width = 1, height = 1;
  bool operator==(const Crop&) const = default;
  bool whole() const { return *this == Crop{}; }
};

/// A size of paper, centimetres, the longer side first. The sizes are common practice, no published source, but for the
/// A series (ISO 216).
struct Format {
  const char* name;
  double long_cm;
  double short_cm;
};
std::span<const Format> common_formats();
/// The same where paper is cut in inches.
std::span<const Format> inch_formats();

/// The largest crop of a picture (`picture_aspect` = width / height) with the wanted aspect whose middle is as near
/// to (x, y) as the border lets it be.
Crop crop_to(double picture_aspect, double wanted_aspect, double x = 0.5, double y = 0.5);

/// Held inside the picture, no side below kLeastCrop of it.
inline constexpr double kLeastCrop = 0.05;
Crop held_inside(Crop crop);

/// Where the horizon lies: shares of the height that count as the middle. Common practice, no published source.
inline constexpr double kMiddleFrom = 0.45;
inline constexpr double kMiddleTo = 0.55;
inline bool horizon_in_middle(double share) { return share > kMiddleFrom && share < kMiddleTo; }

}  // namespace yd::subject
