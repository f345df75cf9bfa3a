// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSortFilterProxyModel>
#include <QStackedWidget>
#include <QTableView>

#include "models/collection_model.h"
#include "panels/stick_section.h"
#include "session/stick_wish.h"
#include "widgets/drawers_view.h"
#include "widgets/tray_view.h"

namespace yd::app {

/// One collection in place of the pictures: a box of drawers beside the stick that is chosen, searched, sticks added
/// and taken away; as a table for those who want it. The tray lies there too: sticks are carried into it and out of it.
class CollectionPage : public QWidget {
  Q_OBJECT
 public:
  explicit CollectionPage(Session& session, QWidget* parent = nullptr);
  void show_collection(const QString& id);
  /// Marks it as owned and puts it into the tray.
  void own_and_take(int row);

 signals:
  void closed();
  /// A stick that cannot be put into the tray: not owned, or used up.
  void not_at_hand(int row, const QString& name, bool owned);

 private:
  QLayout* make_head();
  QWidget* make_box();
  void make_table();
  void make_menu();
  void wish(int row, StickWish asked);
  int chosen() const;
  void choose(int row);
  void refresh();
  void refresh_tray();
  /// Wishes are about the collection that is planned with; another one can be open here.
  bool planned_with() const;

  Session& session_;
  CollectionModel model_;
  QSortFilterProxyModel filtered_;
  QLabel* title_;
  QLineEdit* search_;
  QPushButton* as_table_;
  QStackedWidget* ways_;
  DrawersView* drawers_;
  StickSection* stick_;
  QLabel* tray_title_;
  TrayView* tray_;
  QTableView* table_;
};

}  // namespace yd::app
