#include "session/autosave.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include "formats/project.h"

namespace yd::app {

Autosave::Autosave(Session& session, QString file, QObject* parent)
    : QObject(parent), session_(session), file_(std::move(file)) {
  constexpr int kPause_ms = 1500;
  timer_.setSingleShot(true);
  timer_.setInterval(kPause_ms);
  connect(&timer_, &QTimer::timeout, this, &Autosave::write);
  connect(&session_, &Session::choices_changed, &timer_, qOverload<>(&QTimer::start));
  connect(&session_, &Session::reference_changed, &timer_, qOverload<>(&QTimer::start));
}

QString Autosave::left_behind() const { return QFile::exists(file_) ? file_ : QString(); }

void Autosave::forget() {
  timer_.stop();
  QFile::remove(file_);
}

void Autosave::write() {
  if (!session_.has_reference()) return;
  QDir().mkpath(QFileInfo(file_).path());
  // A failing autosave must not disturb: saving by hand says what is wrong.
  const Status status = formats::save_project(file_, session_.project(), {});
  static_cast<void>(status.ok());
}

}  // namespace yd::app
