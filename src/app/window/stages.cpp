#include "window/stages.h"

#include <QItemSelectionModel>

#include "panels/ground_panel.h"
#include "widgets/course_delegate.h"
#include "panels/layers_panel.h"
#include "panels/tray_panel.h"

namespace yd::app {

Stages::Stages(Session& session, QWidget* parent)
    : QObject(parent),
      model_(session),
      course_(new QListView(parent)),
      side_(new QStackedWidget(parent)),
      subject_(new SubjectPanel(session)) {
  course_->setObjectName("course");
  course_->setAccessibleName(tr("Course: the stages of the work"));
  course_->setModel(&model_);
  course_->setItemDelegate(new CourseDelegate(course_));
  course_->setFixedWidth(112);
  course_->setSpacing(3);
  course_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  side_->setObjectName("side");
  side_->setFixedWidth(344);
  side_->addWidget(subject_);
  side_->addWidget(new GroundPanel(session));
  side_->addWidget(new TrayPanel(session));
  side_->addWidget(new LayersPanel(session));
  connect(course_->selectionModel(), &QItemSelectionModel::currentChanged, this,
          [this](const QModelIndex& index) { side_->setCurrentIndex(index.row()); });
  go(Stage::subject);
}

void Stages::go(Stage stage) { course_->setCurrentIndex(model_.index(static_cast<int>(stage))); }

}  // namespace yd::app
