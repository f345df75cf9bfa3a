// SPDX-License-Identifier: MIT
#pragma once

#include <QSet>
#include <QStringList>
#include <QVariant>

#include "journal/journal.h"
#include "statement.h"

namespace yd::journal {

/// Conditions of a SELECT with their values.
class Filter {
 public:
  void add(const QString& condition, const QVariant& value) {
    conditions_ << condition;
    values_ << value;
  }
  QString where() const { return conditions_.isEmpty() ? QString() : " WHERE " + conditions_.join(" AND "); }
  void bind_to(Statement& s) const {
    for (const QVariant& v : values_) s.bind(v);
  }

 private:
  QStringList conditions_;
  QVariantList values_;
};

/// The dates of a query, on a column.
Filter filter_of(const Query& query, const QString& date_column);

/// Words as the full-text index is asked for them: each by its beginning, whatever signs it holds.
QString match_of(const QString& words);

/// Keeps the text that a thing is found by; `kind` work, recipe or note of.
Status note_text(const QSqlDatabase& database, const QString& kind, const QString& ref, const QString& text);
Status forget_text(const QSqlDatabase& database, const QString& kind, const QString& ref);

/// What the full-text index finds among these kinds, as a JSON list for json_each: asked inside another query SQLite
/// searches the index once a row.
Result<QString> found_refs(const QSqlDatabase& database, const QStringList& kinds, const QString& words);

/// Works with a stick of about this colour.
Result<QSet<QString>> uses_like(const QSqlDatabase& database, const colour::Lab& lab, double within_de00);

}  // namespace yd::journal
