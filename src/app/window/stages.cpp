#include "window/stages.h"

#include <QItemSelectionModel>

#include "panels/coat_panel.h"
#include "widgets/course_delegate.h"

namespace yd::app {

Stages::Stages(Session& session, Advice& advice, QWidget* parent)
    : QObject(parent),
      model_(session),
      course_(new QListView(parent)),
      side_(new QStackedWidget),
      tabs_(new QTabWidget(parent)),
      colour_(new ColourPanel(session)),
      subject_(new SubjectPanel(session)),
      ground_(new GroundPanel(session, advice)),
      tray_(new TrayPanel(session, advice)),
      layers_(new LayersPanel(session)) {
  course_->setObjectName("course");
  course_->setAccessibleName(tr("Course: the stages of the work"));
  course_->setModel(&model_);
  course_->setItemDelegate(new CourseDelegate(course_));
  course_->setFixedWidth(124);
  course_->setSpacing(3);
  course_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  side_->setObjectName("side");
  tabs_->setObjectName("side_tabs");
  tabs_->setFixedWidth(352);
  tabs_->setDocumentMode(true);
  tabs_->addTab(side_, tr("Stage"));
  tabs_->addTab(colour_, tr("Colour"));
  side_->addWidget(subject_);
  side_->addWidget(ground_);
  side_->addWidget(tray_);
  side_->addWidget(new CoatPanel(session, advice));
  side_->addWidget(layers_);
  connect(course_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& index) {
    side_->setCurrentIndex(index.row());
    tabs_->setCurrentIndex(0);
    emit stage_changed(stage());
  });
  // Each stage has worked out what it shows, and nothing else.
  connect(this, &Stages::stage_changed, &advice, [&advice](Stage stage) {
    switch (stage) {
      case Stage::ground:
        return advice.ask({Need::grounds});
      case Stage::tray:
        return advice.ask({Need::curve, Need::proof});
      case Stage::underpainting:
        return advice.ask({Need::coats});
      case Stage::subject:
      case Stage::layers:
        return advice.ask({});
    }
  });
  go(Stage::subject);
}

void Stages::go(Stage stage) { course_->setCurrentIndex(model_.index(static_cast<int>(stage))); }

}  // namespace yd::app
