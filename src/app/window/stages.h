// SPDX-License-Identifier: MIT
#pragma once

#include <QListView>
#include <QStackedWidget>

#include "models/course_model.h"
#include "panels/check_panel.h"
#include "panels/colour_panel.h"
#include "panels/ground_panel.h"
#include "panels/layers_panel.h"
#include "panels/subject_panel.h"
#include "panels/tray_panel.h"
#include "session/session.h"
#include "widgets/bench.h"

namespace yd::app {

/// The line of the stages and the bench of each: a stage is added here and nowhere else.
class Stages : public QObject {
  Q_OBJECT
 public:
  Stages(Session& session, Advice& advice, Checker& checker, QWidget* parent);
  QListView* course() { return course_; }
  QStackedWidget* benches() { return benches_; }
  ColourPanel* colour_panel() { return colour_; }
  /// The card of the colour under the pointer is opened on whatever bench is there.
  void show_colour();
  SubjectPanel* subject_panel() { return subject_; }
  GroundPanel* ground_panel() { return ground_; }
  TrayPanel* tray_panel() { return tray_; }
  LayersPanel* layers_panel() { return layers_; }
  CheckPanel* check_panel() { return check_; }
  Stage stage() const { return static_cast<Stage>(benches_->currentIndex()); }
  void go(Stage stage);

 signals:
  void stage_changed(Stage stage);
  void easel_asked();

 private:
  void add(Bench* bench) { benches_->addWidget(bench); }
  void lend_colour_card();
  void follow(const QModelIndex& index);

  CourseModel model_;
  QListView* course_;
  QStackedWidget* benches_;
  ColourPanel* colour_;
  Card* colour_card_;
  SubjectPanel* subject_;
  GroundPanel* ground_;
  TrayPanel* tray_;
  LayersPanel* layers_;
  CheckPanel* check_;
};

}  // namespace yd::app
