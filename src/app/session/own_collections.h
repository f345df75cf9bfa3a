// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>
#include <QSet>
#include <QTimer>

#include "session/session.h"

namespace yd::app {

/// Keeps collections the artist imported or edited in a folder of theirs, so that the next project finds them. A
/// shipped collection that was edited is kept under its id and goes before the shipped one.
class OwnCollections : public QObject {
  Q_OBJECT
 public:
  OwnCollections(Session& session, QString folder, QObject* parent = nullptr);
  /// Puts what the folder holds over the materials. Unreadable files are left where they are and named.
  static QStringList load_into(Materials& materials, const QString& folder);

 signals:
  void failed(const QString& sentence);

 private:
  void write();

  Session& session_;
  QString folder_;
  QSet<QString> changed_;
  QTimer timer_;
};

}  // namespace yd::app
