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
      side_(new QStackedWidget),
      tabs_(new QTabWidget(parent)),
      colour_(new ColourPanel(session)),
      subject_(new SubjectPanel(session)) {
  course_->setObjectName("course");
  course_->setAccessibleName(tr("Course: the stages of the work"));
  course_->setModel(&model_);
  course_->setItemDelegate(new CourseDelegate(course_));
  course_->setFixedWidth(112);
  course_->setSpacing(3);
  course_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  side_->setObjectName("side");
  tabs_->setObjectName("side_tabs");
  tabs_->setFixedWidth(352);
  tabs_->setDocumentMode(true);
  tabs_->addTab(side_, tr("Stage"));
  tabs_->addTab(colour_, tr("Colour"));
  side_->addWidget(subject_);
  side_->addWidget(new GroundPanel(session));
  side_->addWidget(new TrayPanel(session));
  side_->addWidget(new LayersPanel(session));
  connect(course_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& index) {
    side_->setCurrentIndex(index.row());
    tabs_->setCurrentIndex(0);
  });
  go(Stage::subject);
}

void Stages::go(Stage stage) { course_->setCurrentIndex(model_.index(static_cast<int>(stage))); }

}  // namespace yd::app
