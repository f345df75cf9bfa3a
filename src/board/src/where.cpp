// SPDX-License-Identifier: MIT
#include "board/where.h"

#include <algorithm>
#include <cmath>

namespace yd::board {
namespace {

constexpr double kPale = 84;   // L* of the subject's black
constexpr double kWhite = 97;  // and of its white
constexpr double kBorderInk = 0.3;
constexpr double kLightInk = 0.28;  // of the lightest touch
constexpr double kFirmInk = 0.92;
constexpr double kInkL = 18;

std::vector<double> firmest(const plan::Plan& plan, std::span<const int> passes) {
  std::vector<double> out(plan.targets.size(), 0.0);
  for (const int i : passes) {
    const plan::Pass& p = plan.passes[static_cast<std::size_t>(i)];
    for (const int t : p.targets) {
      double& at = out[static_cast<std::size_t>(t)];
      at = std::max(at, p.kind == plan::PassKind::stroke ? plan::pressure_on(p, t) : 0.6);
    }
  }
  return out;
}

}  // namespace

BoardImage where_picture(const subject::Subject& s, const plan::Plan& plan, std::span<const int> passes,
                         int long_side) {
  const std::vector<double> pressure = firmest(plan, passes);
  const std::vector<std::size_t> first = plan::first_targets(plan.targets, s.masses.size());
  const double scale = std::max(1.0, static_cast<double>(std::max(s.labels.width, s.labels.height)) / long_side);
  const int w = std::max(1, static_cast<int>(s.labels.width / scale));
  const int h = std::max(1, static_cast<int>(s.labels.height / scale));
  const auto from = [&](int i, int most) { return std::min(most - 1, static_cast<int>((i + 0.5) * scale)); };
  subject::LabImage lab(w, h);
  for (int y = 0; y < h; ++y) {
    const int v = from(y, s.labels.height);
    const int below = from(std::min(h - 1, y + 1), s.labels.height);
    for (int x = 0; x < w; ++x) {
      const int u = from(x, s.labels.width);
      const int beside = from(std::min(w - 1, x + 1), s.labels.width);
      const auto m = s.labels.at(u, v);
      const double p = pressure[first[m] + s.shade.at(u, v)];
      double ink = p > 0 ? kLightInk + (kFirmInk - kLightInk) * std::min(1.0, p) : 0;
      if (s.labels.at(beside, v) != m || s.labels.at(u, below) != m) ink = std::max(ink, kBorderInk);
      const double paper = kPale + (kWhite - kPale) * s.squinted.at(u, v).l / 100;
      const double l = paper + ink * (kInkL - paper);
      lab.at(x, y).l = static_cast<float>(l);
    }
  }
  return subject::to_srgb(lab);
}

}  // namespace yd::board
