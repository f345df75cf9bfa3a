// SPDX-License-Identifier: MIT
#pragma once

#include <QMenu>
#include <QSettings>

#include "widgets/style.h"

namespace yd::app {

/// As it was left last; light and moving at first.
Comfort comfort_of(const QSettings& settings);

/// How the window is to be looked at: greys, contrast, motion; taken at once and kept.
class ComfortActions : public QObject {
  Q_OBJECT
 public:
  ComfortActions(QSettings& settings, QObject* parent);
  void fill_menu(QMenu& menu);

 private:
  void take(const Comfort& comfort);

  QSettings& settings_;
};

}  // namespace yd::app
