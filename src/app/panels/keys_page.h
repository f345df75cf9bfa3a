// SPDX-License-Identifier: MIT
#pragma once

#include <QList>
#include <QScrollArea>

namespace yd::app {

/// A key and what it does.
struct KeyLine {
  QString key;
  QString does;
};
struct KeyGroup {
  QString title;
  QList<KeyLine> lines;
};

/// All keys on one page.
class KeysPage : public QScrollArea {
  Q_OBJECT
 public:
  explicit KeysPage(QWidget* parent = nullptr);
  void set_groups(const QList<KeyGroup>& groups);

 signals:
  void closed();
};

/// Keys that are no actions of a menu: on the pictures, the core sample, the tray, at the easel.
QList<KeyGroup> keys_in_places();

}  // namespace yd::app
