// SPDX-License-Identifier: MIT
// Checks of how the layers are built: tooth, pressure, media, rubbing, number of sticks.
#include <algorithm>
#include <map>
#include <set>

#include "critique_parts.h"

namespace yd::plan {
namespace {

double tooth_before(const CritiqueInput& in, const TargetPlan& t, std::size_t stroke) {
  return build(ground_of(*in.plan, t, *in.paper), *in.parameters, in.sticks, std::span(t.recipe.strokes).first(stroke))
      .tooth_left();
}

}  // namespace

std::vector<Finding> check_pencil_over_soft(const CritiqueInput& in) {
  std::vector<Finding> out;
  for (std::size_t t = 0; t < in.plan->targets.size(); ++t) {
    const TargetPlan& target = in.plan->targets[t];
    const auto& strokes = target.recipe.strokes;
    for (std::size_t i = 1; i < strokes.size(); ++i) {
      const media::Stick& under = stick_of(in, strokes[i - 1]);
      const media::Stick& over = stick_of(in, strokes[i]);
      if (may_lie_over(over.medium, under.medium)) continue;
      Finding f;
      f.weight = 100 * target.area + 2;
      f.sticks = {strokes[i - 1].stick, strokes[i].stick};
      f.numbers = {100 * tooth_before(in, target, i)};
      f.masses = {target.mass};
      f.pass = pass_of(*in.plan, static_cast<int>(t), static_cast<int>(i));
      f.after = with_alternative(in, static_cast<int>(t), [&](const Stack& s) {
        return std::all_of(s.strokes.begin() + (s.strokes.empty() ? 0 : 1), s.strokes.end(), [&](const Stroke& k) {
          return may_lie_over(stick_of(in, k).medium, stick_of(in, s.strokes.front()).medium);
        });
      });
      if (f.after) f.mend = Mend::hard_below;
      out.push_back(std::move(f));
    }
  }
  for (const Edge& e : in.plan->broken) {
    if (e.rule != Rule::hard_under_soft) continue;
    Finding f;
    f.weight = 3;
    f.broken = e;
    f.masses = {e.mass_after};
    f.pass = e.before;
    offer_planners_order(in, f);
    out.push_back(std::move(f));
  }
  return out;
}

std::vector<Finding> check_tooth_full(const CritiqueInput& in) {
  std::vector<Finding> out;
  for (std::size_t t = 0; t < in.plan->targets.size(); ++t) {
    const TargetPlan& target = in.plan->targets[t];
    const auto& strokes = target.recipe.strokes;
    if (strokes.size() < 2) continue;
    const std::size_t last = strokes.size() - 1;
    const double left = tooth_before(in, target, last);
    if (left >= kFullTooth || strokes[last].fix_first) continue;
    Finding f;
    f.weight = 100 * target.area + (target.role == subject::Role::light ? 3 : 1);
    f.sticks = {strokes[last].stick};
    f.numbers = {100 * left};
    f.masses = {target.mass};
    f.pass = pass_of(*in.plan, static_cast<int>(t), static_cast<int>(last));
    f.after = with_alternative(in, static_cast<int>(t),
                               [&](const Stack& s) { return s.tooth_left > target.recipe.tooth_left + 0.05; });
    if (f.after) f.mend = Mend::less_tooth;
    out.push_back(std::move(f));
  }
  return out;
}

std::vector<Finding> check_all_rubbed(const CritiqueInput& in) {
  double ends_rubbed = 0;
  double area = 0;
  double textured_rubbed = 0;
  double textured_area = 0;
  std::vector<int> near;
  for (const TargetPlan& t : in.plan->targets) {
    if (t.recipe.strokes.empty()) continue;
    const subject::Mass& m = in.subject->masses[static_cast<std::size_t>(t.mass)];
    // What is smooth is rubbed for a reason.
    const double textured = 1 - subject::smoothness(m);
    const double rubbed = t.recipe.strokes.back().technique == Technique::rubbed ? t.area : 0;
    area += t.area;
    ends_rubbed += rubbed;
    textured_area += textured * t.area;
    textured_rubbed += textured * rubbed;
    const bool in_front = m.focal || m.plane != subject::Plane::background;
    if (in_front && textured > 0.5 && (near.empty() || near.back() != t.mass)) near.push_back(t.mass);
  }
  if (textured_area < limits::kTexturedArea || textured_rubbed / textured_area < limits::kAllRubbed) return {};
  Finding f;
  f.weight = 8 * textured_rubbed / textured_area;
  f.numbers = {100 * ends_rubbed / area};
  f.after = with_manner(in, near, Manner::broken);
  if (near.empty()) f.after->manner = Manner::broken;
  f.mend = near.empty() ? Mend::all_broken : Mend::front_broken;
  return {f};
}

std::vector<Finding> check_too_many_sticks(const CritiqueInput& in) {
  std::map<int, double> area;
  for (const TargetPlan& t : in.plan->targets) {
    for (const Stroke& s : t.recipe.strokes) area[s.stick] += t.area;
  }
  const auto rare = static_cast<int>(
      std::count_if(area.begin(), area.end(), [](const auto& entry) { return entry.second < limits::kRareArea; }));
  const int used = static_cast<int>(area.size());
  if (used <= limits::kManySticks && rare < 4) return {};
  Finding f;
  f.weight = 0.5 * std::max(0, used - limits::kManySticks) + rare;
  f.numbers = {static_cast<double>(used), static_cast<double>(rare), 100 * limits::kRareArea};
  PlanOptions after = in.options;
  after.most_sticks = std::clamp(std::min(used - rare, limits::kManySticks), 3, used - 1);
  after.given_tray.clear();
  f.after = std::move(after);
  f.mend = Mend::fewer_sticks;
  return {f};
}

std::vector<Finding> check_pressed_early(const CritiqueInput& in) {
  std::vector<Finding> out;
  for (std::size_t t = 0; t < in.plan->targets.size(); ++t) {
    const TargetPlan& target = in.plan->targets[t];
    const auto& strokes = target.recipe.strokes;
    if (strokes.size() < 2 || strokes.front().pressure < 1) continue;
    const double took = tooth_before(in, target, 0) - tooth_before(in, target, 1);
    if (took < limits::kFirstTooth) continue;
    Finding f;
    f.weight = 60 * target.area + 0.5;
    f.numbers = {100 * took, static_cast<double>(strokes.size())};
    f.masses = {target.mass};
    f.pass = pass_of(*in.plan, static_cast<int>(t), 0);
    f.after = with_alternative(in, static_cast<int>(t), [](const Stack& s) {
      return !s.strokes.empty() && (s.strokes.size() == 1 || s.strokes.front().pressure < 1);
    });
    if (f.after) f.mend = Mend::begin_lighter;
    out.push_back(std::move(f));
  }
  return out;
}

}  // namespace yd::plan
