// SPDX-License-Identifier: MIT
#include "words/practice.h"

#include <cmath>

namespace yd::words {
namespace {

using practice::Kind;

/// A bias is told once it is twice what is not known of it.
constexpr double kSure = 2;

QString amount(double steps) {
  if (steps < 0.35) return "a little";
  if (steps < 0.65) return "half a step";
  if (steps < 0.85) return "three quarters of a step";
  if (steps < 1.25) return "a step";
  return QString("%1 steps").arg(steps, 0, 'f', 1);
}

}  // namespace

QString drill(Kind kind) {
  switch (kind) {
    case Kind::value:
      return "Name the value";
    case Kind::lighter:
      return "Which is lighter";
    case Kind::warmer:
      return "Which is warmer";
    case Kind::mixture:
      return "What will it be";
    case Kind::nearest:
      return "Which stick comes nearest";
    case Kind::masses:
      return "Masses, eyes half closed";
    case Kind::wrong_place:
      return "Find the wrong passage";
    case Kind::mixing:
      return "Match by mixing";
  }
  return {};
}

QString drill_about(Kind kind) {
  switch (kind) {
    case Kind::value:
      return "One patch on a dark, middle or light ground: which of nine steps?";
    case Kind::lighter:
      return "A colour beside a grey: which has more light in it?";
    case Kind::warmer:
      return "Two neighbours in hue: which leans to orange?";
    case Kind::mixture:
      return "Two or three strokes on this paper: which colour do they make?";
    case Kind::nearest:
      return "A colour and four sticks of the tray: which is nearest?";
    case Kind::masses:
      return "Two masses of the picture: which is lighter as a whole?";
    case Kind::wrong_place:
      return "The Board with one passage off in value: which?";
    case Kind::mixing:
      return "Make a colour with up to three strokes of the tray.";
  }
  return {};
}

QString family(practice::Family family) { return practice::name(family); }

QString question(const practice::Task& task) {
  switch (task.kind) {
    case Kind::value:
      return "Which value, 1 (dark) to 9 (light)?";
    case Kind::lighter:
      return "Which is lighter, left or right?";
    case Kind::warmer:
      return "Which is warmer, left or right?";
    case Kind::mixture:
      return "Which colour do these strokes make?";
    case Kind::nearest:
      return "Which stick comes nearest?";
    case Kind::masses:
      return "Which mass is lighter, 1 or 2?";
    case Kind::wrong_place:
      return "Which place is wrong?";
    case Kind::mixing:
      return "Make this colour.";
  }
  return {};
}

QString bias(Kind kind, double bias, double sd) {
  if (std::abs(bias) < kSure * sd || std::abs(bias) < 0.1) return "as they are, as far as can be told";
  const bool warm = kind == Kind::warmer;
  return QString("%1 too %2")
      .arg(amount(std::abs(bias)), bias > 0 ? (warm ? "warm" : "light")
                                   : warm   ? "cool"
                                            : "dark");
}

QString threshold(Kind kind, const practice::Estimate& eye) {
  const bool steps = kind == Kind::value || kind == Kind::lighter || kind == Kind::masses || kind == Kind::wrong_place;
  const QString unit = steps ? "steps of value" : kind == Kind::warmer ? "steps of warmth" : "of difference";
  return QString("%1 %2").arg(eye.threshold, 0, 'f', steps ? 2 : 1).arg(unit);
}

QString outcome(const practice::Outcome& o) {
  if (o.kind == Kind::mixing)
    return QString("On average you came within %1 of the colour.").arg(o.eye.threshold, 0, 'f', 1);
  QString finds = QString("You tell apart %1.").arg(threshold(o.kind, o.eye));
  const bool judged = o.kind == Kind::value || o.kind == Kind::lighter || o.kind == Kind::warmer;
  if (!judged) return finds;
  QString out = QString("You see %1 %2. %3").arg(family(o.family), bias(o.kind, o.eye.bias, o.eye.bias_sd), finds);
  // Thirteen answers on each ground leave a quarter of a step open between two of them.
  constexpr double kToldApart = 0.6;
  const double lighter_on_dark = o.by_surround.front() - o.by_surround.back();
  if (o.kind == Kind::value && std::abs(lighter_on_dark) > kToldApart) {
    out += QString(" On a dark ground they seemed %1 %2 than on a light one.")
               .arg(amount(std::abs(lighter_on_dark)), lighter_on_dark > 0 ? "lighter" : "darker");
  }
  return out;
}

}  // namespace yd::words
