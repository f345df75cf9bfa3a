// SPDX-License-Identifier: MIT
#pragma once

#include <QButtonGroup>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QStackedWidget>

#include "panels/journal_figures.h"
#include "panels/work_details.h"
#include "session/keeper.h"

namespace yd::app {

/// What was found out: works, recipes, what the sticks lose, the artist's own times; found by words or by a colour.
class JournalPage : public QWidget {
  Q_OBJECT
 public:
  explicit JournalPage(Session& session, Keeper& keeper, QWidget* parent = nullptr);
  /// The colour that is pointed at, for "like this"; its target gets a recipe. -1: none.
  void set_target(int target);
  /// The keys go to the search.
  void begin() { find_->setFocus(); }

 signals:
  void closed();
  void open_asked(const QString& file);
  /// The colours of this work are to be borrowed.
  void palette_asked(const QString& file);

 protected:
  bool event(QEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  enum Tab { works, recipes, sticks, times, tabs };
  QLayout* make_head();
  QWidget* make_lists();
  QWidget* make_recipe();
  journal::Query query() const;
  void go(int tab);
  void refresh();
  void refresh_list();
  void show_entry();
  void show_recipe(qint64 id);
  void forget();
  void use_recipe();
  QString chosen() const;

  Session& session_;
  Keeper& keeper_;
  QButtonGroup* tabs_;
  QLineEdit* find_;
  QPushButton* like_;
  QStackedWidget* pages_;
  QListWidget* list_;
  QStackedWidget* details_;
  QLabel* empty_;
  WorkDetails* work_;
  QLabel* recipe_title_;
  QLabel* swatch_;
  QLabel* recipe_words_;
  QLabel* recipe_where_;
  QPushButton* use_;
  StockSection* stock_;
  TimesSection* times_;
  std::vector<journal::Recipe> shown_recipes_;
  int target_ = -1;
};

}  // namespace yd::app
