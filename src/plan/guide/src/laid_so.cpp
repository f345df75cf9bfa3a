// SPDX-License-Identifier: MIT
#include "laid_so.h"

#include <cmath>
#include <map>
#include <numbers>
#include <string>

#include "marks/groups.h"

namespace yd::plan {
namespace {

constexpr double kOneWay = 0.55;      // of their length, doubled angles averaged: they run one way
constexpr double kSomeSide = 0.3;     // of what is covered: the side is in use
constexpr double kOffLevel_deg = 20;  // no longer level, or upright

/// Marks on one mass.
struct LaidSo {
  std::map<int, double> laid_mm2, rubbed_mm2;  // by part
  double along = 0, across = 0, length = 0;    // of doubled angles, mm

  void add(const LaidMark& m) {
    auto& parts = rubs(m) ? rubbed_mm2 : laid_mm2;
    parts[m.part] += (length_of(m) + part_of(m).width_mm) * part_of(m).width_mm;
    for (std::size_t i = 1; !rubs(m) && i < m.points.size(); ++i) {
      const double dx = m.points[i].x_mm - m.points[i - 1].x_mm, dy = m.points[i - 1].y_mm - m.points[i].y_mm;
      const double step = std::hypot(dx, dy);
      if (step <= 0) continue;
      along += (dx * dx - dy * dy) / step;
      across += 2 * dx * dy / step;
      length += step;
    }
  }
  bool one_way() const { return length > 0 && std::hypot(along, across) > kOneWay * length; }
  double angle_deg() const { return std::atan2(across, along) / 2 * 180 / std::numbers::pi; }
};

/// The part that covers most; null: none.
const media::Part* most(const std::map<int, double>& parts) {
  int best = -1;
  for (const auto& [part, area] : parts)
    if (best < 0 || area > parts.at(best)) best = part;
  return best < 0 ? nullptr : &media::all_parts()[static_cast<std::size_t>(best)];
}

RubTool tool_of(const media::Part& part) {
  if (part.name == "foam") return RubTool::sponge;
  if (part.name == "stump") return RubTool::stump;
  return part.name == "tip" ? RubTool::tip : RubTool::finger;
}

double share_of_side(const std::map<int, double>& parts) {
  double side = 0, all = 0;
  for (const auto& [part, area] : parts) {
    all += area;
    if (media::all_parts()[static_cast<std::size_t>(part)].name == "side") side += area;
  }
  return all > 0 ? side / all : 0;
}

Mark mark_by(const LaidSo& laid, Mark told) {
  const bool turned = laid.one_way() && std::abs(laid.angle_deg()) > kOffLevel_deg;
  const bool lying = laid.one_way() && std::abs(laid.angle_deg()) < 90 - kOffLevel_deg;
  if ((told == Mark::level && turned) || (told == Mark::pulled_down && lying)) return Mark::hatching;
  if (told != Mark::broad || share_of_side(laid.laid_mm2) >= kSomeSide) return told;
  return most(laid.laid_mm2)->name == "edge" ? Mark::edge_line : Mark::hatching;
}

}  // namespace

void tell_by_marks(const MarkedPass& pass, std::span<const TargetPlan> targets, Touch& touch) {
  LaidSo laid;
  for (const LaidMark& m : pass.marks) {
    const int mass = mass_of(m, targets);
    if (mass < 0 || mass == touch.place.mass) laid.add(m);
  }
  if (laid.laid_mm2.empty()) return;
  touch.mark = mark_by(laid, touch.mark);
  touch.directed = laid.one_way();
  touch.angle_deg = laid.angle_deg();
  // A place too small for a mark that rubs is rubbed as the rules say.
  if (const media::Part* tool = most(laid.rubbed_mm2)) touch.tool = tool_of(*tool);
}

}  // namespace yd::plan
