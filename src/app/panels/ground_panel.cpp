#include "panels/ground_panel.h"

#include <QItemSelectionModel>
#include <QSignalBlocker>

#include "colour/words.h"

namespace yd::app {

GroundPanel::GroundPanel(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), model_(session.materials()), list_(new QListView), about_(paragraph()) {
  list_->setObjectName("papers");
  list_->setAccessibleName(tr("Papers"));
  list_->setModel(&model_);
  about_->setObjectName("paper_about");
  auto* column = new QVBoxLayout(this);
  column->addWidget(heading(tr("The paper to work on")));
  column->addWidget(list_, 1);
  column->addWidget(about_);
  connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, &GroundPanel::choose);
  connect(&session_, &Session::choices_changed, this, &GroundPanel::refresh);
  connect(&session_, &Session::plan_changed, this, &GroundPanel::refresh);
  connect(&session_, &Session::reference_changed, &model_, &PaperModel::refresh);
  refresh();
}

void GroundPanel::choose(const QModelIndex& index) {
  if (!index.isValid()) return;
  Choices c = session_.choices();
  c.paper = index.data(Qt::UserRole).toString();
  session_.change(c, tr("Paper"));
}

void GroundPanel::refresh() {
  const media::Paper* paper = session_.materials().paper(session_.choices().paper);
  {
    const QSignalBlocker quiet(list_->selectionModel());
    list_->setCurrentIndex(model_.index(model_.row_of(session_.choices().paper)));
  }
  list_->viewport()->update();
  if (paper == nullptr) return;
  QString text = tr("%1: %2, value %3, %4.")
                     .arg(QString::fromStdString(paper->name), QString::fromStdString(colour::describe(paper->lab)))
                     .arg(colour::value_step(paper->lab.l), 0, 'f', 1)
                     .arg(QString::fromStdString(paper->surface));
  if (const PlannedPtr planned = session_.planned(); planned && planned->paper->id == paper->id) {
    text += "\n" + tr("On it, %1 sticks come within %2 ΔE00 on average, %3 at worst.")
                       .arg(planned->plan.tray.size())
                       .arg(planned->plan.area_mean_de00, 0, 'f', 1)
                       .arg(planned->plan.worst_de00, 0, 'f', 1);
  }
  about_->setText(text);
}

}  // namespace yd::app
