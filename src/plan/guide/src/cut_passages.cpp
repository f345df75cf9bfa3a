// SPDX-License-Identifier: MIT
#include "guide/passages.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>

namespace yd::plan {
namespace {

constexpr double kDark = 40;   // L* of what a pass works on, below: darks
constexpr double kLight = 65;  // above: lights
constexpr double kChange_minutes = 1;
constexpr double kEach = 3;        // what every passage costs, in minutes too short or too long
constexpr double kDiffers = 4;     // a pass for something else than the one before it, within a passage
constexpr double kOneMass = 0.6;   // share of the work from which a passage is about one place
constexpr std::size_t kNamed = 3;  // masses that are named

/// What a pass is for, by itself.
struct PassReading {
  PassageKind kind = PassageKind::middles;
  double minutes = 0;
  int tool = 0;
  std::map<int, double> work;  // area by mass
};

/// `lightness`: L* of what the pass lies on, its areas' mean.
PassageKind kind_of(const Pass& p, double lightness) {
  if (p.kind == PassKind::coat) return PassageKind::underpainting;
  if (p.kind == PassKind::fix) return PassageKind::fixative;
  if (p.accent) return PassageKind::accents;
  if (lightness < kDark) return PassageKind::darks;
  return lightness > kLight ? PassageKind::lights : PassageKind::middles;
}

PassReading read(const Pass& p, std::span<const TargetPlan> targets) {
  PassReading out;
  out.minutes = p.minutes;
  out.tool = p.kind == PassKind::stroke ? p.stick : -1 - static_cast<int>(p.kind);
  double area = 0;
  double light = 0;
  for (const int t : p.targets) {
    const TargetPlan& target = targets[static_cast<std::size_t>(t)];
    out.work[target.mass] += target.area;
    area += target.area;
    light += target.area * target.target.l;
  }
  out.kind = kind_of(p, area > 0 ? light / area : kDark);
  return out;
}

/// Stays with its like.
bool apart(PassageKind kind) {
  return kind == PassageKind::underpainting || kind == PassageKind::fixative || kind == PassageKind::accents;
}

class Cutter {
 public:
  Cutter(std::span<const Pass> passes, std::span<const TargetPlan> targets) : passes_(passes) {
    for (const Pass& p : passes) readings_.push_back(read(p, targets));
  }

  std::vector<Passage> run() const {
    const std::size_t n = passes_.size();
    std::vector<double> best(n + 1, std::numeric_limits<double>::infinity());
    std::vector<std::size_t> from(n + 1, 0);
    best[0] = 0;
    for (std::size_t end = 1; end <= n; ++end) {
      for (std::size_t begin = end; begin-- > 0;) {
        if (begin + 1 < end && !together(begin, begin + 1)) break;
        const double cost = best[begin] + price(begin, end);
        if (cost < best[end]) {
          best[end] = cost;
          from[end] = begin;
        }
      }
    }
    std::vector<Passage> out;
    for (std::size_t end = n; end > 0; end = from[end]) out.push_back(passage(from[end], end));
    std::reverse(out.begin(), out.end());
    return out;
  }

 private:
  bool together(std::size_t i, std::size_t j) const {
    const bool like =
        readings_[i].kind == readings_[j].kind || (!apart(readings_[i].kind) && !apart(readings_[j].kind));
    return like && passes_[i].laid == passes_[j].laid;
  }

  double minutes(std::size_t begin, std::size_t end) const {
    double sum = 0;
    for (std::size_t i = begin; i < end; ++i)
      sum += readings_[i].minutes + (i == begin || readings_[i].tool != readings_[i - 1].tool ? kChange_minutes : 0);
    return sum;
  }

  double price(std::size_t begin, std::size_t end) const {
    const double m = minutes(begin, end);
    double cost = kEach + std::max(0.0, kShortestPassage_minutes - m) + std::max(0.0, m - kLongestPassage_minutes);
    for (std::size_t i = begin + 1; i < end; ++i) cost += differ(i - 1, i) ? kDiffers : 0;
    return cost;
  }

  bool differ(std::size_t i, std::size_t j) const {
    return readings_[i].kind != readings_[j].kind || (passes_[i].level == 0) != (passes_[j].level == 0);
  }

  Passage passage(std::size_t begin, std::size_t end) const {
    Passage out;
    out.first = static_cast<int>(begin);
    out.last = static_cast<int>(end) - 1;
    out.minutes = minutes(begin, end);
    out.blocks_in = true;
    std::map<int, double> work;
    std::array<double, kPassageKinds> kinds{};
    double all = 0;
    for (std::size_t i = begin; i < end; ++i) {
      const Pass& p = passes_[i];
      out.blocks_in = out.blocks_in && p.kind == PassKind::stroke && p.level == 0;
      kinds[static_cast<std::size_t>(readings_[i].kind)] += readings_[i].minutes + 1e-6;
      for (const auto& [mass, area] : readings_[i].work) work[mass] += area, all += area;
      if (p.kind == PassKind::stroke && std::find(out.sticks.begin(), out.sticks.end(), p.stick) == out.sticks.end())
        out.sticks.push_back(p.stick);
    }
    out.kind = static_cast<PassageKind>(std::max_element(kinds.begin(), kinds.end()) - kinds.begin());
    std::vector<std::pair<double, int>> order;
    order.reserve(work.size());
    for (const auto& [mass, area] : work) order.emplace_back(-area, mass);
    std::sort(order.begin(), order.end());
    if (!order.empty() && !apart(out.kind) && -order.front().first >= kOneMass * all) out.kind = PassageKind::place;
    const std::size_t most = out.kind == PassageKind::place ? 1 : kNamed;
    for (std::size_t i = 0; i < std::min(most, order.size()); ++i) out.masses.push_back(order[i].second);
    return out;
  }

  std::span<const Pass> passes_;
  std::vector<PassReading> readings_;
};

}  // namespace

const char* name(PassageKind kind) {
  constexpr auto names =
      std::to_array<const char*>({"drawing", "offcuts", "underpainting", "fixative", "darks", "middles", "lights",
                                  "place", "accents", "step back", "restate", "finish"});
  static_assert(names.size() == kPassageKinds);
  return names[static_cast<std::size_t>(kind)];
}

std::vector<Passage> cut_passages(std::span<const Pass> passes, std::span<const TargetPlan> targets) {
  return Cutter(passes, targets).run();
}

}  // namespace yd::plan
