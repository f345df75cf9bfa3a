// SPDX-License-Identifier: MIT
#include "models/layer_words.h"

#include <QStringList>

#include "exports/pass_words.h"
#include "looks/translate.h"
#include "words/order.h"
#include "words/sentence.h"

namespace yd::app {
namespace {

QString sitting_words(const plan::Sitting& s, std::size_t number) {
  QString out = tr("%1. Passes %2 to %3, %4. %5")
                    .arg(number + 1)
                    .arg(s.first + 1)
                    .arg(s.last + 1)
                    .arg(exports::minutes_words(s.minutes), words::ends(s));
  QStringList breaks;
  for (const int b : s.breaks) breaks << QString::number(b + 1);
  if (!breaks.isEmpty()) out += " " + tr("Get up after pass %1: posture, eyes, wrist.").arg(breaks.join(", "));
  return out;
}

}  // namespace

QString why_words(const Planned& planned, const optics::Parameters& parameters, int pass) {
  const exports::PassWords w = exports::words_of(view_of(planned, parameters), pass);
  QStringList out{w.passage, w.title + ": " + w.how + (w.purpose.isEmpty() ? QString() : ", " + w.purpose) + "."};
  if (!w.mark.isEmpty()) out << mark_words(w);
  const plan::Pass& p = planned.plan.passes[static_cast<std::size_t>(pass)];
  if (w.why.isEmpty()) out << words::reason(p.reason, planned.subject->masses);
  if (!w.delicate.isEmpty()) out << w.delicate;
  if (!w.where.isEmpty()) out << w.where;
  out << w.why;
  if (!w.tooth.isEmpty()) out << w.tooth + ", " + w.time + ".";
  if (!w.drying.isEmpty()) out << w.drying;
  if (!w.finished_when.isEmpty()) out << w.finished_when;
  return out.join("\n");
}

QString mark_words(const exports::PassWords& w) {
  if (w.mark.isEmpty()) return {};
  QString out = words::begun(w.mark);
  if (!w.direction.isEmpty()) out += tr("; the marks run %1").arg(w.direction);
  out += ".";
  if (!w.run.isEmpty()) out += " " + words::begun(w.run) + ".";
  if (!w.rubbing.isEmpty()) out += " " + w.rubbing;
  return w.delicate.isEmpty() ? out : out + " " + w.delicate;
}

QString chores_at(const exports::PlanView& view, int pass) {
  QStringList out;
  for (const plan::Passage& p : view.guide.passages) {
    if (p.has_passes() && p.last == pass) out << words::steps(p, view.job());
  }
  return out.join("\n");
}

QString passage_words(const exports::PlanView& view, int passage) {
  const plan::Passage& p = view.guide.passages[static_cast<std::size_t>(passage)];
  QStringList out{words::title(p, view.job())};
  out << words::steps(p, view.job());
  const QString finished = words::finished_when(p, view.job());
  if (!finished.isEmpty()) out << finished;
  return out.join("\n");
}

QString time_words(const Planned& planned) {
  const plan::Plan& p = planned.plan;
  QStringList out;
  for (std::size_t i = 0; i < p.sittings.size(); ++i) out << sitting_words(p.sittings[i], i);
  out << tr("%1 of painting, %2 of it waiting; %n stick change(s), no order has fewer than %3.", nullptr,
            p.sequence.changes)
             .arg(exports::minutes_words(p.sequence.minutes))
             .arg(p.sequence.waiting < 0.5 ? tr("nothing") : exports::minutes_words(p.sequence.waiting))
             .arg(p.sequence.changes_bound);
  QStringList steps;
  for (const plan::Passage& passage : planned.guide.passages) {
    if (passage.kind == plan::PassageKind::step_back && passage.first > 0) steps << QString::number(passage.first);
  }
  if (!steps.isEmpty()) out << tr("Step back and compare after pass %1.").arg(steps.join(", "));
  for (const plan::Edge& e : p.broken)
    out << tr("Your order breaks \"%1\": pass %2 should come before %3.")
               .arg(words::rule(e.rule))
               .arg(e.before + 1)
               .arg(e.after + 1);
  for (const plan::Conflict& c : p.conflicts)
    out << words::conflict(c, planned.subject->masses) +
               (c.times > 1 ? " " + tr("(%n time(s))", nullptr, c.times) : QString());
  return out.join("\n\n");
}

QString finding_words(const plan::Finding& f, const words::Named& named) {
  QString out = words::evidence(f, named) + ".";
  out += "\n" + (f.after ? tr("M mends it: %1.").arg(words::remedy(f, named))
                         : tr("Nothing in the plan mends this by itself."));
  return out;
}

}  // namespace yd::app
