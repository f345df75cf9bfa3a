// SPDX-License-Identifier: MIT
#include "printed/marks.h"

#include <apriltag/apriltag.h>
#include <apriltag/tag36h11.h>

#include <cstdint>
#include <memory>

namespace yd::printed {
namespace {

// Six bits each, from the first mark on: width, width, height, height, cells, cells, purpose, sum of the others.
constexpr int kBits = 6;
constexpr int kValues = 1 << kBits;

int sum_of(const std::array<int, kMarks>& six) {
  int sum = 1;
  for (std::size_t i = 0; i + 1 < six.size(); ++i) sum = (5 * sum + six[i]) % kValues;
  return sum;
}

}  // namespace

std::array<int, kMarks> marks_of(const Sheet& s) {
  std::array<int, kMarks> six{
      s.width_mm / kValues, s.width_mm % kValues, s.height_mm / kValues,       s.height_mm % kValues,
      s.cells / kValues,    s.cells % kValues,    static_cast<int>(s.purpose), 0};
  six.back() = sum_of(six);
  std::array<int, kMarks> out{};
  for (std::size_t i = 0; i < out.size(); ++i) out[i] = six[i] * kMarks + static_cast<int>(i);
  return out;
}

std::optional<Sheet> sheet_of(const std::array<int, kMarks>& marks) {
  std::array<int, kMarks> six{};
  for (std::size_t i = 0; i < six.size(); ++i) {
    if (marks[i] < 0 || place_of(marks[i]) != static_cast<int>(i)) return std::nullopt;
    six[i] = marks[i] / kMarks;
    if (six[i] >= kValues) return std::nullopt;
  }
  if (six.back() != sum_of(six) || six[6] > static_cast<int>(Purpose::strokes)) return std::nullopt;
  return Sheet{six[0] * kValues + six[1], six[2] * kValues + six[3], six[4] * kValues + six[5],
               static_cast<Purpose>(six[6])};
}

std::array<Grey, kCardGreys> card_greys(int corner) {
  constexpr std::array kLights{1.0, 0.5, 0.2, 0.07};
  constexpr double kBetween = 0.06;
  constexpr double kHigh = 0.4;
  std::array<Grey, kCardGreys> out;
  for (std::size_t i = 0; i < out.size(); ++i) {
    const double away = kBetween + static_cast<double>(i) * (kHigh + kBetween);
    out[i] = {{0.1, corner < 2 ? 1 + away : -away - kHigh, 0.8, kHigh}, kLights[i]};
  }
  return out;
}

int place_of(int mark) { return mark % kMarks; }

std::vector<bool> cells_of(int mark) {
  const std::unique_ptr<apriltag_family_t, decltype(&tag36h11_destroy)> family(tag36h11_create(), &tag36h11_destroy);
  const std::unique_ptr<image_u8_t, decltype(&image_u8_destroy)> image(apriltag_to_image(family.get(), mark),
                                                                       &image_u8_destroy);
  std::vector<bool> out;
  out.reserve(static_cast<std::size_t>(kMarkCells) * kMarkCells);
  for (int y = 0; y < kMarkCells; ++y) {
    for (int x = 0; x < kMarkCells; ++x) out.push_back(image->buf[y * image->stride + x] < 128);
  }
  return out;
}

std::vector<Box> black_of(const Box& box, int mark) {
  const std::vector<bool> cells = cells_of(mark);
  const double side = box.width / kMarkCells;
  std::vector<Box> out;
  for (std::size_t y = 0; y < kMarkCells; ++y) {
    for (std::size_t x = 0; x < kMarkCells;) {
      std::size_t end = x;
      while (end < kMarkCells && cells[y * kMarkCells + end]) ++end;
      if (end > x)
        out.push_back({box.left + side * static_cast<double>(x), box.top + side * static_cast<double>(y),
                       side * static_cast<double>(end - x), side});
      x = end + 1;
    }
  }
  return out;
}

}  // namespace yd::printed
