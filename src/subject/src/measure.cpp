// SPDX-License-Identifier: MIT
#include "subject/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace yd::subject {

Line line_between(const Point& from, const Point& to, const Sheet& sheet) {
  Line line;
  line.across_cm = (to.x - from.x) * sheet.width_cm;
  line.down_cm = (to.y - from.y) * sheet.height_cm;
  line.length_cm = std::hypot(line.across_cm, line.down_cm);
  if (line.length_cm <= 0) return line;
  double angle = std::atan2(-line.down_cm, line.across_cm) * 180 / std::numbers::pi;
  if (angle > 90) angle -= 180;
  if (angle <= -90) angle += 180;
  line.angle_deg = angle;
  line.level = std::abs(angle) <= kTrue_deg;
  line.plumb = std::abs(std::abs(angle) - 90) <= kTrue_deg;
  return line;
}

Proportion proportion(double length, double other) {
  constexpr int kMostOf = 4;
  constexpr int kMostTimes = 12;
  Proportion best;
  double least = 1e9;
  for (int of = 1; of <= kMostOf; ++of) {
    for (int times = 1; times <= kMostTimes * of; ++times) {
      if (std::gcd(times, of) != 1) continue;
      // A simpler fraction is said where a finer one is hardly nearer.
      constexpr double kFiner = 0.012;
      const double off = std::abs(std::log(length / other * of / times)) + kFiner * (of - 1);
      if (off < least) {
        least = off;
        best = {times, of, std::abs(length / other * of / times - 1)};
      }
    }
  }
  return best;
}

std::vector<Alignment> alignments(const std::vector<Point>& places, const Sheet& sheet) {
  const double near = kAligned * std::max(sheet.width_cm, sheet.height_cm);
  std::vector<Alignment> out;
  for (std::size_t i = 0; i < places.size(); ++i) {
    for (std::size_t j = i + 1; j < places.size(); ++j) {
      const double across = std::abs(places[i].x - places[j].x) * sheet.width_cm;
      const double down = std::abs(places[i].y - places[j].y) * sheet.height_cm;
      if (across <= near && down > near) out.push_back({i, j, true});
      if (down <= near && across > near) out.push_back({i, j, false});
    }
  }
  return out;
}

Extents extents(const LabelImage& labels, int mass) {
  int left = labels.width;
  int right = -1;
  int top = labels.height;
  int bottom = -1;
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      if (labels.at(x, y) != mass) continue;
      left = std::min(left, x);
      right = std::max(right, x);
      top = std::min(top, y);
      bottom = std::max(bottom, y);
    }
  }
  if (right < 0) return {};
  const double w = labels.width;
  const double h = labels.height;
  return {left / w, top / h, (right + 1) / w, (bottom + 1) / h};
}

std::vector<int> tallest_first(const LabelImage& labels, int masses) {
  const auto n = static_cast<std::size_t>(masses);
  std::vector<int> top(n, labels.height);
  std::vector<int> bottom(n, -1);
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      const std::size_t m = labels.at(x, y);
      top[m] = std::min(top[m], y);
      bottom[m] = std::max(bottom[m], y);
    }
  }
  std::vector<int> out(n);
  std::iota(out.begin(), out.end(), 0);
  const auto height = [&](int m) { return bottom[static_cast<std::size_t>(m)] - top[static_cast<std::size_t>(m)]; };
  std::stable_sort(out.begin(), out.end(), [&](int p, int q) { return height(p) > height(q); });
  return out;
}

}  // namespace yd::subject
