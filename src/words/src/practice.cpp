// SPDX-License-Identifier: MIT
#include "words/practice.h"

#include "words/number.h"
#include "words/terms.h"

#include <QCoreApplication>
#include <array>
#include <cmath>

namespace yd::words {
namespace {

using practice::Kind;

struct Practice {
  Q_DECLARE_TR_FUNCTIONS(Practice)
};

/// A bias is told once it is twice what is not known of it.
constexpr double kSure = 2;

QString amount(double steps) {
  if (steps < 0.35) return Practice::tr("a little");
  if (steps < 0.65) return Practice::tr("half a step");
  if (steps < 0.85) return Practice::tr("three quarters of a step");
  if (steps < 1.25) return Practice::tr("a step");
  return Practice::tr("%1 steps").arg(number(steps, 1));
}

struct DrillWords {
  const char *name, *about, *question;
};
/// In the order of Kind.
constexpr auto kDrills = std::to_array<DrillWords>(
    {{QT_TRANSLATE_NOOP("Practice", "Name the value"),
      QT_TRANSLATE_NOOP("Practice", "One patch on a dark, middle or light ground: which of nine steps?"),
      QT_TRANSLATE_NOOP("Practice", "Which value, 1 (dark) to 9 (light)?")},
     {QT_TRANSLATE_NOOP("Practice", "Which is lighter"),
      QT_TRANSLATE_NOOP("Practice", "A colour beside a grey: which has more light in it?"),
      QT_TRANSLATE_NOOP("Practice", "Which is lighter, left or right?")},
     {QT_TRANSLATE_NOOP("Practice", "Which is warmer"),
      QT_TRANSLATE_NOOP("Practice", "Two neighbours in hue: which leans to orange?"),
      QT_TRANSLATE_NOOP("Practice", "Which is warmer, left or right?")},
     {QT_TRANSLATE_NOOP("Practice", "What will it be"),
      QT_TRANSLATE_NOOP("Practice", "Two or three strokes on this paper: which colour do they make?"),
      QT_TRANSLATE_NOOP("Practice", "Which colour do these strokes make?")},
     {QT_TRANSLATE_NOOP("Practice", "Which stick comes nearest"),
      QT_TRANSLATE_NOOP("Practice", "A colour and four sticks of the tray: which is nearest?"),
      QT_TRANSLATE_NOOP("Practice", "Which stick comes nearest?")},
     {QT_TRANSLATE_NOOP("Practice", "Masses, eyes half closed"),
      QT_TRANSLATE_NOOP("Practice", "Two masses of the picture: which is lighter as a whole?"),
      QT_TRANSLATE_NOOP("Practice", "Which mass is lighter, 1 or 2?")},
     {QT_TRANSLATE_NOOP("Practice", "What runs together"),
      QT_TRANSLATE_NOOP("Practice", "Eyes half closed: which of four masses becomes one with A?"),
      QT_TRANSLATE_NOOP("Practice", "Which runs together with A?")},
     {QT_TRANSLATE_NOOP("Practice", "Find the wrong passage"),
      QT_TRANSLATE_NOOP("Practice", "The Board with one passage off in value: which?"),
      QT_TRANSLATE_NOOP("Practice", "Which place is wrong?")},
     {QT_TRANSLATE_NOOP("Practice", "Match by mixing"),
      QT_TRANSLATE_NOOP("Practice", "Make a colour with up to three strokes of the tray."),
      QT_TRANSLATE_NOOP("Practice", "Make this colour.")}});
static_assert(kDrills.size() == practice::kKinds.size());
const DrillWords& of(Kind kind) { return kDrills[static_cast<std::size_t>(kind)]; }

}  // namespace

QString drill(Kind kind) { return Practice::tr(of(kind).name); }

QString drill_about(Kind kind) { return Practice::tr(of(kind).about); }

QString family(practice::Family family) { return term(practice::name(family)); }

QString question(const practice::Task& task) { return Practice::tr(of(task.kind).question); }

QString bias(Kind kind, double bias, double sd) {
  if (std::abs(bias) < kSure * sd || std::abs(bias) < 0.1) return Practice::tr("as they are, as far as can be told");
  const QString by = amount(std::abs(bias));
  if (kind == Kind::warmer) return (bias > 0 ? Practice::tr("%1 too warm") : Practice::tr("%1 too cool")).arg(by);
  return (bias > 0 ? Practice::tr("%1 too light") : Practice::tr("%1 too dark")).arg(by);
}

QString threshold(Kind kind, const practice::Estimate& eye) {
  const bool steps = kind == Kind::value || kind == Kind::lighter || kind == Kind::masses || kind == Kind::together ||
                     kind == Kind::wrong_place;
  const QString text = steps                  ? Practice::tr("%1 steps of value")
                       : kind == Kind::warmer ? Practice::tr("%1 steps of warmth")
                                              : Practice::tr("%1 of difference");
  return text.arg(number(eye.threshold, steps ? 2 : 1));
}

QString outcome(const practice::Outcome& o) {
  if (o.kind == Kind::mixing)
    return Practice::tr("On average you came within %1 of the colour.").arg(number(o.eye.threshold, 1));
  QString finds = Practice::tr("You tell apart %1.").arg(threshold(o.kind, o.eye));
  const bool judged = o.kind == Kind::value || o.kind == Kind::lighter || o.kind == Kind::warmer;
  if (!judged) return finds;
  QString out = Practice::tr("You see %1 %2. %3").arg(family(o.family), bias(o.kind, o.eye.bias, o.eye.bias_sd), finds);
  // Thirteen answers on each ground leave a quarter of a step open between two of them.
  constexpr double kToldApart = 0.6;
  const double lighter_on_dark = o.by_surround.front() - o.by_surround.back();
  if (o.kind == Kind::value && std::abs(lighter_on_dark) > kToldApart) {
    out += " " + (lighter_on_dark > 0 ? Practice::tr("On a dark ground they seemed %1 lighter than on a light one.")
                                      : Practice::tr("On a dark ground they seemed %1 darker than on a light one."))
                     .arg(amount(std::abs(lighter_on_dark)));
  }
  return out;
}

}  // namespace yd::words
