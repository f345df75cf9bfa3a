#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QSortFilterProxyModel>
#include <QTableView>

#include "models/collection_model.h"

namespace yd::app {

/// One collection as a table in place of the pictures: edited cell by cell, searched, sticks added and taken away.
class CollectionPage : public QWidget {
  Q_OBJECT
 public:
  explicit CollectionPage(Session& session, QWidget* parent = nullptr);
  void show_collection(const QString& id);

 signals:
  void closed();

 private:
  int source_row() const;
  void refresh_title();

  CollectionModel model_;
  QSortFilterProxyModel filtered_;
  QLabel* title_;
  QLineEdit* search_;
  QTableView* table_;
};

}  // namespace yd::app
