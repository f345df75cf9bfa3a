// SPDX-License-Identifier: MIT
#pragma once

#include <QMenu>
#include <QPushButton>
#include <QStackedWidget>

#include "models/help.h"
#include "panels/journal_page.h"
#include "panels/practice_page.h"
#include "session/checker.h"
#include "widgets/notice_bar.h"
#include "window/file_actions.h"
#include "window/stages.h"

namespace yd::app {

/// Journal and practice beside the stages: their pages, their menu, a recipe kept or used with one key.
class NotesActions : public QObject {
  Q_OBJECT
 public:
  NotesActions(Session& session, Keeper& keeper, Checker& checker, Stages& stages, FileActions& files,
               NoticeBar& notice, QStackedWidget& centre);
  void fill_menu(QMenu& menu);
  /// "Journal" and "Practice", to stand beside the stages.
  QWidget* make_buttons();
  JournalPage& journal() { return *journal_; }
  PracticePage& practice() { return *practice_; }
  /// Which of our pages is shown.
  std::optional<HelpTopic> topic() const;
  void show_journal();
  void show_practice();

 signals:
  /// A page of ours takes the pictures' place.
  void page_asked();

 private:
  void keep();
  void use_last();
  void keep_photo();
  void back();
  void tell_bias();

  Session& session_;
  Keeper& keeper_;
  Checker& checker_;
  Stages& stages_;
  NoticeBar& notice_;
  QStackedWidget& centre_;
  JournalPage* journal_;
  PracticePage* practice_;
};

}  // namespace yd::app
