#include "session/autosave.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QtConcurrentRun>

#include "formats/project.h"
#include "session/polite.h"

namespace yd::app {
namespace {

constexpr int kPause_ms = 1500;

}  // namespace

Autosave::Autosave(Session& session, QString file, QObject* parent)
    : QObject(parent), session_(session), file_(std::move(file)) {
  timer_.setSingleShot(true);
  timer_.setInterval(kPause_ms);
  connect(&timer_, &QTimer::timeout, this, &Autosave::write);
  connect(&session_, &Session::choices_changed, &timer_, qOverload<>(&QTimer::start));
  // A mark at the easel is made with dusty hands and not repeated: it is written at once.
  connect(&session_, &Session::marks_changed, this, [this] { timer_.start(0); });
  connect(&session_, &Session::reference_changed, &timer_, qOverload<>(&QTimer::start));
}

QString Autosave::left_behind() const { return QFile::exists(file_) ? file_ : QString(); }

Autosave::~Autosave() { writing_.waitForFinished(); }

void Autosave::forget() {
  timer_.stop();
  writing_.waitForFinished();
  QFile::remove(file_);
}

void Autosave::write() {
  timer_.setInterval(kPause_ms);
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
