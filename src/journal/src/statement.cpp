// SPDX-License-Identifier: MIT
#include "statement.h"

#include <QFileInfo>
#include <QUrl>
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
constexpr int kCannotOpen = 14;
constexpr int kNoSuchThing = 1;

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
  if (code == kCannotOpen) return {Error::Code::io, where, "cannot be opened"};
  // A table or a column is missing: somebody changed it.
  if (code == kNoSuchThing) return {Error::Code::io, where, "is not kept as this program keeps a journal"};
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

namespace {

QSqlDatabase add_database(const QString& name, const QString& file, const QString& options) {
  QSqlDatabase database = QSqlDatabase::addDatabase("QSQLITE", name);
  database.setDatabaseName(file);
  database.setConnectOptions("QSQLITE_BUSY_TIMEOUT=5000" + options);
  return database;
}

Status open_to_write(QSqlDatabase& database, const QString& file) {
  if (!database.open()) return sql_error(file, database.lastError());
  for (const char* setting : {"PRAGMA journal_mode = WAL", "PRAGMA synchronous = FULL", "PRAGMA foreign_keys = ON"}) {
    if (Status set = Statement(database, setting).run(); !set) return set;
  }
  return success();
}

/// A log beside the file needs a place to be shared in; where there is none the file is read by itself.
Status open_to_read(QSqlDatabase& database, const QString& file) {
  const auto readable = [&] { return database.open() && QSqlQuery("PRAGMA schema_version", database).next(); };
  if (readable()) return success();
  const QSqlError first = database.lastError();
  database.close();
  database.setDatabaseName(QUrl::fromLocalFile(QFileInfo(file).absoluteFilePath()).toString(QUrl::FullyEncoded) +
                           "?immutable=1");
  database.setConnectOptions("QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI");
  if (!QFileInfo(QFileInfo(file).path()).isWritable() && readable()) return success();
  database.close();
  database.setDatabaseName(file);
  database.setConnectOptions("QSQLITE_BUSY_TIMEOUT=5000;QSQLITE_OPEN_READONLY");
  return database.open() ? Statement(database, "PRAGMA schema_version").run() : Status(sql_error(file, first));
}

}  // namespace

Result<QString> connect_to(const QString& file, Access access) {
  static std::atomic<int> count{0};
  const QString name = QString("journal %1").arg(++count);
  Status opened = Error{Error::Code::io, file.toStdString(), "Qt's SQLite driver is not installed"};
  {
    QSqlDatabase database = add_database(name, file, access == Access::read ? ";QSQLITE_OPEN_READONLY" : "");
    if (database.isValid())
      opened = access == Access::read ? open_to_read(database, file) : open_to_write(database, file);
  }
  if (opened) return name;
  disconnect_from(name);
  return opened.error();
}

void disconnect_from(const QString& connection) {
  QSqlDatabase::database(connection, false).close();
  QSqlDatabase::removeDatabase(connection);
}

}  // namespace yd::journal
