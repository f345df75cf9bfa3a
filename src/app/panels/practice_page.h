// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QListWidget>
#include <QPushButton>
#include <optional>

#include "panels/panel_parts.h"
#include "practice/drill.h"
#include "session/keeper.h"
#include "widgets/curve_view.h"
#include "widgets/task_view.h"

namespace yd::app {

/// Drills of a minute or two for the eye, one question at a time, and what they say of it over time.
class PracticePage : public QWidget {
  Q_OBJECT
 public:
  PracticePage(Session& session, Keeper& keeper, QWidget* parent = nullptr);
  /// `seed` of the next drill, for tests.
  void begin(practice::Kind kind, std::uint64_t seed);
  const std::optional<practice::Drill>& drill() const { return drill_; }

 signals:
  void closed();

 protected:
  bool event(QEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QWidget* make_choice();
  QWidget* make_task();
  QWidget* make_mixer();
  void start();
  void stop();
  void show_task();
  void answer(int choice);
  void answer_mixed();
  void finish();
  void show_history();
  practice::Kind kind() const;
  bool is_own(int key) const;

  Session& session_;
  Keeper& keeper_;
  QListWidget* kinds_;
  QComboBox* family_;
  QPushButton* start_;
  QLabel* about_;
  CurveView* history_;
  QLabel* said_;
  QLabel* question_;
  QLabel* count_;
  TaskView* task_;
  QWidget* answers_;
  QList<QComboBox*> mix_sticks_;  ///< filled while the mixer is made, so they stand before it
  QList<QComboBox*> mix_hows_;
  QWidget* mixer_;
  QLabel* feedback_;
  practice::Material material_;
  PlannedPtr planned_;
  std::optional<practice::Drill> drill_;
};

}  // namespace yd::app
