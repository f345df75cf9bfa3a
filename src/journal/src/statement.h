// SPDX-License-Identifier: MIT
#pragma once

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QString>
#include <QVariant>

#include "support/result.h"

namespace yd::journal {

/// One SQL statement with its values bound in order.
class Statement {
 public:
  Statement(const QSqlDatabase& database, const QString& sql);
  template <class... Values>
  Statement& bind(const Values&... values) {
    (query_.addBindValue(held(values)), ...);
    return *this;
  }
  /// Errors: `io`, `bad_format` for a damaged file, naming the file.
  Status run();
  bool next() { return query_.next(); }
  QVariant value(int column) const { return query_.value(column); }
  QString text(int column) const { return query_.value(column).toString(); }
  double number(int column) const { return query_.value(column).toDouble(); }
  qint64 whole(int column) const { return query_.value(column).toLongLong(); }
  QByteArray bytes(int column) const { return query_.value(column).toByteArray(); }
  qint64 last_id() const { return query_.lastInsertId().toLongLong(); }

 private:
  template <class Value>
  static QVariant held(const Value& value) {
    return QVariant::fromValue(value);
  }
  static QVariant held(const QVariant& value) { return value; }
  /// No text is empty text: columns are NOT NULL.
  static QVariant held(const QString& value) { return value.isNull() ? QString("") : value; }

  QString file_;
  QSqlQuery query_;
  QSqlError unprepared_;
};

/// What SQLite said, as a value.
Error sql_error(const QString& file, const QSqlError& error);

/// All or nothing: rolled back unless `commit` went well.
class Transaction {
 public:
  explicit Transaction(const QSqlDatabase& database);
  ~Transaction();
  Transaction(const Transaction&) = delete;
  Transaction& operator=(const Transaction&) = delete;
  /// Success where it could begin.
  const Status& begun() const { return begun_; }
  Status commit();

 private:
  QSqlDatabase database_;
  Status begun_;
  bool open_ = false;
};

enum class Access { read, write };
/// A connection with our settings; the name of it, to be removed by the caller. One to read changes nothing on the
/// disk; in a folder that cannot be written to it takes the file as one that stands still.
Result<QString> connect_to(const QString& file, Access access);
void disconnect_from(const QString& connection);

}  // namespace yd::journal
