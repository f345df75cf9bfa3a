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
#include "widgets/drawers_view.h"

namespace yd::app {

/// One collection in place of the pictures: a box of drawers beside the stick that is chosen, searched, sticks added
/// and taken away; as a table for those who want it.
class CollectionPage : public QWidget {
  Q_OBJECT
 public:
  explicit CollectionPage(Session& session, QWidget* parent = nullptr);
  void show_collection(const QString& id);

 signals:
  void closed();

 private:
  QLayout* make_head();
  QWidget* make_box();
  void make_table();
  int chosen() const;
  void choose(int row);
  void refresh();

  CollectionModel model_;
  QSortFilterProxyModel filtered_;
  QLabel* title_;
  QLineEdit* search_;
  QPushButton* as_table_;
  QStackedWidget* ways_;
  DrawersView* drawers_;
  StickSection* stick_;
  QTableView* table_;
};

}  // namespace yd::app
