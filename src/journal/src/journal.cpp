// SPDX-License-Identifier: MIT
#include "journal/journal.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlError>
#include <QStandardPaths>
#include <QTemporaryDir>

#include "files/read.h"
#include "held.h"
#include "schema.h"
#include "statement.h"

namespace yd::journal {
namespace {

Result<qint64> one_number(const QSqlDatabase& database, const QString& sql) {
  Statement s(database, sql);
  if (const Status run = s.run(); !run) return run.error();
  return s.next() ? s.whole(0) : 0;
}

Error damaged(const QString& file) { return {Error::Code::bad_format, file.toStdString(), "the journal is damaged"}; }

/// Written into our files, so that nobody takes them for another program's, nor ours for theirs ("YDjl").
constexpr qint64 kApplicationId = 0x59446A6C;

Error not_ours(const QString& file) {
  return {Error::Code::io, file.toStdString(), "is a database of another program; it is left as it is"};
}

/// The schema of a journal, 0 for a file that holds nothing yet. Looks only. Errors: `too_new`, `io` for what another
/// program made, `bad_format` for a damaged file.
Result<int> schema_of(const QSqlDatabase& database, const QString& file) {
  const auto id = one_number(database, "PRAGMA application_id");
  if (!id) return id.error();
  const auto version = one_number(database, "PRAGMA user_version");
  if (!version) return version.error();
  const auto tables = one_number(database, "SELECT count(*) FROM sqlite_master");
  if (!tables) return tables.error();
  const auto own = one_number(
      database, "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('works', 'passes', 'recipes')");
  if (!own) return own.error();
  // The first files carried no id.
  const bool empty = id.value() == 0 && version.value() == 0 && tables.value() == 0;
  const bool ours = id.value() == kApplicationId || empty || (id.value() == 0 && own.value() == 3);
  if (!ours) return not_ours(file);
  if (version.value() < 0) return damaged(file);
  if (version.value() > kSchema) {
    return Error{Error::Code::too_new, file.toStdString(),
                 "was written by a newer version of Yawning Dune; it is left as it is"};
  }
  return static_cast<int>(version.value());
}

/// The same of a file, before it is opened for writing.
Result<int> schema_of(const QString& file) {
  if (QFileInfo(file).size() == 0) return 0;
  if (const Status may = files::may_read(file); !may) return may.error();
  const auto connection = connect_to(file, Access::read);
  if (!connection) return connection.error();
  auto out = schema_of(QSqlDatabase::database(connection.value(), false), file);
  disconnect_from(connection.value());
  return out;
}

Status step_up(const QSqlDatabase& database, int from) {
  Transaction all(database);
  if (!all.begun()) return all.begun();
  // Another program may have done it while this one waited.
  const auto now = one_number(database, "PRAGMA user_version");
  if (!now) return now.error();
  if (now.value() != from) return success();
  for (const QString& sql : schema_steps()[static_cast<std::size_t>(from)]) {
    if (Status done = Statement(database, sql).run(); !done) return done;
  }
  // A pragma takes no bound values.
  if (Status done = Statement(database, QString("PRAGMA user_version = %1").arg(from + 1)).run(); !done) return done;
  return all.commit();
}

}  // namespace

Journal::Journal(QString connection, QString file)
    : connection_(std::move(connection)), file_(std::move(file)), held_(std::make_unique<Held>()) {}

Journal::~Journal() { disconnect_from(connection_); }

QSqlDatabase Journal::database() const { return QSqlDatabase::database(connection_, false); }

Result<std::unique_ptr<Journal>> Journal::open(const QString& file) {
  const auto schema = schema_of(file);
  if (!schema) return schema.error();
  const auto connection = connect_to(file, Access::write);
  if (!connection) return connection.error();
  std::unique_ptr<Journal> out(new Journal(connection.value(), file));
  *out->held_ = Held(file, Held::How::with_others);
  if (out->held_->refused()) return Error{Error::Code::io, file.toStdString(), "another window is mending the journal"};
  if (const Status ready = out->migrate(); !ready) return ready.error();
  return out;
}

Result<std::unique_ptr<Journal>> Journal::open_to_read(const QString& file) {
  const auto schema = schema_of(file);
  if (!schema) return schema.error();
  if (schema.value() == 0) return Error{Error::Code::not_found, file.toStdString(), "is no journal yet"};
  const auto connection = connect_to(file, Access::read);
  if (!connection) return connection.error();
  std::unique_ptr<Journal> out(new Journal(connection.value(), file));
  if (schema.value() == kSchema) return out;
  // One of an older version is read as a copy of it is, brought up to date.
  auto folder = std::make_unique<QTemporaryDir>();
  const QString copy = folder->filePath(kJournalFile);
  if (Status copied = Statement(out->database(), "VACUUM INTO ?").bind(copy).run(); !copied) return copied.error();
  auto newer = open(copy);
  if (newer) newer.value()->copied_ = std::move(folder);
  return newer;
}

Status Journal::migrate() {
  // Another program may have written meanwhile.
  const auto version = schema_of(database(), file_);
  if (!version) return version.error();
  for (int from = version.value(); from < kSchema; ++from) {
    if (Status done = step_up(database(), from); !done) return done;
  }
  const auto id = one_number(database(), "PRAGMA application_id");
  if (!id) return id.error();
  if (id.value() == kApplicationId) return success();
  return Statement(database(), QString("PRAGMA application_id = %1").arg(kApplicationId)).run();
}

Status Journal::back_up(const QString& to) const {
  const QString fresh = to + ".new";
  QFile::remove(fresh);
  Statement copy(database(), "VACUUM INTO ?");
  if (Status done = copy.bind(fresh).run(); !done) return done;
  QFile::remove(to);
  if (!QFile::rename(fresh, to)) return Error{Error::Code::io, to.toStdString(), "the backup cannot be written"};
  return success();
}

Status check_file(const QString& file) {
  const auto connection = connect_to(file, Access::read);
  if (!connection) return connection.error();
  Status out = success();
  {
    Statement s(QSqlDatabase::database(connection.value(), false), "PRAGMA quick_check (1)");
    out = s.run();
    if (out && s.next() && s.text(0) != "ok")
      out = Error{Error::Code::bad_format, file.toStdString(), "the journal is damaged: " + s.text(0).toStdString()};
    const auto version = one_number(QSqlDatabase::database(connection.value(), false), "PRAGMA user_version");
    if (out && version && version.value() < 0) out = damaged(file);
  }
  disconnect_from(connection.value());
  return out;
}

namespace {

/// The file and what SQLite keeps beside it, under another name.
QString put_aside(const QString& file, qint64 now_s) {
  const QString stamp = QDateTime::fromSecsSinceEpoch(now_s).toString("yyyy-MM-dd hhmmss");
  const QFileInfo info(file);
  QString to;
  for (int n = 0; to.isEmpty() || QFile::exists(to); ++n)
    to = info.dir().filePath(
        QString("%1 damaged %2%3.sqlite").arg(info.completeBaseName(), stamp, n == 0 ? "" : QString(" %1").arg(n)));
  if (!QFile::rename(file, to)) return {};
  // What is only left from looking at the file holds nothing.
  const bool empty = QFileInfo(file + "-wal").size() == 0;
  for (const char* beside : {"-wal", "-shm"}) {
    if (empty) QFile::remove(file + beside);
    if (!empty) QFile::rename(file + beside, to + beside);
  }
  return to;
}

}  // namespace

QString usual_folder() {
  return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + "/Yawning Dune/Yawning Dune";
}

Result<Opened> mend(const QString& folder, qint64 now_s) {
  const QString file = QDir(folder).filePath(kJournalFile);
  const QString backup = QDir(folder).filePath(kBackupFile);
  Opened out;
  {
    // What another window writes would go into the file that is put aside.
    const Held alone(file, Held::How::alone);
    if (alone.refused())
      return Error{Error::Code::bad_format, file.toStdString(),
                   "the journal is damaged and open in another window; close that one and start again"};
    // Another window may have mended it before this one came.
    if (!check_file(file).ok()) {
      out.damaged = put_aside(file, now_s);
      if (out.damaged.isEmpty())
        return Error{Error::Code::bad_format, file.toStdString(), "the journal is damaged and cannot be put aside"};
      out.restored = QFile::exists(backup) && check_file(backup).ok() && QFile::copy(backup, file);
      out.begun_anew = !out.restored;
    }
  }
  auto journal = Journal::open(file);
  if (!journal) return journal.error();
  out.journal = std::move(journal).value();
  return out;
}

Result<Opened> open_folder(const QString& folder, qint64 now_s) {
  if (!QDir().mkpath(folder)) return Error{Error::Code::io, folder.toStdString(), "the folder cannot be made"};
  auto journal = Journal::open(QDir(folder).filePath(kJournalFile));
  if (!journal && journal.error().code == Error::Code::bad_format) return mend(folder, now_s);
  if (!journal) return journal.error();
  Opened out;
  out.journal = std::move(journal).value();
  return out;
}

Status look_after(const QString& folder, qint64 now_s) {
  constexpr qint64 kDay_s = 24 * 60 * 60;
  const QString file = QDir(folder).filePath(kJournalFile);
  const QString backup = QDir(folder).filePath(kBackupFile);
  if (Status whole = check_file(file); !whole) return whole;
  const QFileInfo old(backup);
  // A backup from the future is of no day: the clock was wrong then, or is now.
  const qint64 age_s = now_s - old.lastModified().toSecsSinceEpoch();
  if (old.exists() && age_s >= 0 && age_s <= kDay_s) return success();
  const auto journal = Journal::open(file);
  return journal ? journal.value()->back_up(backup) : Status(journal.error());
}

}  // namespace yd::journal
