#pragma once

#include <QFuture>
#include <QObject>
#include <QThreadPool>
#include <QString>
#include <QTimer>

#include "session/session.h"

namespace yd::app {

/// Keeps a copy of unsaved work in a file of its own, written a moment after every change, removed when the work is
/// saved or given up. What is found there at the next start is what a crash or a kill left behind.
class Autosave : public QObject {
  Q_OBJECT
 public:
  Autosave(Session& session, QString file, QObject* parent = nullptr);

  ~Autosave() override;

  /// The file a killed run left, or empty.
  QString left_behind() const;
  void forget();

 private:
  void write();

  Session& session_;
  QString file_;
  QTimer timer_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFuture<void> writing_;
};

}  // namespace yd::app
