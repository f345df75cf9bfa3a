#include "exports/pass_table.h"

#include <QStringList>

#include "exports/pass_words.h"
#include "words/order.h"

namespace yd::exports {
namespace {

QString quoted(QString text) { return "\"" + text.replace("\"", "\"\"") + "\""; }

}  // namespace

QByteArray pass_csv(const PlanView& p) {
  QStringList rows{
      "number,kind,stick,medium,pressure,technique,masses,minutes,wait_minutes,dry_minutes,tooth_left_percent,reason,"
      "passage"};
  for (std::size_t i = 0; i < p.plan.passes.size(); ++i) {
    const plan::Pass& pass = p.plan.passes[i];
    const PassWords words = words_of(p, static_cast<int>(i));
    QStringList masses;
    for (const int m : pass.masses) masses << QString::number(p.subject.masses[static_cast<std::size_t>(m)].id + 1);
    const bool stroke = pass.kind == plan::PassKind::stroke;
    rows << QStringList{QString::number(pass.number),
                        plan::name(pass.kind),
                        quoted(words.title),
                        quoted(words.medium),
                        stroke ? QString::number(pass.pressure) : QString(),
                        stroke ? QString(plan::name(pass.technique)) : QString(),
                        quoted(masses.join(" ")),
                        QString::number(pass.minutes, 'f', 1),
                        QString::number(pass.wait_minutes, 'f', 1),
                        QString::number(pass.dry_minutes, 'f', 1),
                        QString::number(100 * words.tooth_left, 'f', 0),
                        quoted(words::reason(pass.reason, p.subject.masses)),
                        quoted(words.passage)}
                .join(",");
  }
  return (rows.join("\r\n") + "\r\n").toUtf8();
}

}  // namespace yd::exports
