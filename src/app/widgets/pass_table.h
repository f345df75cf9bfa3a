// SPDX-License-Identifier: MIT
#pragma once

#include <QTableView>

namespace yd::app {

/// A table whose rows are dragged to another place, or moved by Alt with the up and down keys.
class PassTable : public QTableView {
  Q_OBJECT
 public:
  explicit PassTable(QWidget* parent = nullptr);

 signals:
  void move_asked(int from, int to);

 protected:
  void keyPressEvent(QKeyEvent* event) override;
};

}  // namespace yd::app
