// SPDX-License-Identifier: MIT
#include "words/order.h"

#include "words/names.h"
#include "words/sentence.h"

#include <QCoreApplication>
#include <QStringList>
#include <array>

namespace yd::words {
namespace {

class Order {
  Q_DECLARE_TR_FUNCTIONS(Order)
};

constexpr std::array kRules{QT_TRANSLATE_NOOP("Order", "built up from below"),
                            QT_TRANSLATE_NOOP("Order", "dry before painting over"),
                            QT_TRANSLATE_NOOP("Order", "fixed first"),
                            QT_TRANSLATE_NOOP("Order", "hard under soft"),
                            QT_TRANSLATE_NOOP("Order", "background before a soft edge"),
                            QT_TRANSLATE_NOOP("Order", "features first"),
                            QT_TRANSLATE_NOOP("Order", "far before near"),
                            QT_TRANSLATE_NOOP("Order", "lights first"),
                            QT_TRANSLATE_NOOP("Order", "darks first"),
                            QT_TRANSLATE_NOOP("Order", "thin before firm"),
                            QT_TRANSLATE_NOOP("Order", "black last"),
                            QT_TRANSLATE_NOOP("Order", "most intense last"),
                            QT_TRANSLATE_NOOP("Order", "highlights last"),
                            QT_TRANSLATE_NOOP("Order", "block in first")};
static_assert(kRules.size() == plan::kRules);

QString place(int m, std::span<const subject::Mass> masses) {
  if (m < 0) return Order::tr("the rest");
  return mass_name(masses[static_cast<std::size_t>(m)]);
}

QString plane_done(subject::Plane plane) {
  switch (plane) {
    case subject::Plane::background:
      return Order::tr("The background is done at this level.");
    case subject::Plane::middle:
      return Order::tr("The middle ground is done at this level.");
    case subject::Plane::foreground:
      return Order::tr("The foreground is done at this level.");
  }
  return {};
}

}  // namespace

QString rule(plan::Rule rule) { return Order::tr(kRules[static_cast<std::size_t>(rule)]); }

QString why(const plan::Edge& e, std::span<const subject::Mass> masses) {
  using plan::Rule;
  const QString m = place(e.mass_before, masses);
  const QString n = place(e.mass_after, masses);
  const int pass = e.before + 1;
  switch (e.rule) {
    case Rule::built_up:
      return Order::tr("It is built on pass %1 in %2.").arg(pass).arg(n);
    case Rule::dries:
      return Order::tr("The coat of pass %1 has to be dry (%2 min).").arg(pass).arg(qRound(e.lag_minutes));
    case Rule::fixed:
      return e.lag_minutes > 0 ? Order::tr("The fixative of pass %1 holds what is below and has to be dry.").arg(pass)
                               : Order::tr("It holds what pass %1 laid in %2.").arg(pass).arg(n);
    case Rule::hard_under_soft:
      return Order::tr("Harder sticks first in %1: a hard point slips on a soft bed (pass %2).").arg(n).arg(pass);
    case Rule::behind_soft_edge:
      return Order::tr("The background, %1, goes in before the soft edge of %2, or a halo stays (pass %3).")
          .arg(m, n)
          .arg(pass);
    case Rule::features_first:
      return Order::tr("Features first: %1 before the rest (pass %2).").arg(m).arg(pass);
    case Rule::far_first:
      return Order::tr("Far before near: %1 overlaps %2 (pass %3).").arg(n, m).arg(pass);
    case Rule::light_first:
      return e.mass_before == e.mass_after
                 ? Order::tr("Lights before darks in %1, as this school has it (pass %2).").arg(m).arg(pass)
                 : Order::tr("Lights before darks in this school: %1, then %2 (pass %3).").arg(m, n).arg(pass);
    case Rule::dark_first:
      return e.mass_before == e.mass_after
                 ? Order::tr("Darks before lights in %1 (pass %2).").arg(m).arg(pass)
                 : Order::tr("Darks before lights: %1, then %2 (pass %3).").arg(m, n).arg(pass);
    case Rule::thin_first:
      return Order::tr("Thin before firm (pass %1).").arg(pass);
    case Rule::black_last:
      return Order::tr("Black goes last over %1 (pass %2).").arg(n).arg(pass);
    case Rule::intense_last:
      return Order::tr("The most intense colours last in %1 (pass %2).").arg(n).arg(pass);
    case Rule::highlights_last:
      return Order::tr("Accents and highlights last (pass %1).").arg(pass);
    case Rule::block_in:
      return Order::tr("The whole is blocked in before %1 is built up (pass %2).").arg(n).arg(pass);
  }
  return {};
}

QString conflict(const plan::Conflict& c, std::span<const subject::Mass> masses) {
  QStringList rules;
  for (const plan::Rule r : c.circle) rules << "\"" + rule(r) + "\"";
  QStringList places;
  for (const int m : c.masses) places << mass_name(masses[static_cast<std::size_t>(m)]);
  const bool one = c.circle.size() == 1;
  const QString against = places.isEmpty() ? (one ? Order::tr("The demands of %1 contradict each other.")
                                                  : Order::tr("%1 contradict each other."))
                                                 .arg(listed(rules))
                                           : (one ? Order::tr("The demands of %1 contradict each other at %2.")
                                                  : Order::tr("%1 contradict each other at %2."))
                                                 .arg(listed(rules), listed(places));
  return against + " " + Order::tr("Relaxed here: \"%1\", the weakest of them.").arg(rule(c.given_up));
}

QString reason(const plan::PassReason& r, std::span<const subject::Mass> masses) {
  using Kind = plan::PassReason::Kind;
  switch (r.kind) {
    case Kind::furthest:
      return Order::tr("Nothing has to go before it: the furthest that is left first.");
    case Kind::same_stick:
      return Order::tr("Same stick, still in the hand.");
    case Kind::rule:
      return why(r.edge, masses) + (r.in_hand ? " " + Order::tr("The stick is still in the hand.") : QString());
    case Kind::underpainting:
      return Order::tr("The underpainting sets the big values, on clean tooth.");
    case Kind::done:
      return Order::tr("Done.");
    case Kind::left_out:
      return Order::tr("Left out.");
  }
  return {};
}

QString ends(const plan::Sitting& s) {
  using plan::SittingEnd;
  switch (s.ends) {
    case SittingEnd::finished:
      return Order::tr("The picture is finished.");
    case SittingEnd::dries_over:
      return Order::tr("It dries until the next sitting.");
    case SittingEnd::coat_dries:
      return Order::tr("The underpainting is done and dries meanwhile.");
    case SittingEnd::fixative_dries:
      return Order::tr("The fixative dries meanwhile.");
    case SittingEnd::blocked_in:
      return Order::tr("The picture is blocked in.");
    case SittingEnd::level_done:
      return Order::tr("A level of the picture is done.");
    case SittingEnd::plane_done:
      return plane_done(s.plane);
    case SittingEnd::stick_done:
      return Order::tr("A whole stick is laid; nothing is left half done.");
  }
  return {};
}

}  // namespace yd::words
