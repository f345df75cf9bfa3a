#pragma once

#include <QListView>
#include <QStackedWidget>

#include "models/course_model.h"
#include "panels/subject_panel.h"
#include "session/session.h"

namespace yd::app {

/// The course rail and the side panels that follow it.
class Stages : public QObject {
  Q_OBJECT
 public:
  Stages(Session& session, QWidget* parent);
  QListView* course() { return course_; }
  QStackedWidget* side() { return side_; }
  SubjectPanel* subject_panel() { return subject_; }
  void go(Stage stage);

 private:
  CourseModel model_;
  QListView* course_;
  QStackedWidget* side_;
  SubjectPanel* subject_;
};

}  // namespace yd::app
