// SPDX-License-Identifier: MIT
#include "words/coats.h"

#include "words/number.h"
#include "words/terms.h"

#include <QCoreApplication>
#include <QStringList>

namespace yd::words {
namespace {

class Coats {
  Q_DECLARE_TR_FUNCTIONS(Coats)
};

QString with_deferral(const QString& text) {
  return text + " " +
         Coats::tr("Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.");
}

}  // namespace

QString note(plan::CoatMedium medium) {
  using plan::CoatMedium;
  switch (medium) {
    case CoatMedium::dry_rubbed:
      return Coats::tr("Thin; takes some tooth.");
    case CoatMedium::alcohol:
      return Coats::tr("Dries in minutes, less muddy than water.");
    case CoatMedium::water:
      return Coats::tr("Slower; can go muddy; buckles thin paper.");
    case CoatMedium::watercolour:
      return Coats::tr("Transparent: it only darkens the ground.");
    case CoatMedium::gouache:
      return Coats::tr("Opaque; dries lighter than it looks wet.");
    case CoatMedium::acrylic:
      return Coats::tr("Can close fine tooth.");
    case CoatMedium::oil:
      return Coats::tr("Needs solvent and days of drying.");
    case CoatMedium::ink:
      return Coats::tr("For the darkest shapes; keeps the drawing visible.");
    case CoatMedium::charcoal:
      return Coats::tr("Values only; the darkest rubbed in and laid again; fixed, or it dirties what goes over it.");
  }
  return {};
}

QString safety(plan::CoatMedium medium) {
  if (plan::facts(medium).flammable)
    return with_deferral(
        Coats::tr("Flammable vapour: air well, no flame or spark, and never heat the sheet while it is wet with it."));
  if (medium == plan::CoatMedium::dry_rubbed)
    return with_deferral(Coats::tr("Do not blow dust; tip it off, wipe up damp, wear a mask for long work."));
  return with_deferral(Coats::tr("Keep a dryer moving: paper scorches. Some pigments are harmful: mind the label."));
}

bool spares_a_layer(const plan::CoatVerdict& v, const plan::CoatAdvice& a) {
  constexpr double kMore = 0.03;  // of the sheet
  return v.spared > a.plain_spared + kMore;
}

bool reaches_darker(const plan::CoatVerdict& v, const plan::CoatAdvice& a) {
  return v.darkest_l < a.plain_darkest_l - 1;
}

QString reason(const plan::CoatAdvice& a) {
  if (a.verdicts.empty()) return {};
  if (a.pick < 0) {
    return Coats::tr(
        "Best left out: no coat that this paper bears sets values, spares layers or reaches darks enough for what "
        "it takes of tooth and time.");
  }
  const plan::CoatVerdict& v = a.verdicts[static_cast<std::size_t>(a.pick)];
  QStringList out;
  out << Coats::tr("%1, %2: values stand on %3 % of the sheet before a stroke is laid (bare paper: %4 %).")
             .arg(term(plan::name(v.choice.medium)), term(plan::name(v.choice.colours)))
             .arg(qRound(100 * v.values_set))
             .arg(qRound(100 * a.plain_values_set));
  if (spares_a_layer(v, a))
    out << Coats::tr("It is the colour wanted already on %1 %: a layer less.").arg(qRound(100 * v.spared));
  if (reaches_darker(v, a))
    out << Coats::tr("The darkest dark goes from L* %1 to %2.")
               .arg(number(a.plain_darkest_l, 1))
               .arg(number(v.darkest_l, 1));
  if (v.vibrates > 0) out << Coats::tr("In the gaps it makes the colours over it vibrate.");
  out << Coats::tr("The mean error goes from %1 to %2 CIEDE2000; it takes %3 % of the tooth.")
             .arg(number(a.plain_de00, 1))
             .arg(number(v.de00, 1))
             .arg(number(100 * v.tooth_used, 1));
  return out.join(" ");
}

}  // namespace yd::words
