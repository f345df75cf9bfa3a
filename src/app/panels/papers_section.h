// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QWidget>

#include "session/advice.h"
#include "session/session.h"

namespace yd::app {

/// What the best other papers would bring: the whole plan on each, and a click that takes it.
class PapersSection : public QWidget {
  Q_OBJECT
 public:
  PapersSection(Session& session, Advice& advice, QWidget* parent = nullptr);

 private:
  void refresh();
  void take(QListWidgetItem* item);

  Session& session_;
  Advice& advice_;
  QPushButton* work_out_;
  QListWidget* list_;
  QLabel* words_;
};

}  // namespace yd::app
