// SPDX-License-Identifier: MIT
#include "marks/groups.h"

#include <algorithm>
#include <tuple>

namespace yd::plan {
namespace {

constexpr std::size_t kMostInGroup = 60;
constexpr std::size_t kFew = 6;         // nobody looks up for less
constexpr std::size_t kNamesGroup = 5;  // times the others: the group is called by their mass

/// A few marks go with what is laid next to them with the same part.
std::vector<MarkGroup> joined(const std::vector<MarkGroup>& groups) {
  std::vector<MarkGroup> out;
  for (const MarkGroup& g : groups) {
    const bool joins = !out.empty() && out.back().part == g.part && std::min(out.back().count, g.count) < kFew &&
                       out.back().count + g.count <= kMostInGroup;
    if (!joins) {
      out.push_back(g);
      continue;
    }
    MarkGroup& into = out.back();
    if (into.mass != g.mass && into.count < kNamesGroup * g.count)
      into.mass = g.count < kNamesGroup * into.count ? -1 : g.mass;
    into.count += g.count;
    into.seconds += g.seconds;
  }
  return out;
}

}  // namespace

int mass_of(const LaidMark& mark, std::span<const TargetPlan> targets) {
  if (mark.points.empty()) return -1;
  const std::int16_t target = mark.points[mark.points.size() / 2].target;
  return target < 0 ? -1 : targets[static_cast<std::size_t>(target)].mass;
}

std::vector<MarkGroup> groups_of(const MarkedPass& pass, std::span<const TargetPlan> targets) {
  std::vector<MarkGroup> out;
  for (std::size_t i = 0; i < pass.marks.size(); ++i) {
    const LaidMark& m = pass.marks[i];
    // What rubs goes over what is there, wherever that is.
    const int mass = rubs(m) ? -1 : mass_of(m, targets);
    const bool goes_on =
        !out.empty() && out.back().part == m.part && out.back().mass == mass && out.back().count < kMostInGroup;
    if (!goes_on) out.push_back({i, 0, m.part, mass, 0});
    ++out.back().count;
    out.back().seconds += seconds_of(m);
  }
  return joined(out);
}

void in_order_of_work(std::vector<LaidMark>& marks, std::span<const TargetPlan> targets, std::span<const int> masses) {
  struct Placed {
    std::tuple<bool, int, std::ptrdiff_t> key;
    LaidMark mark;
  };
  std::vector<Placed> placed;
  placed.reserve(marks.size());
  for (LaidMark& m : marks) {
    const bool rubbed = rubs(m);
    const auto at = std::find(masses.begin(), masses.end(), mass_of(m, targets)) - masses.begin();
    placed.push_back({{rubbed, m.part, rubbed ? 0 : at}, std::move(m)});
  }
  std::stable_sort(placed.begin(), placed.end(), [](const Placed& p, const Placed& q) { return p.key < q.key; });
  for (std::size_t i = 0; i < marks.size(); ++i) marks[i] = std::move(placed[i].mark);
}

}  // namespace yd::plan
