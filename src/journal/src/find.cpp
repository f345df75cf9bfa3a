// SPDX-License-Identifier: MIT
#include "find.h"

#include <QJsonArray>
#include <QJsonDocument>

#include "colour/ciede2000.h"

namespace yd::journal {
Filter filter_of(const Query& q, const QString& date_column) {
  Filter out;
  if (q.from_s > 0) out.add(date_column + " >= ?", q.from_s);
  if (q.to_s > 0) out.add(date_column + " <= ?", q.to_s);
  return out;
}

QString match_of(const QString& words) {
  QStringList out;
  for (QString word : words.simplified().split(' ', Qt::SkipEmptyParts)) out << '"' + word.replace('"', "\"\"") + "\"*";
  return out.join(' ');
}

Status forget_text(const QSqlDatabase& database, const QString& kind, const QString& ref) {
  return Statement(database, "DELETE FROM found WHERE kind = ? AND ref = ?").bind(kind, ref).run();
}

Status note_text(const QSqlDatabase& database, const QString& kind, const QString& ref, const QString& text) {
  if (Status gone = forget_text(database, kind, ref); !gone) return gone;
  return Statement(database, "INSERT INTO found (text, kind, ref) VALUES (?,?,?)").bind(text, kind, ref).run();
}

Result<QString> found_refs(const QSqlDatabase& database, const QStringList& kinds, const QString& words) {
  Statement s(database, "SELECT kind, ref FROM found WHERE found MATCH ?");
  if (const Status run = s.bind(match_of(words)).run(); !run) return run.error();
  QJsonArray refs;
  while (s.next()) {
    if (kinds.contains(s.text(0))) refs.append(s.text(1));
  }
  return QString::fromUtf8(QJsonDocument(refs).toJson(QJsonDocument::Compact));
}

Result<QSet<QString>> uses_like(const QSqlDatabase& database, const colour::Lab& lab, double within) {
  Statement s(database, "SELECT work, l, a, b FROM uses WHERE l BETWEEN ? AND ?");
  s.bind(lab.l - colour::kLightnessBound * within, lab.l + colour::kLightnessBound * within);
  if (const Status run = s.run(); !run) return run.error();
  QSet<QString> out;
  while (s.next()) {
    if (out.contains(s.text(0))) continue;
    if (colour::ciede2000(lab, {s.number(1), s.number(2), s.number(3)}) <= within) out.insert(s.text(0));
  }
  return out;
}

}  // namespace yd::journal
