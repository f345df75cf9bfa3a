// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QObject>
#include <QThreadPool>
#include <memory>

#include "exports/export_file.h"
#include "session/session.h"

namespace yd::app {

class Reporter;

/// Writes plans to files on a worker, one at a time, with progress and cancel.
class Exporter : public QObject {
  Q_OBJECT
 public:
  explicit Exporter(Session& session, QObject* parent = nullptr);
  ~Exporter() override;

  /// Begins; says nothing and does nothing where something is being written already or nothing is planned.
  bool begin(const QString& file, exports::ExportOptions options);
  bool busy() const { return watcher_.isRunning(); }
  void cancel();

 signals:
  void progressed(double fraction, const QString& step);
  void busy_changed(bool busy);
  void written(const QString& file);
  void failed(const QString& sentence);

 private:
  Session& session_;
  QString file_;
  std::shared_ptr<Reporter> reporter_;
  QThreadPool pool_;
  QFutureWatcher<Status> watcher_;
};

}  // namespace yd::app
