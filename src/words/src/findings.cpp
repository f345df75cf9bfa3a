// SPDX-License-Identifier: MIT
#include "words/findings.h"

#include <QCoreApplication>
#include <array>

#include "words/order.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::words {
namespace {

using plan::Check;
using plan::Mend;

class Findings {
  Q_DECLARE_TR_FUNCTIONS(Findings)
};

constexpr std::array kChecks{QT_TRANSLATE_NOOP("Findings", "mud"),
                             QT_TRANSLATE_NOOP("Findings", "black rubbed over colour"),
                             QT_TRANSLATE_NOOP("Findings", "flat black hole"),
                             QT_TRANSLATE_NOOP("Findings", "chalky white"),
                             QT_TRANSLATE_NOOP("Findings", "hard over soft"),
                             QT_TRANSLATE_NOOP("Findings", "tooth full"),
                             QT_TRANSLATE_NOOP("Findings", "missing darks"),
                             QT_TRANSLATE_NOOP("Findings", "distance does not recede"),
                             QT_TRANSLATE_NOOP("Findings", "raw green"),
                             QT_TRANSLATE_NOOP("Findings", "lonely accent"),
                             QT_TRANSLATE_NOOP("Findings", "everything rubbed"),
                             QT_TRANSLATE_NOOP("Findings", "halo at a soft edge"),
                             QT_TRANSLATE_NOOP("Findings", "focal point"),
                             QT_TRANSLATE_NOOP("Findings", "too many sticks"),
                             QT_TRANSLATE_NOOP("Findings", "pressed too hard early"),
                             QT_TRANSLATE_NOOP("Findings", "vivid colour out of reach"),
                             QT_TRANSLATE_NOOP("Findings", "level sky"),
                             QT_TRANSLATE_NOOP("Findings", "water by itself"),
                             QT_TRANSLATE_NOOP("Findings", "red that steals"),
                             QT_TRANSLATE_NOOP("Findings", "everything sharp")};
static_assert(kChecks.size() == plan::kChecks);

QString mass(const Named& in, int m) {
  const subject::Mass& which = in.masses[static_cast<std::size_t>(m)];
  return mass_name(which);
}

QString where(const plan::Finding& f, const Named& in) {
  return f.masses.empty() ? QString() : mass(in, f.masses.front());
}

QString stick(const plan::Finding& f, const Named& in, std::size_t i) {
  if (i >= f.sticks.size()) return {};
  return stick_name(in.sticks[static_cast<std::size_t>(f.sticks[i])]);
}

QString figure(const plan::Finding& f, std::size_t i, int digits = 0) {
  return i < f.numbers.size() ? number(f.numbers[i], digits) : QString();
}

QString signed_figure(const plan::Finding& f, std::size_t i) {
  return i < f.numbers.size() ? signed_number(f.numbers[i], 0) : QString();
}

/// What an order by hand breaks.
QString of_order(const plan::Finding& f) {
  const int first = f.broken->before + 1;
  const int second = f.broken->after + 1;
  return f.check == Check::halo
             ? Findings::tr("Your order lays the background of pass %1 after the soft edge of pass %2: a halo stays.")
                   .arg(first)
                   .arg(second)
             : Findings::tr("Your order lays pass %1, a hard stick, after the soft one of pass %2.")
                   .arg(first)
                   .arg(second);
}

}  // namespace

QString check(Check check) { return Findings::tr(kChecks[static_cast<std::size_t>(check)]); }

QString text(const plan::Finding& f, const Named& in) {
  if (f.broken) return of_order(f);
  const QString m = where(f, in);
  switch (f.check) {
    case Check::mud:
      return Findings::tr("%1 and %2 are complements: rubbed together they go to mud in %3.")
          .arg(stick(f, in, 0), stick(f, in, 1), m);
    case Check::black_rubbed:
      return Findings::tr(
                 "Black is rubbed over %1 in %2: that dirties it for good. Go over a dark red, violet or blue instead.")
          .arg(stick(f, in, 0), m);
    case Check::black_hole:
      return Findings::tr(
                 "Black alone stands flat in %1. Put deep blue, dark brown or indigo under it, or use those instead.")
          .arg(m);
    case Check::chalky_white:
      return Findings::tr("White over colour makes %1 chalky; put it under, or use a light stick of the hue.").arg(m);
    case Check::pencil_over_soft:
      return Findings::tr("%1 will not take over the soft layer of %2 in %3.").arg(stick(f, in, 1), stick(f, in, 0), m);
    case Check::tooth_full:
      return Findings::tr("The tooth of %1 is full before its last stroke: little of it will stick.").arg(m);
    case Check::missing_darks:
      return Findings::tr(
                 "The darkest dark, in %1, comes out too light: a passage looks finished only when its darks are dark "
                 "enough.")
          .arg(m);
    case Check::distance:
      return Findings::tr("The distance does not recede: further means less contrast, less chroma and bluer.");
    case Check::raw_green:
      return Findings::tr("A raw green in %1 looks artificial: break it with violet, red-brown or grey.").arg(m);
    case Check::lonely_accent:
      return Findings::tr("%1 stands in %2 alone and looks pasted in: carry a little of it elsewhere.")
          .arg(stick(f, in, 0), m);
    case Check::all_rubbed:
      return Findings::tr("Everything is rubbed, and the picture goes lifeless: rub some, leave some.");
    case Check::halo:
      return Findings::tr("At a soft edge the background cannot go in first: a halo may stay. Soften it at the end.");
    case Check::focal_contrast:
      return Findings::tr("The focal point does not have the strongest contrast; %1 has.")
          .arg(f.rival < 0 ? QString() : mass(in, f.rival));
    case Check::too_many_sticks:
      return Findings::tr("More sticks than the picture needs: a dozen well chosen ones carry it.");
    case Check::pressed_early:
      return Findings::tr("The first stroke in %1 is pressed in hard: it cannot be lifted again and closes the tooth.")
          .arg(m);
    case Check::vivid_lost:
      return f.sticks.empty()
                 ? Findings::tr("A vivid colour of %1 is out of reach: no stick of the collection is near it.").arg(m)
                 : Findings::tr("A vivid colour of %1 is lost; %2 would bring it.").arg(m, stick(f, in, 0));
    case Check::sky_level:
      return Findings::tr("The sky is as dark at the horizon as overhead: it wants to be lighter there, and warmer.");
    case Check::water_alone:
      return Findings::tr("The water does not repeat the colours above it: carry some of the sky into it.");
    case Check::red_steals:
      return Findings::tr("A strong red in %1 is seen before the focal point: use it sparingly.").arg(m);
    case Check::all_sharp:
      return Findings::tr("Everything is equally sharp: lose the edges that are far away.");
  }
  return {};
}

QString evidence(const plan::Finding& f, const Named& in) {
  if (f.broken) return why(*f.broken, in.masses);
  if (f.conflict) return conflict(*f.conflict, in.masses);
  switch (f.check) {
    case Check::mud:
      return Findings::tr("chroma %1 rubbed, %2 laid broken, %3 wanted").arg(figure(f, 0), figure(f, 1), figure(f, 2));
    case Check::black_rubbed:
      return Findings::tr("chroma %1 before, %2 after").arg(figure(f, 0), figure(f, 1));
    case Check::black_hole:
      return Findings::tr("chroma %1, speckle %2 L*").arg(figure(f, 0), figure(f, 1, 1));
    case Check::chalky_white:
      return Findings::tr("chroma %1, wanted %2").arg(figure(f, 0), figure(f, 1));
    case Check::pencil_over_soft:
      return Findings::tr("%1 % of the tooth left, a loose bed below").arg(figure(f, 0));
    case Check::tooth_full:
      return Findings::tr("%1 % of the tooth left before %2").arg(figure(f, 0), stick(f, in, 0));
    case Check::missing_darks:
      return Findings::tr("L* %1 laid, %2 in the subject").arg(figure(f, 0), figure(f, 1));
    case Check::distance:
      return Findings::tr("far and near: chroma %1 and %2, contrast %3 and %4 L*, warmth %5 and %6")
          .arg(figure(f, 0), figure(f, 1), figure(f, 2), figure(f, 3), signed_figure(f, 4), signed_figure(f, 5));
    case Check::raw_green:
      return Findings::tr("chroma %1, nothing but green in the stack").arg(figure(f, 0));
    case Check::lonely_accent:
      return Findings::tr("%1 % of the picture, no other mass within %2 degrees of hue")
          .arg(figure(f, 0, 1), figure(f, 1));
    case Check::all_rubbed:
      return Findings::tr("%1 % of the area ends in a rubbed stroke").arg(figure(f, 0));
    case Check::halo:
      return {};
    case Check::focal_contrast:
      return Findings::tr("%1 L* at the focal point, %2 there").arg(figure(f, 0), figure(f, 1));
    case Check::too_many_sticks:
      return Findings::tr("%1 sticks, %2 of them serve less than %3 % of the area")
          .arg(figure(f, 0), figure(f, 1), figure(f, 2));
    case Check::pressed_early:
      return Findings::tr("%1 % of the tooth gone after the first of %2 strokes").arg(figure(f, 0), figure(f, 1));
    case Check::vivid_lost:
      return Findings::tr("chroma %1 laid, %2 in the subject, %3 CIEDE2000 apart")
          .arg(figure(f, 0), figure(f, 1), figure(f, 2));
    case Check::sky_level:
      return Findings::tr("%1 L* lighter at the horizon, %2 in the subject").arg(figure(f, 0), figure(f, 1));
    case Check::water_alone:
      return Findings::tr("%1 CIEDE2000 from the sky in hue and chroma, %2 in the subject")
          .arg(figure(f, 0), figure(f, 1));
    case Check::red_steals:
      return Findings::tr("chroma %1, at most %2 at the focal point; %3 % of the picture")
          .arg(figure(f, 0), figure(f, 1), figure(f, 2, 1));
    case Check::all_sharp:
      return Findings::tr("%1 % of the area ends hard, %2 % is rubbed").arg(figure(f, 0), figure(f, 1));
  }
  return {};
}

QString remedy(const plan::Finding& f, const Named& in) {
  switch (f.mend) {
    case Mend::nothing:
      return {};
    case Mend::lay_broken:
      return Findings::tr("Lay the strokes of this mass broken");
    case Mend::no_black:
      return Findings::tr("Take the nearest recipe without black");
    case Mend::a_colour_in_it:
      return Findings::tr("Take the nearest recipe with a colour in it");
    case Mend::no_white_on_top:
      return Findings::tr("Take the nearest recipe without white on top");
    case Mend::break_the_green:
      return Findings::tr("Take the nearest recipe with a broken green");
    case Mend::return_colours:
      return Findings::tr("Wish that colours return in several masses");
    case Mend::hard_below:
      return Findings::tr("Take the nearest recipe with the hard stick below");
    case Mend::planners_order:
      return Findings::tr("Take the planner's order");
    case Mend::less_tooth:
      return Findings::tr("Take a recipe that uses less tooth");
    case Mend::all_broken:
      return Findings::tr("Lay all strokes broken");
    case Mend::front_broken:
      return Findings::tr("Lay what is not background broken");
    case Mend::fewer_sticks:
      return Findings::tr("Plan with %n stick(s)", nullptr, f.after ? f.after->most_sticks : 0);
    case Mend::begin_lighter:
      return Findings::tr("Take a recipe that begins lighter");
    case Mend::ink_first:
      return Findings::tr("Ink %n mass(es) first; ink reaches darks that pastel alone cannot", nullptr,
                          static_cast<int>(std::max<std::size_t>(1, f.masses.size())));
    case Mend::rub_background:
      return Findings::tr("Rub the background, so that it softens");
    case Mend::rub_the_rival:
      return Findings::tr("Rub %1, so that it stands back").arg(f.rival < 0 ? QString() : mass(in, f.rival));
    case Mend::take_the_stick:
      return Findings::tr("Take %1 into the tray").arg(stick(f, in, 0));
    case Mend::leave_the_stick:
      return Findings::tr("Leave %1 out of the tray").arg(stick(f, in, 0));
  }
  return {};
}

}  // namespace yd::words
