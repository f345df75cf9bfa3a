// SPDX-License-Identifier: MIT
// Common practice, no published source.
#include "special.h"

#include <QCoreApplication>

namespace yd::words {
namespace {

class Special {
  Q_DECLARE_TR_FUNCTIONS(Special)
};

QString asked(subject::ThingKind kind) {
  using SpecialKind = subject::ThingKind;
  switch (kind) {
    case SpecialKind::eye:
      return Special::tr(
          "%1: the iris as a ring, lighter opposite the catchlight, rays from the pupil outwards; the lid's shadow "
          "over "
          "ball and iris; the pupil with a soft rim. The catchlight is kept free and set last, a sharpened white "
          "turned "
          "on the spot. The other eye at once.");
    case SpecialKind::face:
    case SpecialKind::skin:
      return Special::tr(
          "%1: soft transitions, small circles, hardly any pressure; blue or violet in the shadows, olive where it is "
          "too red; whites of eyes and teeth are greyed.");
    case SpecialKind::hair:
    case SpecialKind::animal:
    case SpecialKind::fur:
      return Special::tr(
          "%1: clumps first, their shadow shapes, then their lights; flicked from root to tip so that a stroke thins "
          "out, turned with the growth. A darker companion under a light hair; a few stand for all.");
    case SpecialKind::feather:
      return Special::tr("%1: dashes the way it grows, never one long line; a few edges drawn, the rest suggested.");
    case SpecialKind::flower:
      return Special::tr(
          "%1: towards and away from the centre, never round and round; white under where a light glows.");
    case SpecialKind::foliage:
    case SpecialKind::tree:
      return Special::tr(
          "%1: clumps by their darks and lights; raw green broken with violet, red-brown or grey; single leaves only "
          "where the form ends.");
    case SpecialKind::fruit:
      return Special::tr("%1: along its form; firm where the light strikes, let off towards the middle tone.");
    case SpecialKind::glass:
      return Special::tr(
          "%1: what lies behind it, a shade darker or cooler; few hard edges; the spark last, a sharp point turned on "
          "the spot.");
    case SpecialKind::metal:
      return Special::tr("%1: darks and lights side by side along the form, hard between them; the spark last.");
    case SpecialKind::cloth:
      return Special::tr("%1: folds with the edge along their run; lights pressed on the ridge and let off below.");
    case SpecialKind::building:
      return Special::tr(
          "%1: verticals plumb, walls broad; the sharpest edges at the focus; windows last, not all of them.");
    case SpecialKind::water:
      return Special::tr("%1: level strokes; it repeats the colours above it, mirrored, pulled straight down.");
    case SpecialKind::sky:
      return Special::tr("%1: darkest overhead, lighter towards the horizon and towards the sun; the broad side.");
    case SpecialKind::other:
    case SpecialKind::ground:
      break;
  }
  return {};
}

}  // namespace

QString special(subject::ThingKind kind, const QString& name) {
  const QString said = asked(kind);
  return said.isEmpty() ? said : said.arg(name);
}

}  // namespace yd::words
