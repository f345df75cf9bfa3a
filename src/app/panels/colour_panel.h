// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QPushButton>

#include "models/recipe_view.h"
#include "panels/panel_parts.h"
#include "session/session.h"
#include "widgets/stack_view.h"

namespace yd::app {

/// The colour under the pointer: its stack, why it is or is not reached, and the other stacks to choose from.
class ColourPanel : public QWidget {
  Q_OBJECT
 public:
  explicit ColourPanel(Session& session, QWidget* parent = nullptr);

  /// Shows the target at a pixel of the working image; pixels outside leave what was shown.
  void show_pixel(QPoint pixel);
  /// What is shown; -1: nothing.
  int target() const { return target_; }

 signals:
  /// Its recipe is to be kept in the journal, or the one kept last is to be used for it.
  void keep_asked();
  void kept_asked();

 private:
  void show_target(int target);
  void refresh();
  void choose();

  Session& session_;
  AlternativeModel model_;
  QLabel* title_;
  QComboBox* lights_;
  StackView* stack_;
  QLabel* words_;
  QTableView* list_;
  QPushButton* use_;
  QPushButton* give_back_;
  QPushButton* keep_;
  QPushButton* kept_;
  int target_ = -1;
};

}  // namespace yd::app
