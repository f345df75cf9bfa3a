#include "session/autosave.h"

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

QString marks_of(const QString& copy) { return copy + ".marks"; }
QString lock_of(const QString& copy) { return copy + ".lock"; }

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
}

Autosave::~Autosave() { writing_.waitForFinished(); }

QStringList Autosave::left_behind() const {
  QStringList out;
  const QDir folder(QFileInfo(file_).path());
  for (const QFileInfo& info : folder.entryInfoList({"*.dune"}, QDir::Files, QDir::Time)) {
    const QString copy = info.absoluteFilePath();
    if (copy == QFileInfo(file_).absoluteFilePath()) continue;
    QLockFile owner(lock_of(copy));
    owner.setStaleLockTime(0);
    if (owner.tryLock(0)) out << copy;
  }
  return out;
}

Result<formats::Project> Autosave::read(const QString& copy) {
  auto project = formats::load_project(copy);
  if (!project || !QFile::exists(marks_of(copy))) return project;
  auto marks = formats::load_marks(marks_of(copy));
  if (marks) project.value().marks = std::move(marks).value();
  return project;
}

void Autosave::adopt(const QString& copy) {
  timer_.stop();
  writing_.waitForFinished();
  discard(file_);
  QFile::rename(copy, file_);
  QFile::rename(marks_of(copy), marks_of(file_));
  timer_.start();
}

void Autosave::discard(const QString& copy) {
  QFile::remove(copy);
  QFile::remove(marks_of(copy));
}

void Autosave::forget() {
  timer_.stop();
  writing_.waitForFinished();
  discard(file_);
}

void Autosave::mark() {
  // Without a copy of the work itself the marks would say nothing; the copy that is on its way holds them too.
  if (QFile::exists(file_)) static_cast<void>(formats::save_marks(marks_of(file_), session_.choices().marks).ok());
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
