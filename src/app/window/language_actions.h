// SPDX-License-Identifier: MIT
#pragma once

#include <QMenu>
#include <QSettings>

#include "widgets/notice_bar.h"
#include "window/file_actions.h"

namespace yd::app {

/// The language that was chosen, by its code; empty: as the system has it.
QString language_of(const QSettings& settings);

/// Which language the window speaks. A window speaks one from its beginning to its end: another begins with a new
/// window, on the same project.
class LanguageActions : public QObject {
  Q_OBJECT
 public:
  LanguageActions(QSettings& settings, FileActions& files, NoticeBar& notice, QWidget& window);
  void fill_menu(QMenu& menu);
  /// The window was closed for another to take its place.
  bool anew() const { return anew_; }

 private:
  void take(const QString& code);

  QSettings& settings_;
  FileActions& files_;
  NoticeBar& notice_;
  QWidget& window_;
  bool anew_ = false;
};

}  // namespace yd::app
