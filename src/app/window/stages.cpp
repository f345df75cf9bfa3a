// SPDX-License-Identifier: MIT
#include "window/stages.h"

#include <QItemSelectionModel>

#include "panels/coat_panel.h"
#include "widgets/course_line.h"

namespace yd::app {
namespace {

/// What a stage shows is worked out when it is gone to, and nothing else.
std::vector<Need> needs_of(Stage stage) {
  switch (stage) {
    case Stage::ground:
      return {Need::grounds};
    case Stage::tray:
      return {Need::curve, Need::proof};
    case Stage::underpainting:
      return {Need::coats};
    case Stage::subject:
    case Stage::layers:
    case Stage::check:
    case Stage::easel:
      return {};
  }
  return {};
}

}  // namespace

Stages::Stages(Session& session, Advice& advice, Checker& checker, QWidget* parent)
    : QObject(parent),
      model_(session, checker),
      course_(new CourseLine(parent)),
      benches_(new QStackedWidget),
      colour_(new ColourPanel(session)),
      colour_card_(new Card(tr("Colour"), "card_colour", colour_, 330)),
      subject_(new SubjectPanel(session)),
      ground_(new GroundPanel(session, advice)),
      tray_(new TrayPanel(session, advice)),
      layers_(new LayersPanel(session, advice)),
      check_(new CheckPanel(session, checker)) {
  course_->setObjectName("course");
  course_->setAccessibleName(tr("Course: the stages of the work"));
  course_->setModel(&model_);
  benches_->setObjectName("side");
  for (Bench* bench :
       std::initializer_list<Bench*>{subject_, ground_, tray_, new CoatPanel(session, advice), layers_, check_})
    add(bench);
  connect(course_->selectionModel(), &QItemSelectionModel::currentChanged, this, &Stages::follow);
  connect(course_, &QListView::clicked, this, [this](const QModelIndex& index) {
    if (static_cast<Stage>(index.row()) == Stage::easel) emit easel_asked();
  });
  connect(course_, &QListView::activated, this, [this](const QModelIndex& index) {
    if (static_cast<Stage>(index.row()) == Stage::easel) emit easel_asked();
  });
  connect(this, &Stages::stage_changed, &advice, [&advice](Stage stage) { advice.ask(needs_of(stage)); });
  go(Stage::subject);
}

void Stages::follow(const QModelIndex& index) {
  const auto stage = static_cast<Stage>(index.row());
  // The easel has a page of its own; the bench stays.
  if (!index.isValid() || stage == Stage::easel) return;
  benches_->setCurrentIndex(index.row());
  lend_colour_card();
  emit stage_changed(stage);
}

void Stages::lend_colour_card() {
  auto* bench = qobject_cast<Bench*>(benches_->currentWidget());
  if (bench == nullptr || colour_card_->parentWidget() == bench) return;
  if (auto* before = qobject_cast<Bench*>(colour_card_->parentWidget())) before->take(colour_card_);
  bench->add(colour_card_, true);
}

void Stages::show_colour() {
  if (auto* bench = qobject_cast<Bench*>(benches_->currentWidget())) bench->open(colour_card_);
}

void Stages::go(Stage stage) { course_->setCurrentIndex(model_.index(static_cast<int>(stage))); }

}  // namespace yd::app
