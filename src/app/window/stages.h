#pragma once

#include <QListView>
#include <QStackedWidget>
#include <QTabWidget>

#include "models/course_model.h"
#include "panels/colour_panel.h"
#include "panels/ground_panel.h"
#include "panels/layers_panel.h"
#include "panels/subject_panel.h"
#include "panels/tray_panel.h"
#include "session/session.h"

namespace yd::app {

/// The course rail and the side panels that follow it.
class Stages : public QObject {
  Q_OBJECT
 public:
  Stages(Session& session, Advice& advice, QWidget* parent);
  QListView* course() { return course_; }
  QWidget* side() { return tabs_; }
  ColourPanel* colour_panel() { return colour_; }
  /// The panel of the colour under the pointer instead of the stage's.
  void show_colour() { tabs_->setCurrentIndex(1); }
  SubjectPanel* subject_panel() { return subject_; }
  GroundPanel* ground_panel() { return ground_; }
  TrayPanel* tray_panel() { return tray_; }
  LayersPanel* layers_panel() { return layers_; }
  Stage stage() const { return static_cast<Stage>(side_->currentIndex()); }
  void go(Stage stage);

 signals:
  void stage_changed(Stage stage);

 private:
  CourseModel model_;
  QListView* course_;
  QStackedWidget* side_;
  QTabWidget* tabs_;
  ColourPanel* colour_;
  SubjectPanel* subject_;
  GroundPanel* ground_;
  TrayPanel* tray_;
  LayersPanel* layers_;
};

}  // namespace yd::app
