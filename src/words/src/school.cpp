// SPDX-License-Identifier: MIT
#include "words/school.h"

#include "words/number.h"
#include "words/names.h"

#include <QCoreApplication>

namespace yd::words {
namespace {

class Schools {
  Q_DECLARE_TR_FUNCTIONS(Schools)
};

}  // namespace

School school(plan::School school) {
  const auto is = [&](plan::School other) { return school == other; };
  if (is(plan::School::dark_first))
    return {Schools::tr("Dark first"),
            Schools::tr("The darkest and coolest masses first, then the middle values, then lights and warms; accents "
                        "and highlights last. Lights lie over darks and stay clean."),
            Schools::tr("Sticks; landscape, still life, life drawing.")};
  if (is(plan::School::light_coat))
    return {Schools::tr("Light ground coat"),
            Schools::tr("White or cream where the subject is light, pressed harder where it is lighter; glazes of "
                        "colour over it, white again to soften; darks late, black last, a sharpened white for the "
                        "highlights."),
            Schools::tr("Pencils; portraits and animals.")};
  if (is(plan::School::flat_broken))
    return {Schools::tr("Flat, broken, reunited"),
            Schools::tr("The local colour flat over the shape, dark texture marks on it, the local colour over all "
                        "again so that they mix, then lights. Black is never left bare."),
            Schools::tr("Pencils; still life.")};
  if (is(plan::School::tone_map))
    return {Schools::tr("Tone map, then colour"),
            Schools::tr("All values first in charcoal or one dark, fixed; then colour, thin at first and firmer later; "
                        "the most intense last."),
            Schools::tr("Still life and figures.")};
  return {plan::name(school), {}, {}};
}

QString advised(const plan::SchoolAdvice& a, std::span<const subject::Mass> masses) {
  using Why = plan::SchoolAdvice::Why;
  const auto name = [&](int m) {
    return m < 0 ? Schools::tr("the picture") : mass_name(masses[static_cast<std::size_t>(m)]);
  };
  switch (a.why) {
    case Why::none:
      return {};
    case Why::pencils_are_transparent:
      return Schools::
          tr("%1 % of what is at hand are pencils: they are transparent, so the light of %2 comes from a coat below.")
              .arg(qRound(100 * a.pencils))
              .arg(name(a.lightest));
    case Why::values_carry:
      return Schools::tr("Values carry this subject (%1 steps from %2 to %3, mean chroma %4): map them first.")
          .arg(number(a.steps, 1))
          .arg(name(a.darkest), name(a.lightest))
          .arg(qRound(a.chroma));
    case Why::sticks_cover:
      return Schools::tr("Sticks cover: the lights of %1 stay clean over darks like those of %2, %3 value steps apart.")
          .arg(name(a.lightest), name(a.darkest))
          .arg(number(a.steps, 1));
  }
  return {};
}

}  // namespace yd::words
