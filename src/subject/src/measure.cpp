#include "subject/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

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

double goes_into(double length, double other) {
  const double shorter = std::min(length, other);
  return shorter > 0 ? std::max(length, other) / shorter : 0;
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

}  // namespace yd::subject
