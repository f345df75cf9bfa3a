// SPDX-License-Identifier: MIT
#include "painting_ways.h"

#include <algorithm>
#include <set>

#include "parallel/each.h"
#include "search/layer_search.h"

namespace yd::plan {
namespace {

/// The layers that a mask leaves, and which they are.
std::pair<Layering, std::vector<std::size_t>> left_by(const Layering& layering, std::size_t mask) {
  std::pair<Layering, std::vector<std::size_t>> out;
  for (std::size_t i = 0; i < layering.size(); ++i) {
    if ((mask >> i & 1U) != 0) {
      out.first.push_back(layering[i]);
      out.second.push_back(i);
    }
  }
  return out;
}

}  // namespace

void WayBook::work_out(std::span<const Layering> layerings) {
  std::set<Layering> wanted;
  for (const Layering& l : layerings) {
    for (std::size_t mask = 1; mask < (std::size_t{1} << l.size()); ++mask) {
      Layering part = left_by(l, mask).first;
      if (looks_.find(part) == looks_.end()) wanted.insert(std::move(part));
    }
  }
  const std::vector<Layering> list(wanted.begin(), wanted.end());
  lattice_.prepare(list);
  std::vector<Looks> made(list.size());
  parallel::each(list.size(), [&](std::size_t i) { made[i] = lattice_.looks(list[i]); });
  for (std::size_t i = 0; i < list.size(); ++i) looks_.emplace(list[i], std::move(made[i]));
}

std::vector<WayBook::Part> WayBook::parts_of(const Layering& layering) const {
  std::vector<Part> out;
  for (std::size_t mask = 1; mask < (std::size_t{1} << layering.size()); ++mask) {
    auto [layers, from] = left_by(layering, mask);
    const Looks* looks = &looks_.at(layers);
    out.push_back({std::move(layers), std::move(from), looks});
  }
  return out;
}

std::vector<PressureWay> WayBook::ways(const Layering& layering, std::size_t left_out) const {
  std::vector<PressureWay> out;
  const optics::Look bare = optics::look(lattice_.input().ground->reflectance);
  out.push_back({std::vector<double>(layering.size(), 0), bare.lab, 0, 0, false});
  for (const Part& part : parts_of(layering)) {
    const bool barred =
        std::any_of(part.from.begin(), part.from.end(), [&](std::size_t i) { return (left_out >> i & 1U) != 0; });
    if (barred) continue;
    const std::vector<StackGeometry>& nodes = lattice_.chain(part.layers).nodes;
    const media::Stick& first = lattice_.input().sticks[static_cast<std::size_t>(part.layers.front().stick)];
    const bool poor = first.lab.l < kDarkStick || !may_lie_lowest(lattice_.input().rules, first);
    for (std::size_t n = 0; n < part.looks->at.size(); ++n) {
      if (part.looks->unsteady[n] >= kNotAllowed) continue;
      PressureWay way{std::vector<double>(layering.size(), 0),
                      part.looks->lab[n],
                      part.looks->unsteady[n],
                      part.looks->marks[n],
                      poor,
                      uneven_of(part.looks->speckle[n], nodes[n].tooth_left)};
      for (std::size_t i = 0; i < part.from.size(); ++i) way.pressures[part.from[i]] = kGrades[grade_at(n, i)];
      out.push_back(std::move(way));
    }
  }
  return out;
}

std::optional<PressureWay> WayBook::between(const Layering& layering, const std::vector<double>& pressures) const {
  const auto look = lattice_.between(layering, pressures);
  if (!look) return {};
  PressureWay way{pressures, look->lab};
  way.marks = marks_of(look->speckle) * marks_count(lattice_.input().rules.school);
  way.uneven = uneven_of(look->speckle, look->tooth_left);
  return way;
}

Stack WayBook::nearest(const Layering& layering, const colour::Lab& wanted) const {
  const colour::Din99o even = colour::to_din99o(wanted);
  const std::vector<Part> parts = parts_of(layering);
  const Part* best = nullptr;
  std::size_t node = 0;
  float least = kNotAllowed;
  for (const Part& part : parts) {
    for (std::size_t n = 0; n < part.looks->at.size(); ++n) {
      const float d = colour::distance_squared(even, part.looks->at[n]) + part.looks->unsteady[n];
      if (d < least) {
        least = d;
        best = &part;
        node = n;
      }
    }
  }
  if (best == nullptr) return {};
  const auto tooth = static_cast<float>(lattice_.chain(best->layers).nodes[node].tooth_left);
  return {strokes_at(best->layers, node), best->looks->lab[node], best->looks->spread_l[node], tooth};
}

}  // namespace yd::plan
