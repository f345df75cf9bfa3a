// SPDX-License-Identifier: MIT
#include "exports/pass_table.h"

#include <QStringList>

#include "exports/pass_words.h"
#include "formats/csv.h"
#include "words/order.h"

namespace yd::exports {
namespace {

QString quoted(const QString& text) { return QString::fromUtf8(formats::csv_quoted(text.toStdString())); }

QStringList pass_row(const PlanView& p, std::size_t i) {
  const plan::Pass& pass = p.plan.passes[i];
  const PassWords words = words_of(p, static_cast<int>(i));
  QStringList masses;
  for (const int m : pass.masses) masses << QString::number(p.subject.masses[static_cast<std::size_t>(m)].id + 1);
  const bool stroke = pass.kind == plan::PassKind::stroke;
  return {QString::number(pass.number),
          plan::name(pass.kind),
          quoted(words.title),
          quoted(words.medium),
          stroke ? QString::number(pass.least_pressure) : QString(),
          stroke ? QString::number(pass.pressure) : QString(),
          stroke ? QString(plan::name(pass.technique)) : QString(),
          quoted(masses.join(" ")),
          quoted(words.where),
          quoted(words.mark),
          quoted(words.direction),
          quoted(words.rubbing),
          QString::number(pass.minutes, 'f', 1),
          QString::number(pass.wait_minutes, 'f', 1),
          QString::number(pass.dry_minutes, 'f', 1),
          QString::number(100 * words.tooth_left, 'f', 0),
          quoted(words::reason(pass.reason, p.subject.masses))};
}

/// What is to be done besides the passes: a row without a number.
QStringList chore_row(const plan::Passage& passage, const QStringList& steps) {
  QStringList out(17);
  out[1] = plan::name(passage.kind);
  out[12] = passage.has_passes() ? "0.0" : QString::number(passage.minutes, 'f', 1);
  out[16] = quoted(steps.join(" "));
  return out;
}

}  // namespace

QByteArray pass_csv(const PlanView& p) {
  QStringList rows{
      "passage,passage_name,number,kind,stick,medium,least_pressure,pressure,technique,masses,where,mark,direction,"
      "rubbing,minutes,wait_minutes,dry_minutes,tooth_left_percent,reason"};
  for (std::size_t n = 0; n < p.guide.passages.size(); ++n) {
    const plan::Passage& passage = p.guide.passages[n];
    const QStringList about{QString::number(n + 1), quoted(words::title(passage, p.job()))};
    for (int i = passage.first; i <= passage.last; ++i)
      rows << (about + pass_row(p, static_cast<std::size_t>(i))).join(",");
    const QStringList steps = words::steps(passage, p.job());
    if (!steps.isEmpty()) rows << (about + chore_row(passage, steps)).join(",");
  }
  return (rows.join("\r\n") + "\r\n").toUtf8();
}

}  // namespace yd::exports
