// SPDX-License-Identifier: MIT
#include "statement.h"

#include <QFileInfo>
#include <QSqlError>
#include <atomic>
#include <cerrno>

namespace yd::journal {
namespace {

// SQLite's result codes: corrupt, and not a database at all.
constexpr int kCorrupt = 11;
constexpr int kNoDatabase = 26;
constexpr int kFull = 13;
constexpr int kIo = 10;
constexpr int kReadOnly = 8;
constexpr int kBusy = 5;

/// SQLite knows a full disk, but not a quota that is used up; the system's own number is still there.
bool is_full(int code, int system) { return code == kFull || (code == kIo && (system == EDQUOT || system == ENOSPC)); }

}  // namespace

Error sql_error(const QString& file, const QSqlError& error) {
  const int system = errno;
  const int code = error.nativeErrorCode().toInt() & 0xff;
  const std::string where = file.toStdString();
  if (code == kCorrupt || code == kNoDatabase) return {Error::Code::bad_format, where, "the journal is damaged"};
  if (is_full(code, system)) return {Error::Code::io, where, "the disk is full; nothing was written"};
  if (code == kReadOnly) return {Error::Code::io, where, "is read-only; nothing was written"};
  if (code == kBusy) return {Error::Code::io, where, "is held by another program; nothing was written"};
  return {Error::Code::io, where, error.databaseText().toStdString()};
}

Statement::Statement(const QSqlDatabase& database, const QString& sql)
    : file_(database.databaseName()), query_(database) {
  query_.setForwardOnly(true);
  if (!query_.prepare(sql)) unprepared_ = query_.lastError();
}

Status Statement::run() {
  if (unprepared_.isValid()) return sql_error(file_, unprepared_);
  errno = 0;
  if (query_.exec()) return success();
  return sql_error(file_, query_.lastError());
}

Transaction::Transaction(const QSqlDatabase& database) : database_(database), begun_(success()) {
  // At once, so that two programs wait for each other here and not in the middle.
  begun_ = Statement(database_, "BEGIN IMMEDIATE").run();
  open_ = begun_.ok();
}

Transaction::~Transaction() {
  if (open_) database_.rollback();
}

Status Transaction::commit() {
  if (!begun_) return begun_;
  Status done = Statement(database_, "COMMIT").run();
  if (done) open_ = false;
  return done;
}

Result<QString> connect_to(const QString& file, bool read_only) {
  static std::atomic<int> count{0};
  const QString name = QString("journal %1").arg(++count);
  QSqlDatabase database = QSqlDatabase::addDatabase("QSQLITE", name);
  if (!database.isValid()) {
    database = {};
    QSqlDatabase::removeDatabase(name);
    return Error{Error::Code::io, file.toStdString(), "Qt's SQLite driver is not installed"};
  }
  database.setDatabaseName(file);
  database.setConnectOptions(read_only ? "QSQLITE_BUSY_TIMEOUT=5000;QSQLITE_OPEN_READONLY"
                                       : "QSQLITE_BUSY_TIMEOUT=5000");
  Status opened = success();
  if (!database.open()) {
    opened = sql_error(file, database.lastError());
  } else if (!read_only) {
    for (const char* setting : {"PRAGMA journal_mode = WAL", "PRAGMA synchronous = FULL", "PRAGMA foreign_keys = ON"}) {
      if (opened) opened = Statement(database, setting).run();
    }
  }
  if (opened) return name;
  database = {};
  disconnect_from(name);
  return opened.error();
}

void disconnect_from(const QString& connection) {
  QSqlDatabase::database(connection, false).close();
  QSqlDatabase::removeDatabase(connection);
}

}  // namespace yd::journal
