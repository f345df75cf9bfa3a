// SPDX-License-Identifier: MIT
// Checks of the picture as a whole: darks, distance, edges, the focal point.
#include <algorithm>
#include <cmath>

#include "colour/lab.h"
#include "colour/words.h"
#include "critique_parts.h"

namespace yd::plan {
namespace {

/// How a plane reads: mean chroma, warmth, and the spread of its values. A sky is blue however far it is: it has no
/// part in the chroma and warmth of a distance. Only what is said to lie there counts: a face may be guessed to be far.
struct Reading {
  double area = 0, chroma = 0, warmth = 0, dark = 100, light = 0;
  double contrast() const { return std::max(0.0, light - dark); }
};

template <class ColourOf>
Reading read_plane(const CritiqueInput& in, subject::Plane plane, ColourOf colour_of) {
  Reading r;
  for (const TargetPlan& t : in.plan->targets) {
    const subject::Mass& mass = in.subject->masses[static_cast<std::size_t>(t.mass)];
    if (mass.plane != plane || !mass.plane_said || mass.surface == subject::Surface::sky) continue;
    const colour::Lab& lab = colour_of(t);
    r.area += t.area;
    r.chroma += t.area * colour::chroma(lab);
    r.warmth += t.area * colour::warmth(lab);
    // A speck does not make a plane's contrast.
    if (t.area > 0.005) {
      r.dark = std::min(r.dark, lab.l);
      r.light = std::max(r.light, lab.l);
    }
  }
  if (r.area > 0) r.chroma /= r.area, r.warmth /= r.area;
  return r;
}

std::vector<int> masses_in(const CritiqueInput& in, subject::Plane plane) {
  std::vector<int> out;
  for (std::size_t m = 0; m < in.subject->masses.size(); ++m) {
    if (in.subject->masses[m].plane == plane && in.subject->masses[m].plane_said) out.push_back(static_cast<int>(m));
  }
  return out;
}

/// The darkest target of some size: a pupil or a nail hole is set with the last accent and is no want of darks.
const TargetPlan* darkest(const CritiqueInput& in) {
  constexpr double kSpeck = 0.002;  // share of the picture
  const TargetPlan* out = nullptr;
  for (const TargetPlan& t : in.plan->targets) {
    if (t.area >= kSpeck && (out == nullptr || t.seen.l < out->seen.l)) out = &t;
  }
  return out;
}

/// Masses whose darks come out too light by so much that the picture misses it.
std::vector<int> short_of_dark(const CritiqueInput& in) {
  constexpr double kUnseen = 2;      // L* of a dark that nobody misses
  constexpr double kNoticed = 0.08;  // L* on the whole picture
  std::vector<double> missed(in.subject->masses.size(), 0);
  for (const TargetPlan& t : in.plan->targets)
    missed[static_cast<std::size_t>(t.mass)] += t.area * std::max(0.0, t.recipe.look.lab.l - t.seen.l - kUnseen);
  std::vector<int> out;
  for (std::size_t m = 0; m < missed.size(); ++m) {
    if (missed[m] >= kNoticed) out.push_back(static_cast<int>(m));
  }
  return out;
}

/// Nothing lies on the mass yet and no coat of its own is wished.
bool may_be_inked(const CritiqueInput& in, int mass) {
  const auto& wished = in.options.underpaint.exceptions;
  const bool said = std::any_of(wished.begin(), wished.end(), [&](const CoatException& e) {
    return e.where == CoatException::Where::mass && e.which == mass;
  });
  return !said && std::none_of(in.plan->targets.begin(), in.plan->targets.end(),
                               [&](const TargetPlan& t) { return t.mass == mass && t.laid > 0; });
}

bool gave_up(const Plan& plan, Rule rule) {
  return std::any_of(plan.conflicts.begin(), plan.conflicts.end(),
                     [&](const Conflict& c) { return c.given_up == rule; });
}

}  // namespace

std::vector<Finding> check_missing_darks(const CritiqueInput& in) {
  const TargetPlan* dark = darkest(in);
  if (dark == nullptr || dark->recipe.look.lab.l - dark->seen.l < limits::kDarksShort) return {};
  Finding f;
  const double shy = dark->recipe.look.lab.l - dark->seen.l;
  f.weight = 4 + shy / 2;
  f.numbers = {dark->recipe.look.lab.l, dark->seen.l};
  f.masses = short_of_dark(in);
  if (f.masses.empty()) return {};
  if (!bears(*in.paper, CoatMedium::ink)) return {f};
  PlanOptions after = in.options;
  for (const int m : f.masses) {
    if (!may_be_inked(in, m)) continue;
    after.underpaint.exceptions.push_back(
        {CoatException::Where::mass, m, CoatChoice{CoatMedium::ink, CoatColours::tonal}});
  }
  if (after.underpaint.exceptions.size() == in.options.underpaint.exceptions.size()) return {f};
  f.after = std::move(after);
  f.mend = Mend::ink_first;
  return {f};
}

std::vector<Finding> check_distance(const CritiqueInput& in) {
  const auto laid = [](const TargetPlan& t) -> const colour::Lab& { return t.recipe.look.lab; };
  const Reading far = read_plane(in, subject::Plane::background, laid);
  const Reading near = read_plane(in, subject::Plane::foreground, laid);
  if (far.area < 0.05 || near.area < 0.05) return {};
  int against = 0;
  against += far.chroma > near.chroma + 2 ? 1 : 0;
  against += far.contrast() > near.contrast() + 4 ? 1 : 0;
  against += far.warmth > near.warmth + 4 ? 1 : 0;
  if (against < 2) return {};
  Finding f;
  f.weight = 2.5 * against;
  f.numbers = {far.chroma, near.chroma, far.contrast(), near.contrast(), far.warmth, near.warmth};
  f.masses = masses_in(in, subject::Plane::background);
  f.after = with_manner(in, f.masses, Manner::rubbed);
  f.mend = Mend::rub_background;
  return {f};
}

std::vector<Finding> check_halo(const CritiqueInput& in) {
  std::vector<Finding> out;
  for (const Edge& e : in.plan->broken) {
    if (e.rule != Rule::behind_soft_edge) continue;
    Finding f;
    f.weight = 4;
    f.broken = e;
    f.masses = {e.mass_before, e.mass_after};
    f.pass = e.before;
    offer_planners_order(in, f);
    out.push_back(std::move(f));
  }
  if (!gave_up(*in.plan, Rule::behind_soft_edge)) return out;
  for (const Conflict& c : in.plan->conflicts) {
    if (c.given_up != Rule::behind_soft_edge) continue;
    Finding f;
    f.weight = 2.0 + c.times;
    f.conflict = c;
    f.masses = c.masses;
    out.push_back(std::move(f));
  }
  return out;
}

std::vector<Finding> check_focal_contrast(const CritiqueInput& in) {
  const auto borders = subject::shared_borders(in.subject->labels, in.subject->masses.size());
  const std::size_t n = in.subject->masses.size();
  std::vector<double> dark(n, 100);
  std::vector<double> light(n, 0);
  for (const TargetPlan& t : in.plan->targets) {
    if (t.area < 0.001) continue;
    const auto m = static_cast<std::size_t>(t.mass);
    dark[m] = std::min(dark[m], t.recipe.look.lab.l);
    light[m] = std::max(light[m], t.recipe.look.lab.l);
  }
  double focal = -1;
  double most = 0;
  std::size_t where = 0;
  std::vector<int> marked;
  for (std::size_t m = 0; m < n; ++m) {
    double lo = dark[m];
    double hi = light[m];
    for (std::size_t k = 0; k < n; ++k) {
      if (borders[m * n + k] > 0) {
        lo = std::min(lo, dark[k]);
        hi = std::max(hi, light[k]);
      }
    }
    if (in.subject->masses[m].focal) {
      marked.push_back(static_cast<int>(m));
      focal = std::max(focal, hi - lo);
    } else if (hi - lo > most) {
      most = hi - lo;
      where = m;
    }
  }
  if (marked.empty() || focal >= most - 2) return {};
  Finding f;
  f.weight = 3 + (most - focal) / 5;
  f.numbers = {focal, most};
  f.masses = marked;
  f.after = with_manner(in, {static_cast<int>(where)}, Manner::rubbed);
  f.rival = static_cast<int>(where);
  f.mend = Mend::rub_the_rival;
  return {f};
}

}  // namespace yd::plan
