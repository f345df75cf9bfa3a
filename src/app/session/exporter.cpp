// SPDX-License-Identifier: MIT
#include "session/exporter.h"

#include <QtConcurrentRun>

#include "session/polite.h"
#include "session/reporter.h"
#include "session/sentences.h"

namespace yd::app {

Exporter::Exporter(Session& session, QObject* parent) : QObject(parent), session_(session) {
  connect(&watcher_, &QFutureWatcher<Status>::finished, this, [this] {
    const Status status = watcher_.result();
    emit busy_changed(false);
    if (status.ok()) return emit written(file_);
    if (status.error().code != Error::Code::cancelled) emit failed(sentence(status.error()));
  });
}

Exporter::~Exporter() {
  if (reporter_) reporter_->stop();
  watcher_.disconnect(this);
  watcher_.waitForFinished();
}

void Exporter::cancel() {
  if (reporter_) reporter_->stop();
}

bool Exporter::begin(const QString& file, exports::ExportOptions options) {
  const PlannedPtr planned = session_.planned();
  if (busy() || !planned) return false;
  if (const Status may = session_.read_files().may_write(file); !may) {
    emit failed(sentence(may.error()));
    return false;
  }
  file_ = file;
  reporter_ = std::make_shared<Reporter>(this, [this](double f, const QString& step) { emit progressed(f, step); });
  watcher_.setFuture(QtConcurrent::run(
      &pool_,
      [planned, file, options = std::move(options), parameters = session_.parameters(),
       composition = session_.choices().composition, reporter = reporter_]() -> Status {
        work_politely();
        return exports::export_file(file, view_of(*planned, parameters, composition), options, *reporter);
      }));
  emit busy_changed(true);
  return true;
}

}  // namespace yd::app
