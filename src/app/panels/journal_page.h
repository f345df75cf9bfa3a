#pragma once

#include <QButtonGroup>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QStackedWidget>

#include "panels/panel_parts.h"
#include "session/keeper.h"
#include "widgets/facts.h"

namespace yd::app {

/// What was found out: works, recipes, what the sticks lose, the artist's own times; found by words or by a colour.
class JournalPage : public QWidget {
  Q_OBJECT
 public:
  explicit JournalPage(Session& session, Keeper& keeper, QWidget* parent = nullptr);
  /// The colour that is pointed at, for "like this"; its target gets a recipe. -1: none.
  void set_target(int target);

 signals:
  void closed();
  void open_asked(const QString& file);

 protected:
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  enum Tab { works, recipes, sticks, times, tabs };
  QLayout* make_head();
  QWidget* make_lists();
  QWidget* make_work();
  QWidget* make_recipe();
  QWidget* make_stock();
  QWidget* make_times();
  QWidget* make_details();
  journal::Query query() const;
  void go(int tab);
  void refresh();
  void refresh_list();
  void refresh_stock();
  void refresh_times();
  void show_entry();
  void show_work(const QString& id);
  void show_recipe(qint64 id);
  void add_note();
  void take_out();
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
  QLabel* title_;
  QLabel* subject_;
  QLabel* board_;
  Facts* facts_;
  QLabel* sittings_;
  QLabel* notes_;
  QLineEdit* note_;
  QListWidget* kept_;
  QPushButton* open_;
  QPushButton* wear_;
  QLabel* recipe_title_;
  QLabel* swatch_;
  QLabel* recipe_words_;
  QLabel* recipe_where_;
  QPushButton* use_;
  QListWidget* stock_;
  QLabel* shopping_;
  Facts* pace_;
  QLabel* pace_words_;
  QPushButton* take_pace_;
  std::vector<journal::Recipe> shown_recipes_;
  int target_ = -1;
};

}  // namespace yd::app
