// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>

#include "panels/check_panel.h"
#include "widgets/pair.h"

namespace yd::app {

/// At the stage Check the pair shows the photograph beside what should be there by now.
class CheckLooks : public QObject {
  Q_OBJECT
 public:
  CheckLooks(Checker& checker, CheckPanel& panel, Pair& pair, QWidget* window);
  /// Whether the open stage is Check.
  void set_open(bool open);
  /// Whether there is a photograph to be shown in place of the subject.
  bool showing() const;
  void show_left();
  void show_right();
  /// The mass that is spoken of, lit on both.
  void show_lit();
  void ask_file();

 signals:
  /// What the pair shows is another.
  void changed();

 private:
  Checker& checker_;
  CheckPanel& panel_;
  Pair& pair_;
  QWidget* window_;
  bool open_ = false;
};

}  // namespace yd::app
