// SPDX-License-Identifier: MIT
#pragma once

#include <QFuture>
#include <QLockFile>
#include <QObject>
#include <QString>
#include <QStringList>
#include <QThreadPool>
#include <QTimer>

#include "session/session.h"

namespace yd::app {

/// Keeps a copy of unsaved work, one for each running program, in a folder they share. A copy is written a moment after
/// every change and goes only when its work was saved or given up by the artist; what a crash or a kill left behind is
/// found by the next program that starts, as soon as its owner is gone. Marks at the easel are made with dusty hands
/// and not repeated: they are on the disk when mark() returns, in a small file beside the copy.
class Autosave : public QObject {
  Q_OBJECT
 public:
  Autosave(Session& session, const QString& folder, QObject* parent = nullptr);
  ~Autosave() override;

  /// Copies whose program is gone, the newest first.
  QStringList left_behind() const;
  /// The work of a copy. Errors as load_project.
  static Result<formats::Project> read(const QString& copy);
  /// Brought back so often without a plan that it is likelier to end the program than to be of use.
  static constexpr int kMostTries = 2;
  /// Moves such copies where they are not offered any more, and says where that is.
  QStringList put_aside() const;
  /// Takes a copy that was brought back over as this program's own.
  void adopt(const QString& copy);
  /// The artist does not want it.
  static void discard(const QString& copy);
  /// The work was saved or given up: this program's copy goes.
  void forget();
  /// This program's copy, there or not.
  const QString& file() const { return file_; }

 private:
  void write();
  void mark();

  Session& session_;
  QString file_;
  QLockFile lock_;
  QTimer timer_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFuture<void> writing_;
};

}  // namespace yd::app
