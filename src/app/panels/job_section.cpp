#include "panels/job_section.h"

#include <QScrollArea>
#include <QVBoxLayout>

#include "models/layer_words.h"
#include "panels/panel_parts.h"

namespace yd::app {

JobSection::JobSection(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), passages_(table("passages", model_, JobModel::name)), about_(paragraph()) {
  passages_->setAccessibleName(tr("Passages"));
  about_->setObjectName("passage_about");
  about_->setContentsMargins(2, 2, 2, 2);
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setAccessibleName(tr("The passage"));
  scroll->setWidget(about_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  column->addWidget(passages_, 3);
  column->addWidget(scroll, 3);
  connect(passages_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &JobSection::select);
  connect(&session_, &Session::plan_changed, this, &JobSection::refresh_plan);
  refresh_plan();
}

void JobSection::refresh_plan() {
  model_.set_plan(session_.planned());
  about_->setText(session_.planned()
                      ? tr("Choose a passage: it is lit in the picture.")
                      : tr("Open a picture: the whole job will stand here, from the drawing to the end."));
}

void JobSection::select(const QModelIndex& index) {
  const PlannedPtr planned = session_.planned();
  if (!index.isValid() || !planned) return;
  const plan::Passage& p = planned->guide.passages[static_cast<std::size_t>(index.row())];
  session_.set_cursor(p.last + 1);
  session_.set_lit_passes(p.has_passes() ? p.first + 1 : 0, p.has_passes() ? p.last + 1 : 0);
  about_->setText(passage_words(view_of(*planned, session_.materials().model.parameters), index.row()));
}

}  // namespace yd::app
