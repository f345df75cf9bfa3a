// SPDX-License-Identifier: MIT
#pragma once

#include <QStyledItemDelegate>
#include <QTableView>

namespace yd::app {

/// Typing a column from row to row: Enter takes what was typed and opens the row below.
class DownTheList : public QStyledItemDelegate {
  Q_OBJECT
 public:
  explicit DownTheList(QTableView& table);

 protected:
  bool eventFilter(QObject* editor, QEvent* event) override;

 private:
  QTableView& table_;
};

}  // namespace yd::app
