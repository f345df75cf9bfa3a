// SPDX-License-Identifier: MIT
#include "order/passes.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <map>

namespace yd::plan {

const char* name(PassKind kind) {
  switch (kind) {
    case PassKind::coat:
      return "underpainting";
    case PassKind::fix:
      return "fixative";
    case PassKind::stroke:
      return "strokes";
  }
  return "";
}

const char* name(Purpose purpose) {
  constexpr std::array<const char*, 5> names{"body", "undertone", "complement", "glaze", "accent"};
  return names[static_cast<std::size_t>(purpose)];
}

double pressure_on(const Pass& p, int target) {
  if (p.pressures.empty()) return p.pressure;
  const auto found = std::lower_bound(p.targets.begin(), p.targets.end(), target);
  return found == p.targets.end() || *found != target
             ? 0
             : p.pressures[static_cast<std::size_t>(found - p.targets.begin())];
}

int level_on(const Pass& p, int target) {
  if (p.levels.empty()) return p.level;
  const auto found = std::lower_bound(p.targets.begin(), p.targets.end(), target);
  return found == p.targets.end() || *found != target ? p.level
                                                      : p.levels[static_cast<std::size_t>(found - p.targets.begin())];
}

Pass pressed_by(const Pass& p, const std::function<double(int)>& by) {
  constexpr double kLeast = 0.02;  // a stroke that is made at all leaves something
  Pass out = p;
  out.targets.clear();
  out.pressures.clear();
  out.levels.clear();
  double sum = 0;
  for (const int t : p.targets) {
    const double factor = by(t);
    sum += factor;
    if (factor <= 0) continue;
    out.targets.push_back(t);
    out.pressures.push_back(std::clamp(pressure_on(p, t) * factor, kLeast, 1.0));
    if (!p.levels.empty()) out.levels.push_back(level_on(p, t));
  }
  if (p.finishing && !p.targets.empty())
    out.pressure = std::clamp(p.pressure * sum / static_cast<double>(p.targets.size()), 0.0, 1.0);
  return out;
}

bool lays(const Pass& p, int level, const Stroke& s) {
  return p.kind == PassKind::stroke && s.level == level && s.stick == p.stick && s.technique == p.technique;
}

std::vector<PassPart> parts_of(const Pass& pass, std::span<const TargetPlan> targets) {
  std::vector<PassPart> out;
  for (const int t : pass.targets) {
    const TargetPlan& target = targets[static_cast<std::size_t>(t)];
    auto part = std::find_if(out.begin(), out.end(), [&](const PassPart& p) { return p.mass == target.mass; });
    if (part == out.end()) {
      out.push_back({target.mass, 0, 0, 1, 0});
      part = out.end() - 1;
    }
    const double pressure = pressure_on(pass, t);
    part->area += target.area;
    part->least = std::min(part->least, pressure);
    part->greatest = std::max(part->greatest, pressure);
  }
  for (PassPart& part : out) {
    double whole = 0;
    for (const TargetPlan& t : targets) whole += t.mass == part.mass ? t.area : 0;
    part.share = whole > 0 ? part.area / whole : 0;
  }
  std::sort(out.begin(), out.end(), [](const PassPart& p, const PassPart& q) { return p.mass < q.mass; });
  return out;
}

namespace {

/// The layer that a stroke belongs to, made where there is none yet: by level, and of one level above what lies below
/// it.
std::vector<MassLayer>::iterator layer_of(std::vector<MassLayer>& layers, const Stroke& s, std::ptrdiff_t after) {
  const auto same = [&](const MassLayer& l) {
    return l.stroke.level == s.level && l.stroke.stick == s.stick && l.stroke.technique == s.technique;
  };
  const auto found = std::find_if(layers.begin(), layers.end(), same);
  if (found != layers.end()) return found;
  const auto level =
      std::find_if(layers.begin() + after, layers.end(), [&](const MassLayer& l) { return l.stroke.level >= s.level; });
  MassLayer fresh;
  fresh.stroke = s;
  fresh.least = s.pressure;
  return layers.insert(level, fresh);
}

}  // namespace

std::vector<MassLayer> layers_of(std::span<const TargetPlan> targets, int mass) {
  std::vector<MassLayer> layers;
  double whole = 0;
  double light = 0;
  for (const TargetPlan& t : targets) {
    if (t.mass != mass) continue;
    whole += t.area;
    light += t.area * t.target.l;
  }
  for (const TargetPlan& t : targets) {
    if (t.mass != mass) continue;
    std::ptrdiff_t after = 0;
    for (const Stroke& s : t.recipe.strokes) {
      const auto layer = layer_of(layers, s, after);
      after = layer - layers.begin() + 1;
      layer->stroke.pressure = std::max(layer->stroke.pressure, s.pressure);
      layer->least = std::min(layer->least, s.pressure);
      layer->share += t.area / whole;
      layer->towards += t.area * s.pressure * (t.target.l - light / whole) / whole;
    }
  }
  return layers;
}

std::vector<int> representatives(std::span<const TargetPlan> targets, int mass) {
  std::array<int, 3> best{-1, -1, -1};
  for (std::size_t t = 0; t < targets.size(); ++t) {
    if (targets[t].mass != mass) continue;
    int& known = best[static_cast<std::size_t>(targets[t].role)];
    if (known < 0 || targets[t].area > targets[static_cast<std::size_t>(known)].area) known = static_cast<int>(t);
  }
  std::vector<int> out;
  std::copy_if(best.begin(), best.end(), std::back_inserter(out), [](int t) { return t >= 0; });
  return out;
}

double area_of(const Pass& pass, std::span<const TargetPlan> targets) {
  double sum = 0;
  for (const int t : pass.targets) sum += targets[static_cast<std::size_t>(t)].area;
  return sum;
}

std::string signature(const Pass& p) {
  char head[96];
  std::snprintf(head, sizeof head, "%d/%d/%d/%d/%d", static_cast<int>(p.kind), p.stick, p.underpaint,
                static_cast<int>(p.technique), p.level);
  std::string out = head;
  for (const int m : p.masses) out.append("/").append(std::to_string(m));
  return out;
}

TargetState state_after(std::span<const Pass> passes, int target, int count) {
  TargetState s;
  for (int i = 0; i < count && i < static_cast<int>(passes.size()); ++i) {
    const Pass& p = passes[static_cast<std::size_t>(i)];
    if (p.skipped || p.finishing || !std::binary_search(p.targets.begin(), p.targets.end(), target)) continue;
    if (p.kind == PassKind::coat) s.coated = true;
    // On a bare coat it is part of the coat: charcoal is reckoned as it is once fixed.
    if (p.kind == PassKind::fix) s.fixed = !s.strokes.empty();
    if (p.kind != PassKind::stroke) continue;
    s.strokes.push_back({p.stick, pressure_on(p, target), p.technique, s.fixed, level_on(p, target)});
    s.fixed = false;
  }
  return s;
}

}  // namespace yd::plan
