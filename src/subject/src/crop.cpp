// SPDX-License-Identifier: MIT
#include "subject/crop.h"

#include "subject/remarks.h"

#include <algorithm>
#include <array>

namespace yd::subject {

std::span<const Format> common_formats() {
  static constexpr std::array<Format, 9> formats{{{"A5", 21.0, 14.8},
                                                  {"A4", 29.7, 21.0},
                                                  {"A3", 42.0, 29.7},
                                                  {"A2", 59.4, 42.0},
                                                  {"24 × 18 cm", 24, 18},
                                                  {"30 × 24 cm", 30, 24},
                                                  {"40 × 30 cm", 40, 30},
                                                  {"65 × 50 cm", 65, 50},
                                                  {"30 × 30 cm", 30, 30}}};
  return formats;
}

std::span<const Format> inch_formats() {
  static constexpr std::array<Format, 8> formats{{{"Letter", 27.94, 21.59},
                                                  {"12 × 9 in", 30.48, 22.86},
                                                  {"14 × 11 in", 35.56, 27.94},
                                                  {"16 × 12 in", 40.64, 30.48},
                                                  {"18 × 12 in", 45.72, 30.48},
                                                  {"20 × 16 in", 50.8, 40.64},
                                                  {"24 × 18 in", 60.96, 45.72},
                                                  {"12 × 12 in", 30.48, 30.48}}};
  return formats;
}

Crop held_inside(Crop c) {
  c.width = std::clamp(c.width, kLeastCrop, 1.0);
  c.height = std::clamp(c.height, kLeastCrop, 1.0);
  c.x = std::clamp(c.x, 0.0, 1 - c.width);
  c.y = std::clamp(c.y, 0.0, 1 - c.height);
  return c;
}

Crop crop_to(double picture_aspect, double wanted_aspect, double x, double y) {
  Crop c;
  if (wanted_aspect < picture_aspect) {
    c.width = wanted_aspect / picture_aspect;
  } else {
    c.height = picture_aspect / wanted_aspect;
  }
  c.x = x - c.width / 2;
  c.y = y - c.height / 2;
  return held_inside(c);
}

bool focal_in_middle(const std::vector<Mass>& masses) {
  constexpr double kWhole = 0.5;  // of the picture: what is more is no point
  double area = 0;
  double x = 0;
  double y = 0;
  for (const Mass& m : masses) {
    if (!m.focal) continue;
    area += m.area;
    x += m.area * m.centre_x;
    y += m.area * m.centre_y;
  }
  const auto middle = [](double share) { return share > kMiddleFrom && share < kMiddleTo; };
  return area > 0 && area < kWhole && middle(x / area) && middle(y / area);
}

}  // namespace yd::subject
