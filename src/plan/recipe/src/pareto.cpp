// SPDX-License-Identifier: MIT
#include "recipe/pareto.h"

#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"

namespace yd::plan {
namespace {

struct Marks {
  std::size_t stack;
  double difference;
  int error, strokes, tooth, speckle;  // in noticeable steps

  bool beats(const Marks& o) const {
    return error <= o.error && strokes <= o.strokes && tooth <= o.tooth && speckle <= o.speckle &&
           (error < o.error || strokes < o.strokes || tooth < o.tooth || speckle < o.speckle);
  }
  bool same(const Marks& o) const {
    return error == o.error && strokes == o.strokes && tooth == o.tooth && speckle == o.speckle;
  }
};

int steps(double value, double step) { return static_cast<int>(std::floor(value / step)); }

/// Of the stacks not much further off than the nearest.
std::vector<Marks> marks_of_near(std::span<const Stack> stacks, const colour::Lab& target) {
  std::vector<Marks> marks;
  double nearest = 1e9;
  for (std::size_t i = 0; i < stacks.size(); ++i) {
    // The lightness bound spares most of the full differences.
    if (std::abs(stacks[i].lab.l - target.l) / colour::kLightnessBound > nearest + kParetoReach) continue;
    const double d = colour::ciede2000(stacks[i].lab, target);
    nearest = std::min(nearest, d);
    marks.push_back({i, d, steps(d, 0.25), static_cast<int>(stacks[i].strokes.size()),
                     steps(1 - stacks[i].tooth_left, 0.02), steps(stacks[i].spread_l, 0.5)});
  }
  std::erase_if(marks, [&](const Marks& m) { return m.difference > nearest + kParetoReach; });
  return marks;
}

}  // namespace

std::vector<Stack> pareto(std::span<const Stack> stacks, const colour::Lab& target) {
  std::vector<Marks> marks = marks_of_near(stacks, target);
  std::sort(marks.begin(), marks.end(), [](const Marks& p, const Marks& q) {
    return p.difference != q.difference ? p.difference < q.difference : p.stack < q.stack;
  });
  std::vector<Marks> kept;
  for (const Marks& m : marks) {
    if (kept.size() == kParetoMost) break;
    // Sorted by error, so nothing later can beat what is kept but by error steps alone.
    const bool beaten = std::any_of(kept.begin(), kept.end(), [&](const Marks& k) { return k.beats(m) || k.same(m); });
    if (!beaten) kept.push_back(m);
  }
  std::vector<Stack> out;
  out.reserve(kept.size());
  for (const Marks& m : kept) out.push_back(stacks[m.stack]);
  return out;
}

}  // namespace yd::plan
