// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>
#include <QString>

namespace yd::app {

/// Speaks a pass aloud where Qt's speech and a voice are installed; silent elsewhere.
class Voice : public QObject {
  Q_OBJECT
 public:
  explicit Voice(QObject* parent = nullptr);
  /// Looks for an engine the first time it is asked; slow engines are not started for those who never use them.
  bool available();
  void say(const QString& text);
  void hush();

 private:
  QObject* engine_ = nullptr;
  bool looked_ = false;
};

}  // namespace yd::app
