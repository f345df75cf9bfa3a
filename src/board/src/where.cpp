// SPDX-License-Identifier: MIT
#include "board/where.h"

#include <algorithm>
#include <cmath>

#include "marks/under.h"

namespace yd::board {
namespace {

constexpr double kPale = 84;   // L* of the subject's black
constexpr double kWhite = 97;  // and of its white
constexpr double kBorderInk = 0.3;
constexpr double kLightInk = 0.28;  // of the lightest touch
constexpr double kFirmInk = 0.92;
constexpr double kInkL = 18;

constexpr float kWhole = 0.6F;  // of what is not pressed: a coat, fixative

void add_by_shades(const plan::Plan& plan, const plan::Pass& p, const subject::Grid<std::uint16_t>& target,
                   subject::Grid<float>& out) {
  std::vector<float> by(plan.targets.size(), 0);
  for (const int t : p.targets)
    by[static_cast<std::size_t>(t)] =
        p.kind == plan::PassKind::stroke ? static_cast<float>(plan::pressure_on(p, t)) : kWhole;
  for (std::size_t i = 0; i < out.size(); ++i) out.data[i] = std::max(out.data[i], by[target.data[i]]);
}

void add_by_marks(const plan::Pass& p, const plan::MarkedPass& marked, const plan::SheetGrid& grid,
                  subject::Grid<float>& out) {
  for (const plan::LaidMark& mark : marked.marks) {
    if (plan::rubs(mark)) continue;
    plan::under(mark, grid, [&](std::size_t i, const plan::MarkPoint& point) {
      out.data[i] = std::max(out.data[i], static_cast<float>(plan::pressure_at(point, p)));
    });
  }
}

}  // namespace

subject::Grid<float> firmest(const plan::Plan& plan, std::span<const int> passes,
                             const subject::Grid<std::uint16_t>& target) {
  subject::Grid<float> out(target.width, target.height, 0.0F);
  const plan::SheetGrid grid = plan::at_size(plan.marks.grid, target.width, target.height);
  for (const int i : passes) {
    const auto n = static_cast<std::size_t>(i);
    const plan::Pass& p = plan.passes[n];
    if (p.kind == plan::PassKind::stroke && n < plan.marks.passes.size())
      add_by_marks(p, plan.marks.passes[n], grid, out);
    else
      add_by_shades(plan, p, target, out);
  }
  return out;
}

namespace {

/// The shade of each pixel.
subject::Grid<std::uint16_t> shades_of(const subject::Subject& s, std::span<const plan::TargetPlan> targets) {
  const std::vector<std::size_t> first = plan::first_targets(targets, s.masses.size());
  subject::Grid<std::uint16_t> out(s.labels.width, s.labels.height);
  for (std::size_t i = 0; i < out.size(); ++i)
    out.data[i] = static_cast<std::uint16_t>(first[s.labels.data[i]] + s.shade.data[i]);
  return out;
}

}  // namespace

BoardImage where_picture(const subject::Subject& s, const plan::Plan& plan, std::span<const int> passes,
                         int long_side) {
  const subject::Grid<float> pressure = firmest(plan, passes, shades_of(s, plan.targets));
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
      const double p = pressure.at(u, v);
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
