// SPDX-License-Identifier: MIT
#pragma once

#include <QMenu>
#include <QObject>

#include "session/exporter.h"
#include "widgets/notice_bar.h"

namespace yd::app {

/// Print and export: asks for a file, writes in the background, says where it went.
class ExportActions : public QObject {
  Q_OBJECT
 public:
  ExportActions(Session& session, NoticeBar& notice, QWidget* window);
  void fill_menu(QMenu& menu);
  Exporter& exporter() { return exporter_; }
  /// Squares of the drawing grid on outline sheets, along the longer side.
  static constexpr int kGrid = 8;

 private:
  void ask_marks();
  void ask(exports::What what, const QString& title, const QString& filter, const QString& suffix);

  Session& session_;
  NoticeBar& notice_;
  QWidget* window_;
  Exporter exporter_;
};

}  // namespace yd::app
