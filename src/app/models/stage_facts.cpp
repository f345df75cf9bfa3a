// SPDX-License-Identifier: MIT
#include "models/stage_facts.h"

#include <algorithm>
#include <set>

#include "colour/words.h"
#include "exports/pass_words.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "models/course_model.h"
#include "words/coats.h"
#include "words/grounds.h"
#include "words/seen.h"
#include "words/sentence.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {
namespace {

/// A value as the artist counts it: from dark (1 the darkest) or from light.
QString counted(double step, bool from_dark) { return words::number(from_dark ? step : 10 - step, 1); }

Fact spot_fact(const QString& label, const colour::Lab& lab, bool from_dark) {
  return {label, tr("%1, value %2").arg(words::colour_name(lab), counted(colour::value_step(lab.l), from_dark)), -1,
          to_colour(lab)};
}

QString percent(double share) { return tr("%1 %").arg(qRound(100 * share)); }

Fact darkest_fact(const plan::CoatVerdict& v, const plan::CoatAdvice& advice) {
  const auto step = [](double l) { return words::number(colour::value_step(l), 1); };
  return {tr("Darkest value"), tr("%1, %2 without").arg(step(v.darkest_l), step(advice.plain_darkest_l)), -1, {}};
}

Fact differs_fact(const plan::CoatVerdict& v, const plan::CoatAdvice& advice) {
  return {
      tr("Differs"), tr("%1, %2 without").arg(words::number(v.de00, 1), words::number(advice.plain_de00, 1)), -1, {}};
}

}  // namespace

ValueDrawing value_drawing(const ReadSubject& s, bool from_dark) {
  ValueDrawing out;
  for (int i = 0; i < 9; ++i) {
    out.greys[static_cast<std::size_t>(i)] = to_colour({subject::lightness_of_step(i + 1, 9), 0, 0});
    out.share[static_cast<std::size_t>(i)] = s.values.share[static_cast<std::size_t>(i)];
  }
  out.darkest = colour::value_step(s.values.darkest.lab.l);
  out.lightest = colour::value_step(s.values.lightest.lab.l);
  out.from_dark = from_dark;
  return out;
}

Warmth warmth_of(const ReadSubject& s) {
  constexpr double kNeutral = 4;
  Warmth out;
  for (const subject::Mass& m : s.masses) {
    const double w = colour::warmth(m.mean);
    if (w > kNeutral) out.warm += m.area;
    if (w < -kNeutral) out.cool += m.area;
  }
  return out;
}

QList<Fact> subject_facts(const ReadSubject& s, bool from_dark) {
  return {spot_fact(tr("Darkest"), s.values.darkest.lab, from_dark),
          spot_fact(tr("Lightest"), s.values.lightest.lab, from_dark),
          spot_fact(tr("Most vivid"), s.values.most_vivid.lab, from_dark)};
}

QList<Fact> paper_facts(const media::Paper& paper, const plan::GroundVerdict* v, const Planned* planned) {
  QList<Fact> out{
      {tr("Colour"),
       tr("%1, value %2").arg(words::colour_name(paper.lab)).arg(words::number(colour::value_step(paper.lab.l), 1)), -1,
       to_colour(paper.lab)}};
  if (v == nullptr) return out;
  for (std::size_t m = 0; m < plan::kGroundMarks; ++m)
    out.append({words::begun(words::term(plan::name(static_cast<plan::GroundMark>(m)))),
                percent(v->marks[m]),
                v->marks[m],
                {}});
  out.append({tr("Layers it bears"), tr("%1, %2 wanted").arg(v->bears_layers).arg(v->needs_layers), -1, {}});
  out.append({tr("Steps to the sheet"),
              tr("%1 of light, %2 of dark").arg(words::number(v->room_light, 1), words::number(v->room_dark, 1)),
              -1,
              {}});
  out.append({tr("There already"), percent(v->there), -1, {}});
  if (planned == nullptr) return out;
  const plan::TargetPlan& hardest = planned->plan.targets[static_cast<std::size_t>(v->hardest)];
  const subject::Mass& mass = planned->subject->masses[static_cast<std::size_t>(hardest.mass)];
  out.append({tr("Hardest to cover"), words::mass_name(mass), -1, to_colour(hardest.target)});
  out.append({tr("Seen through two layers"), words::shows_through(*v), -1, {}});
  return out;
}

QList<Fact> reach_facts(const Planned& planned) {
  auto targets = planned.plan.targets;
  std::sort(targets.begin(), targets.end(), [](const auto& p, const auto& q) { return p.recipe.de00 > q.recipe.de00; });
  QList<Fact> out;
  std::set<int> named;  // the worst shade of a mass speaks for it
  for (const plan::TargetPlan& t : targets) {
    if (t.recipe.de00 < kLookHere || out.size() == 3) break;
    if (!named.insert(t.mass).second) continue;
    const subject::Mass& mass = planned.subject->masses[static_cast<std::size_t>(t.mass)];
    QString which = words::mass_name(mass);
    if (t.role != subject::Role::middle) which += ", " + words::term(subject::name(t.role));
    out.append({which, words::difference(t.recipe.look.lab, t.target), -1, to_colour(t.target)});
  }
  if (out.isEmpty()) out.append({tr("Every colour"), tr("within reach"), -1, {}});
  out.append({tr("Across the room"), words::seen_with_number(planned.figures.seen.mean), -1, {}});
  return out;
}

QList<Fact> plan_facts(const Planned& planned) {
  const plan::Plan& p = planned.plan;
  return {{tr("Sticks"), QString::number(p.tray.size()), -1, {}},
          {tr("Passages"), QString::number(planned.guide.passages.size()), -1, {}},
          {tr("Passes"), QString::number(p.passes.size()), -1, {}},
          {tr("Time"), exports::minutes_words(p.sequence.minutes), -1, {}},
          {tr("Sittings"), QString::number(p.sittings.size()), -1, {}},
          {tr("Across the room"), words::seen_with_number(planned.figures.seen.mean), -1, {}}};
}

QList<Fact> coat_facts(const plan::CoatVerdict& v, const plan::CoatAdvice& advice) {
  if (!v.possible) return {};
  const QString chroma = (v.chroma >= 0 ? "+" : "") + words::number(v.chroma, 1);
  return {{tr("Wet"), words::colour_name(v.wet), -1, to_colour(v.wet)},
          {tr("Dry"), words::colour_name(v.dry), -1, to_colour(v.dry)},
          {tr("Shows in the gaps"), percent(v.peeks), v.peeks, {}},
          {tr("Tooth it takes"), percent(v.tooth_used), v.tooth_used, {}},
          darkest_fact(v, advice),
          differs_fact(v, advice),
          {tr("Chroma it adds"), chroma, -1, {}}};
}

QList<Fact> coat_advice_facts(const plan::CoatVerdict& v, const plan::CoatAdvice& advice) {
  QList<Fact> out{{tr("Values stand at once"),
                   tr("%1, %2 without").arg(percent(v.values_set), percent(advice.plain_values_set)),
                   -1,
                   {}}};
  if (words::spares_a_layer(v, advice)) out.append({tr("A layer less"), percent(v.spared), v.spared, {}});
  if (words::reaches_darker(v, advice)) out.append(darkest_fact(v, advice));
  if (v.vibrates > 0) out.append({tr("In the gaps"), tr("colours vibrate"), -1, {}});
  out.append(differs_fact(v, advice));
  out.append({tr("Tooth it takes"), percent(v.tooth_used), v.tooth_used, {}});
  return out;
}

QList<Fact> hand_facts(const calibrate::Calibration& c) {
  QList<Fact> out;
  const auto add = [&out](const QString& label, const QString& number) { out.append({label, number, -1, {}}); };
  add(tr("Strokes measured"), QString::number(c.readings));
  add(tr("Light, of what is asked"), percent(c.hand.light));
  add(tr("Firm, of what is asked"), percent(c.hand.firm));
  double moved = 0;
  for (const calibrate::StickFound& f : c.sticks) moved += f.moved_de00 / static_cast<double>(c.sticks.size());
  add(tr("Sticks from what they were taken for"), words::number(moved, 1));
  if (c.after_de00 >= 0)
    add(tr("Strokes left out, before and after"),
        tr("%1, %2").arg(words::number(c.before_de00, 1)).arg(words::number(c.after_de00, 1)));
  return out;
}

}  // namespace yd::app
