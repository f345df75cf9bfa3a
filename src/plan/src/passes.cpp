#include "plan/passes.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "colour/lab.h"

namespace yd::plan {
namespace {

/// What makes two strokes one pass, in the order of work. Lightness leads the stick so that darks come first.
struct Key {
  int coat;
  int plane;
  double lightness;
  int stick;
  double pressure;
  int technique;
  auto tie() const { return std::tie(coat, plane, lightness, stick, pressure, technique); }
  bool operator<(const Key& o) const { return tie() < o.tie(); }
};

bool same_way(const Pass& p, const Pass& q) {
  return p.coat == q.coat && p.stick == q.stick && p.pressure == q.pressure && p.technique == q.technique;
}

bool disjoint(const std::vector<int>& p, const std::vector<int>& q) {
  std::vector<int> both;
  std::set_intersection(p.begin(), p.end(), q.begin(), q.end(), std::back_inserter(both));
  return both.empty();
}

void merge_neighbours(std::vector<Pass>& passes) {
  std::vector<Pass> out;
  for (Pass& p : passes) {
    if (!out.empty() && same_way(out.back(), p) && disjoint(out.back().targets, p.targets)) {
      std::vector<int> both;
      std::merge(out.back().targets.begin(), out.back().targets.end(), p.targets.begin(), p.targets.end(),
                 std::back_inserter(both));
      out.back().targets = std::move(both);
    } else {
      out.push_back(std::move(p));
    }
  }
  passes = std::move(out);
}

std::string reason_for(const Pass& p, const Pass* before, const media::Stick& stick) {
  const std::string step = "value " + std::to_string(std::lround(colour::value_step(stick.lab.l)));
  if (before == nullptr) return "Starts: the furthest plane, its darkest stick (" + step + ") first, on clean tooth.";
  if (before->coat != p.coat)
    return "Second coat: all first coats are down, so this one is built over them, darks first (" + step + ").";
  if (before->plane != p.plane) {
    return std::string("The ") + name(p.plane) + " overlaps the " + name(before->plane) +
           ", so it follows; its darkest stick (" + step + ") first.";
  }
  if (before->stick == p.stick) return "Same stick, still in the hand, used in another way.";
  return "Next lighter stick of the " + std::string(name(p.plane)) + " (" + step + "): lights go over darks.";
}

std::vector<int> masses_of(const Pass& p, std::span<const TargetPlan> targets) {
  std::set<int> masses;
  for (const int t : p.targets) masses.insert(targets[static_cast<std::size_t>(t)].mass);
  return {masses.begin(), masses.end()};
}

}  // namespace

std::vector<Pass> order_passes(std::span<const TargetPlan> targets, std::span<const subject::Mass> masses,
                               std::span<const media::Stick> sticks) {
  std::map<Key, Pass> groups;
  for (std::size_t t = 0; t < targets.size(); ++t) {
    const subject::Mass& mass = masses[static_cast<std::size_t>(targets[t].mass)];
    int coat = 0;
    for (const Stroke& s : targets[t].recipe.strokes) {
      const Key key{coat,       static_cast<int>(mass.plane), sticks[static_cast<std::size_t>(s.stick)].lab.l, s.stick,
                    s.pressure, static_cast<int>(s.technique)};
      Pass& p = groups[key];
      p.stick = s.stick;
      p.pressure = s.pressure;
      p.technique = s.technique;
      p.coat = coat++;
      p.plane = mass.plane;
      p.targets.push_back(static_cast<int>(t));
    }
  }
  std::vector<Pass> passes;
  passes.reserve(groups.size());
  for (auto& [key, pass] : groups) passes.push_back(std::move(pass));
  merge_neighbours(passes);
  for (std::size_t i = 0; i < passes.size(); ++i) {
    Pass& p = passes[i];
    p.number = static_cast<int>(i) + 1;
    p.masses = masses_of(p, targets);
    p.reason = reason_for(p, i == 0 ? nullptr : &passes[i - 1], sticks[static_cast<std::size_t>(p.stick)]);
  }
  return passes;
}

std::vector<Stroke> strokes_after(std::span<const Pass> passes, const TargetPlan& target, int target_index, int count) {
  std::size_t done = 0;
  for (int i = 0; i < count && i < static_cast<int>(passes.size()); ++i) {
    const Pass& p = passes[static_cast<std::size_t>(i)];
    if (std::binary_search(p.targets.begin(), p.targets.end(), target_index)) ++done;
  }
  const auto& all = target.recipe.strokes;
  return {all.begin(), all.begin() + static_cast<std::ptrdiff_t>(std::min(done, all.size()))};
}

}  // namespace yd::plan
