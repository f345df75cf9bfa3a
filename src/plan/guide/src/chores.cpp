// SPDX-License-Identifier: MIT
#include "chores.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <tuple>

#include "advice/delicate.h"
#include "colour/lab.h"
#include "colour/words.h"

namespace yd::plan {
namespace {

constexpr std::size_t kShapesSetOut = 4;
constexpr std::size_t kOffcutsTried = 2;
constexpr double kLineLighter = 12;   // L* of the line above the paper
constexpr double kAcross = 0.9;       // of the width of the sheet
constexpr double kLightBegun = 70;    // L* of what the lines are lifted for
constexpr double kRestated = 40;      // L* up to which darks are set again
constexpr double kTooLittle = 0.002;  // share of the picture below which darks are not restated

const media::Stick& stick(const GuideInput& in, int i) { return in.sticks[static_cast<std::size_t>(i)]; }
const subject::Mass& mass(const GuideInput& in, int m) { return in.subject->masses[static_cast<std::size_t>(m)]; }

struct Shape {
  int mass = 0;            ///< the first of a thing's
  std::vector<double> cm;  ///< left, top, width, height, then the sheet's width and height
  std::vector<int> all{};  ///< masses: one, or those of a thing
};

void join(subject::Extents& e, const subject::Extents& other) {
  e.left = std::min(e.left, other.left);
  e.right = std::max(e.right, other.right);
  e.top = std::min(e.top, other.top);
  e.bottom = std::max(e.bottom, other.bottom);
}

/// Masses, and things as a whole: nobody sets out the parts of a bird one by one.
std::vector<Shape> shapes(const GuideInput& in) {
  const std::size_t n = in.subject->masses.size();
  const subject::Sheet sheet = sheet_of(in);
  std::vector<subject::Extents> of(n, {1, 1, 0, 0});
  const auto& labels = in.subject->labels;
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      join(of[labels.at(x, y)], {static_cast<double>(x) / labels.width, static_cast<double>(y) / labels.height,
                                 (x + 1.0) / labels.width, (y + 1.0) / labels.height});
    }
  }
  std::vector<Shape> out;
  std::map<int, std::size_t> things;  // place in `out`
  std::vector<subject::Extents> extents;
  for (std::size_t m = 0; m < n; ++m) {
    const int thing = in.subject->masses[m].thing;
    const auto [found, fresh] = things.emplace(thing, out.size());
    if (thing >= 0 && !fresh) {
      join(extents[found->second], of[m]);
      out[found->second].all.push_back(static_cast<int>(m));
      continue;
    }
    out.push_back({static_cast<int>(m), {}, {static_cast<int>(m)}});
    extents.push_back(of[m]);
  }
  for (std::size_t s = 0; s < out.size(); ++s) {
    const subject::Extents& e = extents[s];
    out[s].cm = {e.left * sheet.width_cm,
                 e.top * sheet.height_cm,
                 (e.right - e.left) * sheet.width_cm,
                 (e.bottom - e.top) * sheet.height_cm,
                 sheet.width_cm,
                 sheet.height_cm};
  }
  return out;
}

/// What goes from edge to edge both ways sets nothing out.
bool whole(const std::vector<double>& cm) { return cm[2] > kAcross * cm[4] && cm[3] > kAcross * cm[5]; }

/// Ground or sky from one side of the sheet to the other has no width to set out.
bool across(const GuideInput& in, const Shape& s) { return s.cm[2] > kAcross * sheet_of(in).width_cm; }

/// All that is not background, as one.
Step set_extents(const GuideInput& in, const std::vector<Shape>& all) {
  Step out{Chore::extents, {}, {}, {}, {}};
  double left = 1e9, top = 1e9, right = 0, bottom = 0;
  for (const Shape& s : all) {
    if (mass(in, s.mass).plane == subject::Plane::background || across(in, s)) continue;
    out.masses.insert(out.masses.end(), s.all.begin(), s.all.end());
    left = std::min(left, s.cm[0]);
    top = std::min(top, s.cm[1]);
    right = std::max(right, s.cm[0] + s.cm[2]);
    bottom = std::max(bottom, s.cm[1] + s.cm[3]);
  }
  const subject::Sheet sheet = sheet_of(in);
  if (!out.masses.empty()) out.numbers = {left, top, right - left, bottom - top, sheet.width_cm, sheet.height_cm};
  return out;
}

/// A pointed or hard stick a little lighter than the paper; without one the lines are drawn with whatever is near it.
int line_stick(const GuideInput& in) {
  const colour::Lab wanted{std::min(95.0, in.paper->lab.l + kLineLighter), in.paper->lab.a, in.paper->lab.b};
  constexpr double kTooFar = 45;  // CIE 1976: black on a light sheet is no line to draw with
  int best = -1;
  double least = kTooFar;
  for (const int i : in_hand(*in.plan)) {
    const bool pointed = media::facts(stick(in, i).medium).draws_lines();
    const double d = colour::distance_1976(stick(in, i).lab, wanted) + (pointed ? 0 : 25);
    if (d < least) {
      least = d;
      best = i;
    }
  }
  return best;
}

/// Masses whose first stroke is light.
std::vector<int> begun_light(const GuideInput& in) {
  std::vector<int> out;
  for (std::size_t m = 0; m < in.subject->masses.size(); ++m) {
    const auto layers = layers_of(in.plan->targets, static_cast<int>(m));
    if (!layers.empty() && stick(in, layers.front().stroke.stick).lab.l > kLightBegun)
      out.push_back(static_cast<int>(m));
  }
  return out;
}

template <class Key>
int most(const GuideInput& in, Key key) {
  int best = 0;
  for (std::size_t m = 1; m < in.subject->masses.size(); ++m) {
    if (key(in.subject->masses[m]) > key(mass(in, best))) best = static_cast<int>(m);
  }
  return best;
}

int last_rubbed(const GuideInput& in, int before) {
  int out = -1;
  for (int i = 0; i < before; ++i) {
    const Pass& p = in.plan->passes[static_cast<std::size_t>(i)];
    if (p.kind == PassKind::stroke && p.technique == Technique::rubbed && !p.laid) out = i;
  }
  return out;
}

/// Where a dark pass is still what is seen: nothing lies over it and the place is dark. None where it is too little.
std::vector<int> still_dark(const GuideInput& in, const Pass& p) {
  std::vector<int> masses;
  double area = 0;
  for (const int t : p.targets) {
    const TargetPlan& target = in.plan->targets[static_cast<std::size_t>(t)];
    const bool top = !target.recipe.strokes.empty() && target.recipe.strokes.back().stick == p.stick;
    if (!top || target.target.l > kRestated) continue;
    area += target.area;
    if (masses.empty() || masses.back() != target.mass) masses.push_back(target.mass);
  }
  return area < kTooLittle ? std::vector<int>() : masses;
}

}  // namespace

Passage drawing(const GuideInput& in) {
  Passage out;
  out.kind = PassageKind::drawing;
  out.steps = looked_for(in);
  out.steps.push_back({Chore::tape, {}, {}, {}, {}});
  const int line = line_stick(in);
  out.steps.push_back({Chore::line_with, {}, line < 0 ? std::vector<int>() : std::vector{line}, {}, {}});
  std::vector<Shape> all = shapes(in);
  Step extents = set_extents(in, all);
  if (!extents.numbers.empty() && !whole(extents.numbers)) out.steps.push_back(std::move(extents));
  std::erase_if(all, [](const Shape& s) { return whole(s.cm); });
  std::stable_sort(all.begin(), all.end(), [&](const Shape& p, const Shape& q) {
    const auto rank = [&](const Shape& s) {
      return std::tuple(across(in, s), mass(in, s.mass).plane == subject::Plane::background, -s.cm[3]);
    };
    return rank(p) < rank(q);
  });
  // The tallest, and all that was drawn round: these are what the picture is about.
  for (std::size_t i = 0; i < all.size(); ++i) {
    if (i < kShapesSetOut || mass(in, all[i].mass).thing >= 0)
      out.steps.push_back({i == 0 ? Chore::tallest : Chore::next_shape, all[i].all, {}, {}, all[i].cm});
  }
  std::vector<int> light = begun_light(in);
  if (!light.empty()) out.steps.push_back({Chore::lift_lines, std::move(light), {}, {}, {}});
  // Before a sketch the drawing is one too.
  const double sketched = std::max(kShortestPassage_minutes, 0.3 * in.plan->sequence.minutes);
  out.minutes = std::min({kLongestPassage_minutes, sketched, 6 + 0.7 * static_cast<double>(all.size())});
  return out;
}

Passage offcut_test(const GuideInput& in) {
  Passage out;
  out.kind = PassageKind::offcuts;
  std::vector<const Pass*> delicate;
  for (const Pass& p : in.plan->passes) {
    if (is_delicate(p) && !p.laid) delicate.push_back(&p);
  }
  std::stable_sort(delicate.begin(), delicate.end(),
                   [](const Pass* p, const Pass* q) { return p->costs_when_off > q->costs_when_off; });
  if (delicate.size() > kOffcutsTried) delicate.resize(kOffcutsTried);
  std::sort(delicate.begin(), delicate.end(), [](const Pass* p, const Pass* q) { return p->number < q->number; });
  for (const Pass* p : delicate) {
    out.steps.push_back(
        {Chore::try_offcut, p->masses, {p->stick}, {p->number - 1}, {(p->least_pressure + p->pressure) / 2}});
    if (std::find(out.sticks.begin(), out.sticks.end(), p->stick) == out.sticks.end()) out.sticks.push_back(p->stick);
  }
  out.minutes = out.steps.empty() ? 0 : 2 + 1.5 * static_cast<double>(out.steps.size());
  return out;
}

Passage step_back(const GuideInput& in, bool at_the_end) {
  Passage out;
  out.kind = PassageKind::step_back;
  const int dark = most(in, [](const subject::Mass& m) { return -m.mean.l; });
  const int light = most(in, [](const subject::Mass& m) { return m.mean.l; });
  out.steps.push_back({Chore::compare_value, {dark, light}, {}, {}, {mass(in, dark).value, mass(in, light).value}});
  const int warm = most(in, [](const subject::Mass& m) { return m.warmer; });
  const int cool = most(in, [](const subject::Mass& m) { return -m.warmer; });
  if (warm != cool) out.steps.push_back({Chore::compare_temperature, {warm, cool}, {}, {}, {}});
  if (at_the_end) {
    const int vivid = most(in, [](const subject::Mass& m) { return colour::chroma(m.mean); });
    const int dull = most(in, [](const subject::Mass& m) { return -colour::chroma(m.mean); });
    if (vivid != dull) out.steps.push_back({Chore::compare_chroma, {vivid, dull}, {}, {}, {}});
    out.steps.push_back({Chore::darken_by_fixative, {}, {}, {}, {}});
  }
  out.minutes = at_the_end ? 5 : 3;
  return out;
}

Passage restate_darks(const GuideInput& in, int before) {
  Passage out;
  out.kind = PassageKind::restate;
  const int rubbed = last_rubbed(in, before);
  for (int i = 0; i < rubbed; ++i) {
    const Pass& p = in.plan->passes[static_cast<std::size_t>(i)];
    if (p.kind != PassKind::stroke || stick(in, p.stick).lab.l > kRestated) continue;
    if (std::find(out.sticks.begin(), out.sticks.end(), p.stick) != out.sticks.end()) continue;
    std::vector<int> masses = still_dark(in, p);
    if (masses.empty()) continue;
    out.steps.push_back({Chore::restate, std::move(masses), {p.stick}, {i}, {}});
    out.sticks.push_back(p.stick);
  }
  out.minutes = out.steps.empty() ? 0 : 2 + 2 * static_cast<double>(out.steps.size());
  return out;
}

namespace {

/// A corner below is where one signs: the mass that lies there most, rather one that nobody looks at.
int mass_to_sign_on(const GuideInput& in) {
  constexpr double kCorner = 0.25, kFoot = 0.12;  // of the width and of the height
  constexpr double kMatters = 0.1;
  const auto& labels = in.subject->labels;
  std::vector<double> there(in.subject->masses.size(), 0);
  const int left = static_cast<int>(kCorner * labels.width), right = labels.width - left;
  for (int y = static_cast<int>((1 - kFoot) * labels.height); y < labels.height; ++y)
    for (int x = 0; x < labels.width; ++x)
      if (x < left || x >= right) there[labels.at(x, y)] += 1;
  int where = 0;
  double best = -1;
  for (std::size_t m = 0; m < there.size(); ++m) {
    const subject::Mass& mass = in.subject->masses[m];
    const double worth =
        there[m] * (mass.focal || mass.thing >= 0 ? kMatters : 1) * (0.2 + in.plan->mass_tooth_left[m]);
    if (worth > best) best = worth, where = static_cast<int>(m);
  }
  return where;
}

/// About one value off what lies there, rather with a point or an edge, rather quiet; -1: the tray is empty.
int stick_to_sign_with(const GuideInput& in, int where) {
  constexpr double kOneValue = 12, kNoPoint = 20, kLoud = 0.3;
  int with = -1;
  double least = std::numeric_limits<double>::infinity();
  for (const int i : in_hand(*in.plan)) {
    const media::Stick& s = stick(in, i);
    const double off = std::abs(std::abs(s.lab.l - mass(in, where).mean.l) - kOneValue) +
                       (media::facts(s.medium).draws_lines() ? 0 : kNoPoint) + kLoud * colour::chroma(s.lab);
    if (off < least) least = off, with = i;
  }
  return with;
}

}  // namespace

Passage finishing(const GuideInput& in) {
  Passage out;
  out.kind = PassageKind::finish;
  out.steps.push_back({Chore::tape_off, {}, {}, {}, {}});
  const int where = mass_to_sign_on(in);
  const int with = stick_to_sign_with(in, where);
  if (with >= 0) out.steps.push_back({Chore::sign, {where}, {with}, {}, {}});
  out.steps.push_back({Chore::write_down, {}, {}, {}, {}});
  out.minutes = 6;
  return out;
}

void add_drying(const GuideInput& in, Passage& passage) {
  double longest = 0;
  double heated = 0;
  bool heat = true;
  for (int i = passage.first; i <= passage.last; ++i) {
    const Pass& p = in.plan->passes[static_cast<std::size_t>(i)];
    if (p.dry_minutes <= 0 || p.laid) continue;
    longest = std::max(longest, p.dry_minutes);
    if (p.kind == PassKind::fix) heat = false;
    if (p.kind != PassKind::coat) continue;
    const CoatFacts& f = facts(in.plan->coats[static_cast<std::size_t>(p.underpaint)].how.medium);
    heat = heat && !f.flammable;
    heated = std::max(heated, f.heated_minutes);
  }
  if (longest > 0) passage.steps.push_back({Chore::dry, {}, {}, {}, {longest, heat ? heated : -1.0}});
}

}  // namespace yd::plan
