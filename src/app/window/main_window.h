// SPDX-License-Identifier: MIT
#pragma once

#include <QHBoxLayout>
#include <QLabel>
#include <QMainWindow>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QStackedWidget>

#include "panels/easel_page.h"
#include "session/autosave.h"
#include "session/preview.h"
#include "session/session.h"
#include "widgets/empty_state.h"
#include "widgets/notice_bar.h"
#include "widgets/pair.h"
#include "widgets/workbench.h"
#include "window/check_looks.h"
#include "window/comfort_actions.h"
#include "window/export_actions.h"
#include "window/file_actions.h"
#include "window/language_actions.h"
#include "window/notes_actions.h"
#include "window/sheets_actions.h"
#include "window/stages.h"
#include "window/subject_tools.h"

namespace yd::app {

/// The one window: the easel over the bench, or the easel alone.
class MainWindow : public QMainWindow {
  Q_OBJECT
 public:
  MainWindow(Session& session, Advice& advice, Checker& checker, Keeper& keeper, Autosave& autosave, EaselWork& easel,
             QSettings& settings);
  FileActions& files() { return *files_; }
  Stages& stages() { return *stages_; }
  SheetsActions& sheets() { return *sheets_; }
  SubjectTools& tools() { return *tools_; }
  ExportActions& exports() { return *export_; }
  NotesActions& notes() { return *notes_; }
  const LanguageActions& languages() const { return *languages_; }
  /// The easel over the whole window, or the plan again.
  void show_easel(bool on);
  bool at_easel() const { return pages_->currentIndex() == 1; }
  /// Points at a place of the picture, given as shares of its width and height, and shows its colour.
  void point_at(QPointF share);

 protected:
  void changeEvent(QEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

 private:
  QWidget* make_centre();
  void make_easel(EaselWork& easel);
  QWidget* make_tail();
  void make_look_menu();
  QWidget* make_look_buttons();
  void make_menus();
  void hear_keys_everywhere();
  void follow_session();
  void follow_work();
  void follow_check();
  void show_subject();
  void show_preview(double strength);
  void show_other();
  void show_true_size();
  void show_keys();
  void show_help();
  void make_help_menu();
  void show_step(const QString& text);
  void compare_without(bool on);
  void show_board();
  void show_lit();
  void show_busy(bool busy);
  void read_pointer(QPoint pixel);

  Session& session_;
  Advice& advice_;
  Checker& checker_;
  NoticeBar* notice_;
  FileActions* files_;
  ExportActions* export_;
  QStackedWidget* pages_;
  EaselPage* easel_ = nullptr;
  Stages* stages_;
  QStackedWidget* centre_;
  Pair* pair_;
  Workbench* bench_ = nullptr;
  QHBoxLayout* tail_ = nullptr;
  SheetsActions* sheets_ = nullptr;
  SubjectTools* tools_ = nullptr;
  ComfortActions* comfort_;
  LanguageActions* languages_;
  CheckLooks* check_ = nullptr;
  NotesActions* notes_ = nullptr;
  QAction* without_ = nullptr;
  QAction* marks_ = nullptr;
  QStringList look_pictures_;   ///< their icons, by name
  bool help_at_easel_ = false;  ///< asked for at the easel: it is shown again after it
  QList<QAction*> looks_;       ///< ways to look at the pair
  QProgressBar* progress_;
  QPushButton* cancel_;
  QLabel* step_;
  SquintPreview* preview_;
};

}  // namespace yd::app
