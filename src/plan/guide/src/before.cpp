// SPDX-License-Identifier: MIT
// What one looks for before the first stroke, what special things ask for, and the house round the easel.
#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <set>

#include "chores.h"
#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "colour/words.h"
#include "subject/surface.h"

namespace yd::plan {
namespace {

using subject::Mass;

const std::vector<Mass>& masses(const GuideInput& in) { return in.subject->masses; }
int count(const GuideInput& in) { return static_cast<int>(masses(in).size()); }

/// The mass that stands out most from what it touches, in value, hue and chroma; what is large is no point. -1: none.
int standing_out(const GuideInput& in) {
  constexpr double kLarge = 0.25, kLeast = 0.002;  // of the picture
  const std::size_t n = masses(in).size();
  const auto borders = subject::shared_borders(in.subject->labels, n);
  int best = -1;
  double most = 0;
  for (std::size_t m = 0; m < n; ++m) {
    if (masses(in)[m].area > kLarge || masses(in)[m].area < kLeast) continue;
    double around = 0, apart = 0;
    for (std::size_t k = 0; k < n; ++k) {
      const double shared = k == m ? 0 : borders[m * n + k];
      around += shared;
      apart += shared * colour::ciede2000(masses(in)[m].mean, masses(in)[k].mean);
    }
    const double score = around > 0 ? apart / around + 0.5 * colour::chroma(masses(in)[m].mean) : 0;
    if (score > most) most = score, best = static_cast<int>(m);
  }
  return best;
}

/// Where the artist says the eye goes; else the guess, as the only one.
Step focal_point(const GuideInput& in) {
  Step out{Chore::focal, {}, {}, {}, {0}};
  for (int m = 0; m < count(in); ++m)
    if (masses(in)[static_cast<std::size_t>(m)].focal) out.masses.push_back(m);
  if (!out.masses.empty()) return out;
  const int guess = standing_out(in);
  if (guess >= 0) out.masses.push_back(guess);
  out.numbers = {1};
  return out;
}

std::vector<int> let_go(const GuideInput& in) {
  std::vector<int> out;
  for (int m = 0; m < count(in); ++m) {
    const auto thing = static_cast<std::size_t>(masses(in)[static_cast<std::size_t>(m)].thing);  // of the rest: beyond
    const auto& things = in.subject->things.list;
    if (thing < things.size() && things[thing].weight == subject::Weight::let_go) out.push_back(m);
  }
  return out;
}

/// How much warmer the lights are than the darks, in units of colour::warmth; none where there are no two.
std::optional<double> lights_warmer(const GuideInput& in) {
  constexpr double kLights = 60, kDarks = 40;  // L*
  double light = 0, light_area = 0, dark = 0, dark_area = 0;
  for (const TargetPlan& t : in.plan->targets) {
    const double warm = t.area * colour::warmth(t.seen);
    if (t.seen.l >= kLights) light += warm, light_area += t.area;
    if (t.seen.l <= kDarks) dark += warm, dark_area += t.area;
  }
  constexpr double kSome = 0.05;  // of the picture
  if (light_area < kSome || dark_area < kSome) return std::nullopt;
  return light / light_area - dark / dark_area;
}

/// The small most vivid mass, and where its sticks come again.
std::optional<Step> accent(const GuideInput& in) {
  constexpr double kSmall = 0.08, kVividFrom = 35, kBeyond = 1.6;  // share, chroma, times the picture's
  double mean = 0;
  for (const Mass& m : masses(in)) mean += m.area * colour::chroma(m.mean);
  int best = -1;
  double most = std::max(kVividFrom, kBeyond * mean);
  for (int m = 0; m < count(in); ++m) {
    const Mass& mass = masses(in)[static_cast<std::size_t>(m)];
    if (mass.area <= kSmall && colour::chroma(mass.mean) > most) most = colour::chroma(mass.mean), best = m;
  }
  if (best < 0) return std::nullopt;
  int stick = -1;
  double vivid = 0;
  std::set<int> others;
  for (const TargetPlan& t : in.plan->targets) {
    if (t.mass != best) continue;
    for (const Stroke& s : t.recipe.strokes) {
      const double c = colour::chroma(in.sticks[static_cast<std::size_t>(s.stick)].lab);
      if (c > vivid) vivid = c, stick = s.stick;
    }
  }
  if (stick < 0) return std::nullopt;
  for (const TargetPlan& t : in.plan->targets) {
    const bool there = std::any_of(t.recipe.strokes.begin(), t.recipe.strokes.end(),
                                   [&](const Stroke& s) { return s.stick == stick; });
    if (there && t.mass != best) others.insert(t.mass);
  }
  Step out{Chore::accent, {best}, {stick}, {}, {}};
  out.masses.insert(out.masses.end(), others.begin(), others.end());
  return out;
}

/// Axis and eye line of each face, from the outline the artist drew.
void add_faces(const GuideInput& in, std::vector<Step>& out) {
  const subject::Sheet sheet = sheet_of(in);
  const subject::LabelImage& owner = in.subject->things.owner;
  for (std::size_t thing = 0; thing < in.subject->things.list.size(); ++thing) {
    if (in.subject->things.list[thing].kind != subject::ThingKind::face) continue;
    const subject::Extents e = subject::extents(owner, static_cast<int>(thing) + 1);
    std::vector<int> of;
    for (int m = 0; m < count(in); ++m)
      if (masses(in)[static_cast<std::size_t>(m)].thing == static_cast<int>(thing)) of.push_back(m);
    if (of.empty() || e.right <= e.left || e.bottom <= e.top) continue;
    out.push_back({Chore::face_lines,
                   std::move(of),
                   {},
                   {},
                   {(e.left + e.right) / 2 * sheet.width_cm, (e.top + e.bottom) / 2 * sheet.height_cm}});
  }
}

bool touches(const GuideInput& in, const Passage& p, int thing) {
  for (int i = p.first; i <= p.last; ++i) {
    const Pass& pass = in.plan->passes[static_cast<std::size_t>(i)];
    if (pass.kind != PassKind::stroke || pass.laid) continue;
    for (const int m : pass.masses)
      if (masses(in)[static_cast<std::size_t>(m)].thing == thing) return true;
  }
  return false;
}

double lightness(const GuideInput& in, int stick) { return in.sticks[static_cast<std::size_t>(stick)].lab.l; }

}  // namespace

std::vector<Step> looked_for(const GuideInput& in) {
  std::vector<Step> out;
  Step focal = focal_point(in);
  if (!focal.masses.empty()) out.push_back(std::move(focal));
  std::vector<int> gone = let_go(in);
  if (!gone.empty()) out.push_back({Chore::let_go, std::move(gone), {}, {}, {}});
  constexpr double kWarmer = 4;  // in units of colour::warmth: less is not seen as a rule of the light
  const std::optional<double> warmer = lights_warmer(in);
  if (warmer && std::abs(*warmer) >= kWarmer) out.push_back({Chore::temperature, {}, {}, {}, {*warmer}});
  if (auto one = accent(in)) out.push_back(std::move(*one));
  add_faces(in, out);
  return out;
}

void tell_special(const GuideInput& in, std::vector<Passage>& passages) {
  const auto& things = in.subject->things.list;
  std::map<std::pair<std::size_t, subject::ThingKind>, std::vector<int>>
      asked;  // by passage: two dogs are told at once
  for (int thing = 0; thing < static_cast<int>(things.size()); ++thing) {
    const subject::ThingKind kind = things[static_cast<std::size_t>(thing)].kind;
    if (kind == subject::ThingKind::other || kind == subject::ThingKind::ground) continue;
    const auto first = std::find_if(passages.begin(), passages.end(),
                                    [&](const Passage& p) { return p.has_passes() && touches(in, p, thing); });
    if (first == passages.end()) continue;
    std::vector<int>& of = asked[{static_cast<std::size_t>(first - passages.begin()), kind}];
    for (int m = 0; m < count(in); ++m)
      if (masses(in)[static_cast<std::size_t>(m)].thing == thing) of.push_back(m);
  }
  for (auto& [where, of] : asked)
    passages[where.first].steps.push_back({Chore::special, std::move(of), {}, {}, {static_cast<double>(where.second)}});
}

void keep_house(const GuideInput& in, std::vector<Passage>& passages) {
  constexpr double kAfterDark = 45, kBeforeLight = 65;  // L* of sticks between which hands are wiped
  double before = 100;
  bool covered = false;
  for (Passage& p : passages) {
    if (p.kind == PassageKind::step_back) p.steps.push_back({Chore::tap_off, {}, {}, {}, {}});
    if (!p.has_passes() || p.sticks.empty() || in.plan->passes[static_cast<std::size_t>(p.first)].laid) continue;
    const double first = lightness(in, p.sticks.front());
    if (before < kAfterDark && first > kBeforeLight) p.steps.insert(p.steps.begin(), {Chore::wipe, {}, {}, {}, {}});
    if (p.kind == PassageKind::accents && !covered) {
      p.steps.insert(p.steps.begin(), {Chore::cover, {}, {}, {}, {}});
      covered = true;
    }
    before = lightness(in, p.sticks.back());
  }
}

}  // namespace yd::plan
