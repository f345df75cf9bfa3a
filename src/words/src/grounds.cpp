// SPDX-License-Identifier: MIT
#include "words/grounds.h"

#include <QCoreApplication>
#include <QStringList>
#include <cmath>

#include "colour/words.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::words {
namespace {

class Grounds {
  Q_DECLARE_TR_FUNCTIONS(Grounds)
};

QString room(const plan::GroundVerdict& v) {
  if (v.room_light < 0.5) return Grounds::tr("Lights cannot show on it.");
  if (v.room_dark < 0.5) return Grounds::tr("Darks cannot show on it.");
  return Grounds::tr("Room for %1 steps of light and %2 of dark.")
      .arg(number(v.room_light, 1))
      .arg(number(v.room_dark, 1));
}

QString hardest(const plan::GroundVerdict& v, const plan::Plan& plan, const subject::Subject& subject) {
  const plan::TargetPlan& t = plan.targets[static_cast<std::size_t>(v.hardest)];
  return Grounds::tr("Hardest to cover: %1 (%2); %3 of the sheet shows through two layers.")
      .arg(mass_name(subject.masses[static_cast<std::size_t>(t.mass)]))
      .arg(colour_name(t.target), shows_through(v));
}

}  // namespace

QString shows_through(const plan::GroundVerdict& v) {
  const QStringList media{term("pan"), term("pencil"), Grounds::tr("stick")};
  QStringList shows;
  for (std::size_t m = 0; m < plan::kCompared.size(); ++m) {
    if (v.shows[m] >= 0) shows << Grounds::tr("%1 %2 %").arg(media[static_cast<int>(m)]).arg(qRound(100 * v.shows[m]));
  }
  return shows.join(", ");
}

QString nearer_on(const media::Paper& paper, double is, double would_be) {
  return Grounds::tr("On %1 the picture would come nearer: %2 instead of %3.")
      .arg(paper_name(paper), number(would_be, 1), number(is, 1));
}

QStringList remarks(const plan::GroundVerdict& v, const media::Paper& paper,
                    const std::optional<plan::CoatChoice>& wished) {
  QStringList out;
  if (paper.lab.l > plan::kWhitePaper)
    out << Grounds::tr("White: dare it for vivid, light colours, toned down rather than brought up.");
  if (paper.lab.l < plan::kBlackPaper)
    out << Grounds::tr("Black: dare it for lights in the dark; the sheet is the shadow.");
  if (std::abs(v.warmer) >= 0.5)
    out << (v.warmer > 0 ? Grounds::tr("It warms the picture where cover is thin.")
                         : Grounds::tr("It cools the picture where cover is thin."));
  if (wished && !v.takes_wet) out << Grounds::tr("Does not bear %1.").arg(term(plan::name(wished->medium)));
  if (!wished && paper.wet == media::Wetness::none) out << Grounds::tr("No wet underpainting.");
  return out;
}

QString reasons(const plan::GroundVerdict& v, const media::Paper& paper, const plan::Plan& plan,
                const subject::Subject& subject, const std::optional<plan::CoatChoice>& wished) {
  return (remarks(v, paper, wished)
          << room(v) << Grounds::tr("%1 % of the subject is there already.").arg(qRound(100 * v.there))
          << hardest(v, plan, subject)
          << Grounds::tr("Bears %n layer(s), %1 wanted.", nullptr, v.bears_layers).arg(v.needs_layers))
      .join(" ");
}

}  // namespace yd::words
