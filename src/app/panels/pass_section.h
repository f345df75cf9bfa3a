// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include "models/pass_model.h"
#include "session/session.h"
#include "widgets/pass_table.h"

namespace yd::app {

/// The passes in their order, why each stands where it stands, and moving them.
class PassSection : public QWidget {
  Q_OBJECT
 public:
  explicit PassSection(Session& session, QWidget* parent = nullptr);

 signals:
  void says(const QString& sentence);

 private:
  void refresh_plan();
  void refresh_cursor();
  void select(const QModelIndex& index);
  void move(int from, int to);

  Session& session_;
  PassModel model_;
  PassTable* passes_;
  QLabel* why_;
  QPushButton* back_;
  QPushButton* on_;
  QPushButton* planner_;
};

}  // namespace yd::app
