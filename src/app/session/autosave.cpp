// SPDX-License-Identifier: MIT
#include "session/autosave.h"

#include <nlohmann/json.hpp>
#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QtConcurrentRun>

#include "formats/project.h"
#include "session/polite.h"

namespace yd::app {
namespace {

constexpr int kPause_ms = 1500;

/// Marks belong to a plan of the rest: with other passes on the paper they name other work. The file says how many are,
/// so that a copy that is a moment older than its marks is read with the marks of its own time.
QString marks_of(const QString& copy, std::size_t laid) { return QString("%1.%2.marks").arg(copy).arg(laid); }
QStringList all_marks_of(const QString& copy) {
  const QFileInfo info(copy);
  QStringList out;
  for (const QFileInfo& m : QDir(info.path()).entryInfoList({info.fileName() + ".*.marks"}, QDir::Files))
    out << m.absoluteFilePath();
  return out;
}
QString lock_of(const QString& copy) { return copy + ".lock"; }
/// How often a copy was brought back and no plan came of it.
QString tries_of(const QString& copy) { return copy + ".tries"; }

int tries(const QString& copy) {
  QFile f(tries_of(copy));
  return f.open(QIODevice::ReadOnly) ? f.readAll().toInt() : 0;
}

/// Whether the program whose copy it is runs no more.
bool has_ended(const QString& copy) {
  QLockFile owner(lock_of(copy));
  owner.setStaleLockTime(0);
  return owner.tryLock(0);
}

/// Locks of windows that ended without a copy of their work.
void clear_locks(const QDir& folder) {
  for (const QFileInfo& info : folder.entryInfoList({"*.dune.lock"}, QDir::Files)) {
    const QString copy = info.absoluteFilePath().chopped(5);
    if (QFile::exists(copy)) continue;
    static_cast<void>(has_ended(copy));  // a lock that is got takes its file away with it
  }
}

/// A name no other running program uses, and none that ran before.
QString own_copy(const QString& folder) {
  static int number = 0;
  QDir().mkpath(folder);
  return QDir(folder).filePath(QString("%1-%2-%3.dune")
                                   .arg(QDateTime::currentMSecsSinceEpoch())
                                   .arg(QCoreApplication::applicationPid())
                                   .arg(++number));
}

}  // namespace

Autosave::Autosave(Session& session, const QString& folder, QObject* parent)
    : QObject(parent), session_(session), file_(own_copy(folder)), lock_(lock_of(file_)) {
  lock_.setStaleLockTime(0);  // held as long as the program runs, however long that is
  lock_.tryLock(0);
  timer_.setSingleShot(true);
  timer_.setInterval(kPause_ms);
  connect(&timer_, &QTimer::timeout, this, &Autosave::write);
  connect(&session_, &Session::choices_changed, &timer_, qOverload<>(&QTimer::start));
  connect(&session_, &Session::marks_changed, this, &Autosave::mark);
  connect(&session_, &Session::reference_changed, &timer_, qOverload<>(&QTimer::start));
  connect(&session_, &Session::plan_changed, this, [this] {
    if (session_.planned()) QFile::remove(tries_of(file_));
  });
}

Autosave::~Autosave() { writing_.waitForFinished(); }

QStringList Autosave::left_behind() const {
  QStringList out;
  const QDir folder(QFileInfo(file_).path());
  clear_locks(folder);
  for (const QFileInfo& info : folder.entryInfoList({"*.dune"}, QDir::Files, QDir::Time)) {
    const QString copy = info.absoluteFilePath();
    if (copy == QFileInfo(file_).absoluteFilePath()) continue;
    if (has_ended(copy) && tries(copy) < kMostTries) out << copy;
  }
  return out;
}

QStringList Autosave::put_aside() const {
  QStringList out;
  const QDir folder(QFileInfo(file_).path());
  for (const QFileInfo& info : folder.entryInfoList({"*.dune"}, QDir::Files)) {
    const QString copy = info.absoluteFilePath();
    if (tries(copy) < kMostTries || copy == QFileInfo(file_).absoluteFilePath() || !has_ended(copy)) continue;
    const QString aside = folder.filePath(info.completeBaseName() + ".put-aside");
    if (!QFile::rename(copy, aside)) continue;
    QFile::remove(tries_of(copy));
    out << aside;
  }
  return out;
}

Result<formats::Project> Autosave::read(const QString& copy) {
  QFile tried(tries_of(copy));
  const QByteArray now = QByteArray::number(tries(copy) + 1);
  if (tried.open(QIODevice::WriteOnly)) tried.write(now);
  tried.close();
  auto project = formats::load_project(copy);
  if (!project) return project;
  const QString file = marks_of(copy, project.value().plan.laid.size());
  if (!QFile::exists(file)) return project;
  auto marks = formats::load_marks(file);
  if (marks) project.value().marks = std::move(marks).value();
  return project;
}

void Autosave::adopt(const QString& copy) {
  timer_.stop();
  writing_.waitForFinished();
  discard(file_);
  QFile::rename(copy, file_);
  QFile::remove(tries_of(file_));
  QFile::rename(tries_of(copy), tries_of(file_));
  for (const QString& marks : all_marks_of(copy))
    QFile::rename(marks, file_ + marks.mid(QFileInfo(copy).absoluteFilePath().size()));
  timer_.start();
}

void Autosave::discard(const QString& copy) {
  QFile::remove(copy);
  QFile::remove(tries_of(copy));
  for (const QString& marks : all_marks_of(copy)) QFile::remove(marks);
}

void Autosave::forget() {
  timer_.stop();
  writing_.waitForFinished();
  discard(file_);
}

void Autosave::mark() {
  // Without a copy of the work itself the marks would say nothing: then that is written first, and waited for.
  if (!QFile::exists(file_)) {
    write();
    writing_.waitForFinished();
  }
  const Choices& now = session_.choices();
  static_cast<void>(formats::save_marks(marks_of(file_, now.plan.laid.size()), now.marks).ok());
  timer_.start();
}

void Autosave::write() {
  if (!session_.has_reference()) return;
  // Packing and the disk take their time: the window is not to wait for them.
  if (writing_.isRunning()) return timer_.start();
  writing_ = QtConcurrent::run(&pool_, [file = file_, project = session_.project()] {
    work_politely();
    QDir().mkpath(QFileInfo(file).path());
    // A failing autosave must not disturb: saving by hand says what is wrong.
    const Status status = formats::save_project(file, project, {});
    static_cast<void>(status.ok());
  });
}

}  // namespace yd::app
