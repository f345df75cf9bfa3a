// SPDX-License-Identifier: MIT
// Checks of single colours: mud, blacks, whites, greens, accents.
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "critique_parts.h"

namespace yd::plan {
namespace {

bool colourful(const media::Stick& s) { return colour::chroma(s.lab) >= limits::kColourful; }
bool white(const media::Stick& s) { return s.lab.l > 85 && colour::chroma(s.lab) < 14; }
bool green(const colour::Lab& lab) {
  const double h = colour::to_lch(lab).h;
  return h > 118 && h < 178;
}

/// The same strokes, none of them rubbed.
Recipe unrubbed(const CritiqueInput& in, const TargetPlan& t) {
  std::vector<Stroke> strokes = t.recipe.strokes;
  for (Stroke& s : strokes) s.technique = Technique::laid;
  return evaluate(ground_of(*in.plan, t, *in.paper), *in.parameters, in.sticks, std::move(strokes), t.target);
}

/// The first rubbed stroke with something under it; 0 where there is none.
std::size_t rubbed_over(const std::vector<Stroke>& strokes) {
  for (std::size_t i = 1; i < strokes.size(); ++i) {
    if (strokes[i].technique == Technique::rubbed) return i;
  }
  return 0;
}

bool none_black(const CritiqueInput& in, const Stack& s) {
  return std::none_of(s.strokes.begin(), s.strokes.end(), [&](const Stroke& k) { return is_black(stick_of(in, k)); });
}

double percent(const TargetPlan& t) { return 100 * t.area; }

/// Runs a check over every target that has strokes.
template <class Function>
std::vector<Finding> over_targets(const CritiqueInput& in, Function function) {
  std::vector<Finding> out;
  for (std::size_t t = 0; t < in.plan->targets.size(); ++t) {
    if (!in.plan->targets[t].recipe.strokes.empty()) function(static_cast<int>(t), in.plan->targets[t], out);
  }
  return out;
}

}  // namespace

std::vector<Finding> check_mud(const CritiqueInput& in) {
  return over_targets(in, [&](int index, const TargetPlan& t, std::vector<Finding>& out) {
    const std::size_t at = rubbed_over(t.recipe.strokes);
    if (at == 0) return;
    const media::Stick& over = stick_of(in, t.recipe.strokes[at]);
    const media::Stick& under = stick_of(in, t.recipe.strokes[at - 1]);
    if (!colourful(over) || !colourful(under) || !complements(over.lab, under.lab, limits::kComplement_deg)) return;
    const double kept = colour::chroma(t.recipe.look.lab);
    const double lost = unrubbed(in, t).look.local_chroma - kept;
    const double missed = colour::chroma(t.target) - kept;
    if (lost < limits::kChromaLost || missed < limits::kChromaShort) return;
    Finding f;
    f.weight = percent(t) * missed / 4;
    f.sticks = {t.recipe.strokes[at - 1].stick, t.recipe.strokes[at].stick};
    f.numbers = {kept, kept + lost, colour::chroma(t.target)};
    f.masses = {t.mass};
    f.pass = pass_of(*in.plan, index, static_cast<int>(at));
    f.mend = Mend::lay_broken;
    f.after = with_manner(in, {t.mass}, Manner::broken);
    out.push_back(std::move(f));
  });
}

std::vector<Finding> check_black_rubbed(const CritiqueInput& in) {
  return over_targets(in, [&](int index, const TargetPlan& t, std::vector<Finding>& out) {
    const std::size_t at = rubbed_over(t.recipe.strokes);
    if (at == 0 || !is_black(stick_of(in, t.recipe.strokes[at]))) return;
    const media::Stick& under = stick_of(in, t.recipe.strokes[at - 1]);
    // Under black a deep blue or brown is the remedy, not the fault.
    if (!colourful(under) || under.lab.l < limits::kLightUnderBlack) return;
    const double was = colour::chroma(under.lab);
    const double is = colour::chroma(t.recipe.look.lab);
    if (was - is < limits::kChromaLost) return;
    Finding f;
    f.weight = percent(t) * (was - is) / 6;
    f.sticks = {t.recipe.strokes[at - 1].stick};
    f.numbers = {was, is};
    f.masses = {t.mass};
    f.pass = pass_of(*in.plan, index, static_cast<int>(at));
    f.after = with_alternative(in, index, [&](const Stack& s) { return none_black(in, s); });
    if (f.after) f.mend = Mend::no_black;
    out.push_back(std::move(f));
  });
}

std::vector<Finding> check_black_hole(const CritiqueInput& in) {
  return over_targets(in, [&](int index, const TargetPlan& t, std::vector<Finding>& out) {
    const auto& strokes = t.recipe.strokes;
    const bool only_black = t.coat < 0 && std::all_of(strokes.begin(), strokes.end(),
                                                      [&](const Stroke& s) { return is_black(stick_of(in, s)); });
    if (!only_black || t.recipe.look.spread_l > limits::kFlatSpread || percent(t) < 0.3) return;
    Finding f;
    f.weight = percent(t) * 2;
    f.numbers = {colour::chroma(t.recipe.look.lab), t.recipe.look.spread_l};
    f.masses = {t.mass};
    f.pass = pass_of(*in.plan, index, 0);
    f.after = with_alternative(in, index, [&](const Stack& s) {
      return std::any_of(s.strokes.begin(), s.strokes.end(),
                         [&](const Stroke& k) { return !is_black(stick_of(in, k)); });
    });
    if (f.after) f.mend = Mend::a_colour_in_it;
    out.push_back(std::move(f));
  });
}

std::vector<Finding> check_chalky_white(const CritiqueInput& in) {
  return over_targets(in, [&](int index, const TargetPlan& t, std::vector<Finding>& out) {
    const auto& strokes = t.recipe.strokes;
    if (strokes.size() < 2 || !white(stick_of(in, strokes.back()))) return;
    const double missed = colour::chroma(t.target) - colour::chroma(t.recipe.look.lab);
    if (missed < limits::kChromaShort) return;
    Finding f;
    f.weight = percent(t) * missed / 4;
    f.numbers = {colour::chroma(t.recipe.look.lab), colour::chroma(t.target)};
    f.masses = {t.mass};
    f.pass = pass_of(*in.plan, index, static_cast<int>(strokes.size()) - 1);
    f.after = with_alternative(in, index, [&](const Stack& s) { return !white(stick_of(in, s.strokes.back())); });
    if (f.after) f.mend = Mend::no_white_on_top;
    out.push_back(std::move(f));
  });
}

std::vector<Finding> check_raw_green(const CritiqueInput& in) {
  return over_targets(in, [&](int index, const TargetPlan& t, std::vector<Finding>& out) {
    const auto& strokes = t.recipe.strokes;
    const double chroma = colour::chroma(t.recipe.look.lab);
    const auto is_green = [&](const Stroke& s) { return green(stick_of(in, s).lab); };
    if (!green(t.recipe.look.lab) || chroma < limits::kRawGreenChroma || t.coat >= 0 ||
        !std::all_of(strokes.begin(), strokes.end(), is_green))
      return;
    Finding f;
    f.weight = percent(t) * (chroma - limits::kRawGreenChroma + 6) / 8;
    f.numbers = {chroma};
    f.masses = {t.mass};
    f.pass = pass_of(*in.plan, index, static_cast<int>(strokes.size()) - 1);
    f.after = with_alternative(
        in, index, [&](const Stack& s) { return !std::all_of(s.strokes.begin(), s.strokes.end(), is_green); });
    if (f.after) f.mend = Mend::break_the_green;
    out.push_back(std::move(f));
  });
}

namespace {

constexpr double kLikeHue_deg = 35;

/// Whether another mass than this shows a colour of like hue.
bool returns_elsewhere(const Plan& plan, int mass, const colour::Lab& lab) {
  return std::any_of(plan.targets.begin(), plan.targets.end(), [&](const TargetPlan& t) {
    return t.mass != mass && colour::chroma(t.recipe.look.lab) > 15 &&
           colour::hue_apart_deg(colour::to_lch(t.recipe.look.lab).h, colour::to_lch(lab).h) < kLikeHue_deg;
  });
}

}  // namespace

std::vector<Finding> check_lonely_accent(const CritiqueInput& in) {
  constexpr double kVivid = 50;
  constexpr double kSmall = 0.05;
  std::map<int, std::set<int>> masses;
  std::map<int, double> area;
  for (const TargetPlan& t : in.plan->targets) {
    for (const Stroke& s : t.recipe.strokes) masses[s.stick].insert(t.mass), area[s.stick] += t.area;
  }
  std::vector<Finding> out;
  for (const auto& entry : masses) {
    const int stick = entry.first;
    const std::set<int>& where = entry.second;
    const media::Stick& s = in.sticks[static_cast<std::size_t>(stick)];
    if (colour::chroma(s.lab) < kVivid || where.size() > 1 || area[stick] > kSmall) continue;
    if (returns_elsewhere(*in.plan, *where.begin(), s.lab)) continue;
    Finding f;
    f.weight = 1 + 100 * area[stick] / 5;
    f.sticks = {stick};
    f.numbers = {100 * area[stick], kLikeHue_deg};
    f.masses.assign(where.begin(), where.end());
    PlanOptions after = in.options;
    after.wishes.lonely_price = std::max(0.3, 2 * after.wishes.lonely_price);
    after.given_tray.clear();
    f.after = std::move(after);
    f.mend = Mend::return_colours;
    out.push_back(std::move(f));
  }
  return out;
}

std::vector<Finding> check_vivid_lost(const CritiqueInput& in) {
  constexpr double kSeen = 0.002;  // share of the picture
  constexpr double kNearer = 1.5;  // CIEDE2000 that a stick must be nearer to be worth naming
  std::vector<const TargetPlan*> vivid;
  for (const TargetPlan& t : in.plan->targets) vivid.push_back(&t);
  std::stable_sort(vivid.begin(), vivid.end(), [](const TargetPlan* p, const TargetPlan* q) {
    return colour::chroma(p->seen) > colour::chroma(q->seen);
  });
  const auto off = [](const TargetPlan& t) { return colour::ciede2000(t.recipe.look.lab, t.seen); };
  std::map<int, std::pair<double, const TargetPlan*>> lost;  // of each mass: area, and the shade that is furthest off
  double area = 0;
  for (const TargetPlan* t : vivid) {
    if (area >= limits::kVividShare || colour::chroma(t->seen) < limits::kColourful) break;
    area += t->area;
    if (off(*t) <= limits::kVividLost) continue;
    auto& [sum, worst] = lost[t->mass];
    sum += t->area;
    if (worst == nullptr || off(*t) > off(*worst)) worst = t;
  }
  std::vector<Finding> out;
  for (const auto& [mass, found] : lost) {
    const auto& [sum, worst] = found;
    if (sum < kSeen) continue;
    Finding f;
    f.weight = 1 + 100 * sum * off(*worst) / 10;
    f.numbers = {colour::chroma(worst->recipe.look.lab), colour::chroma(worst->seen), off(*worst)};
    f.masses = {mass};
    double least = off(*worst) - kNearer;
    for (std::size_t s = 0; s < in.sticks.size(); ++s) {
      const double d = colour::ciede2000(in.sticks[s].lab, worst->seen);
      const bool had = std::binary_search(in.plan->tray.begin(), in.plan->tray.end(), static_cast<int>(s));
      if (d < least && !had && media::at_hand(in.sticks[s])) {
        least = d;
        f.sticks = {static_cast<int>(s)};
      }
    }
    if (!f.sticks.empty()) {
      f.after = in.options;
      f.after->wishes.must_have.push_back(f.sticks.front());
      f.after->given_tray.clear();
      f.mend = Mend::take_the_stick;
    }
    out.push_back(std::move(f));
  }
  return out;
}

}  // namespace yd::plan
