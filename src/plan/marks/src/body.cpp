// SPDX-License-Identifier: MIT
#include "body.h"

#include <algorithm>
#include <cmath>

#include "filler.h"
#include "marks/groups.h"

namespace yd::plan {
namespace {

constexpr float kLeastTells = 0.5F;  // DIN99o that a stroke of a recipe counts at least: the plan wants it

bool on(const Pass& p, std::size_t target) {
  return std::binary_search(p.targets.begin(), p.targets.end(), static_cast<int>(target));
}

/// The pile of a shade when all is done; `changed` laid at this pressure there, or not at all, and rubbed or not.
struct Change {
  std::size_t pass = 0;
  double pressure = 0;
  bool rub = false;
};
int pile_of(const MarkingInput& in, PileTree& tree, std::size_t target, const Change* change) {
  int pile = 0;
  for (std::size_t i = 0; i < in.passes.size(); ++i) {
    const Pass& p = in.passes[i];
    const bool changed = change != nullptr && change->pass == i;
    if (p.skipped || p.finishing || (!changed && !on(p, target))) continue;
    if (p.kind == PassKind::coat && pile == 0) pile = tree.coated(p.underpaint + 1);
    if (p.kind == PassKind::fix) pile = tree.fixed(pile);
    if (p.kind != PassKind::stroke) continue;
    const double pressure = changed ? change->pressure : pressure_on(p, static_cast<int>(target));
    pile = tree.laid(pile, p.stick, PileTree::step_of(pressure));
    if (changed ? change->rub : p.technique == Technique::rubbed && pressure > 0) pile = tree.rubbed(pile);
  }
  return pile;
}

/// The same where a hand grades from a shade towards another.
int graded_pile(const MarkingInput& in, PileTree& tree, std::size_t own, std::size_t other, double share) {
  int pile = 0;
  for (const Pass& p : in.passes) {
    if (p.skipped || p.finishing) continue;
    const bool here = on(p, own);
    if (p.kind == PassKind::coat && here && pile == 0) pile = tree.coated(p.underpaint + 1);
    if (p.kind == PassKind::fix && here) pile = tree.fixed(pile);
    if (p.kind != PassKind::stroke) continue;
    const double pressure = (1 - share) * (here ? pressure_on(p, static_cast<int>(own)) : 0) +
                            share * (on(p, other) ? pressure_on(p, static_cast<int>(other)) : 0);
    const int step = PileTree::step_of(pressure);
    if (step == 0) continue;
    pile = tree.laid(pile, p.stick, step);
    if (p.technique == Technique::rubbed) pile = tree.rubbed(pile);
  }
  return pile;
}

float apart(const colour::Din99o& p, const colour::Din99o& q) { return std::sqrt(colour::distance_squared(p, q)); }

double finest(const media::Stick& stick) {
  const std::vector<int> parts = media::parts_of(stick.medium);
  return parts.empty() ? 0 : media::all_parts()[static_cast<std::size_t>(parts.back())].width_mm;
}

}  // namespace

std::vector<ShadeMade> shades_made(const MarkingInput& in, PileTree& tree) {
  std::vector<ShadeMade> out;
  for (std::size_t t = 0; t < in.targets.size(); ++t) {
    ShadeMade made;
    made.seen = tree.seen(pile_of(in, tree, t, nullptr));
    made.strokes = std::max(1, static_cast<int>(in.targets[t].recipe.strokes.size()));
    for (const Stroke& s : in.targets[t].recipe.strokes)
      made.narrowest_mm = std::max(made.narrowest_mm, finest(in.sticks[static_cast<std::size_t>(s.stick)]));
    out.push_back(made);
  }
  constexpr float kAlike = 12;  // apart at most: no hand grades further within a mark
  for (std::size_t t = 0; t < out.size(); ++t) {
    for (std::size_t o = 0; o < out.size(); ++o) {
      if (o == t || in.targets[o].mass != in.targets[t].mass || apart(out[t].seen, out[o].seen) > kAlike) continue;
      for (const float share : {0.25F, 0.5F})
        out[t].graded.push_back(
            {static_cast<int>(o), share, tree.seen(graded_pile(in, tree, t, o, static_cast<double>(share)))});
    }
  }
  return out;
}

std::vector<Tells> what_passes_tell(const MarkingInput& in, PileTree& tree) {
  std::vector<Tells> out(in.passes.size());
  for (std::size_t i = 0; i < in.passes.size(); ++i) {
    const Pass& p = in.passes[i];
    if (p.kind != PassKind::stroke || p.skipped || p.finishing) continue;
    const bool rubbed = p.technique == Technique::rubbed;
    for (std::size_t t = 0; t < in.targets.size(); ++t) {
      const colour::Din99o whole = tree.seen(pile_of(in, tree, t, nullptr));
      const bool laid = on(p, t);
      const double pressure = laid ? pressure_on(p, static_cast<int>(t)) : p.pressure;
      const Change toggled{i, laid ? 0.0 : pressure, false};
      const colour::Din99o other = tree.seen(pile_of(in, tree, t, &toggled));
      const float tells = apart(whole, other);
      out[i].laid.push_back(laid ? std::max(kLeastTells, tells) : -tells);
      if (!rubbed) continue;
      const Change unrubbed{i, laid ? pressure : 0.0, !laid};
      const float rubs = apart(whole, tree.seen(pile_of(in, tree, t, &unrubbed)));
      out[i].rubbed.push_back(laid ? std::max(kLeastTells, rubs) : -rubs);
    }
  }
  return out;
}

namespace {

/// The pressure that a hand which follows the shades has at a pixel: it grades from one to the other.
double graded_pressure(const SheetReading& r, const Pass& pass, std::size_t pixel) {
  const std::int16_t own = r.target.data[pixel];
  const std::int16_t other = r.towards.data[pixel];
  const float f = other < 0 ? 0 : r.share.data[pixel];
  return (1 - f) * (on(pass, static_cast<std::size_t>(own)) ? pressure_on(pass, own) : 0) +
         f * (other >= 0 && on(pass, static_cast<std::size_t>(other)) ? pressure_on(pass, other) : 0);
}

std::vector<float> pressures(const SheetReading& r, const Pass& pass) {
  std::vector<float> out(r.target.size());
  for (std::size_t i = 0; i < out.size(); ++i) out[i] = static_cast<float>(graded_pressure(r, pass, i));
  return out;
}

/// The same as a point of a path has it.
MarkPoint pressed(const SheetReading& r, const Pass& pass, std::size_t pixel) {
  const std::int16_t own = r.target.data[pixel];
  const std::int16_t shade = on(pass, static_cast<std::size_t>(own)) ? own : r.towards.data[pixel];
  MarkPoint out;
  if (shade < 0 || !on(pass, static_cast<std::size_t>(shade))) return out;
  out.target = shade;
  out.share = static_cast<float>(graded_pressure(r, pass, pixel) / pressure_on(pass, shade));
  return out;
}

/// What the pass takes away where it lies.
std::vector<float> gains(const SheetReading& r, const std::vector<float>& tells) {
  std::vector<float> out(r.target.size());
  for (std::size_t i = 0; i < out.size(); ++i) {
    out[i] = tells[static_cast<std::size_t>(r.target.data[i])];
    const std::int16_t other = r.towards.data[i];
    if (other < 0 || out[i] > 0) continue;
    const float its = tells[static_cast<std::size_t>(other)];
    // Towards a shade that has the pass, a light touch of it belongs there.
    if (its > 0) out[i] = r.share.data[i] * its;
  }
  return out;
}

/// Seconds a square millimetre takes with a part, in marks of usual length.
double seconds_mm2(const media::Part& part) {
  constexpr double kLong = 5;  // widths
  const double length = std::min(part.greatest_mm, kLong * part.width_mm);
  return part.seconds(length) / (length * part.width_mm);
}

/// Parts from broad to fine: what a broad mark covers is worth no more than it would cost to cover it with the next
/// finer part, so it stays clear of where it spoils.
void fill_broad_to_fine(const SheetReading& r, std::span<const int> parts, const Filling& how, std::vector<char>& laid,
                        std::vector<LaidMark>& marks) {
  for (std::size_t k = 0; k < parts.size(); ++k) {
    Filling mine = how;
    if (k + 1 < parts.size()) {
      const double finer = seconds_mm2(media::all_parts()[static_cast<std::size_t>(parts[k + 1])]);
      mine.most = static_cast<float>(how.price * finer * r.px_mm2());
    }
    Filled filled = fill(r, parts[k], mine, laid);
    std::move(filled.marks.begin(), filled.marks.end(), std::back_inserter(marks));
  }
}

double seconds_in(std::span<const LaidMark> marks) {
  double sum = 0;
  for (const LaidMark& m : marks) sum += seconds_of(m);
  return sum;
}

/// The masses of a pass as one works on them.
std::vector<int> furthest_first(const MarkingInput& in, const Pass& pass) {
  std::vector<int> out = pass.masses;
  std::stable_sort(out.begin(), out.end(), [&](int p, int q) {
    const auto plane = [&](int m) { return in.subject->masses[static_cast<std::size_t>(m)].plane; };
    return plane(p) < plane(q);
  });
  return out;
}

}  // namespace

MarkedPass body_marks(const MarkingInput& in, const SheetReading& r, const Pass& pass, const Tells& tells,
                      double price) {
  MarkedPass out;
  const std::vector<float> gain = gains(r, tells.laid);
  std::vector<char> laid(gain.size(), 0);
  const std::vector<float> pressure = pressures(r, pass);
  Filling how;
  how.gain = &gain;
  how.pressure = &pressure;
  how.hand = in.hand;
  how.price = price;
  how.left_handed = in.left_handed;
  how.press = [&](std::size_t pixel) { return pressed(r, pass, pixel); };
  fill_broad_to_fine(r, media::parts_of(in.sticks[static_cast<std::size_t>(pass.stick)].medium), how, laid, out.marks);
  if (pass.technique == Technique::rubbed && !out.marks.empty()) {
    std::vector<float> rub = gains(r, tells.rubbed);
    for (std::size_t i = 0; i < rub.size(); ++i)
      if (laid[i] == 0) rub[i] = std::min(rub[i], 0.0F);  // nothing to rub
    std::vector<char> rubbed(gain.size(), 0);
    how.gain = &rub;
    how.pressure = nullptr;
    std::vector<int> tools = media::parts_of(media::kRubbing);
    std::erase_if(tools, [](int t) { return media::all_parts()[static_cast<std::size_t>(t)].name == "finger"; });
    fill_broad_to_fine(r, tools, how, rubbed, out.marks);
  }
  in_order_of_work(out.marks, in.targets, furthest_first(in, pass));
  out.seconds = seconds_in(out.marks);
  return out;
}

}  // namespace yd::plan
