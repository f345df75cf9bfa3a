#include "panels/layers_panel.h"

#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QSignalBlocker>
#include <algorithm>

namespace yd::app {
namespace {

constexpr int kMergeStrokes = 4;  // undo steps of this slider join

}  // namespace

LayersPanel::LayersPanel(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      passes_(table("passes", model_, PassModel::stick)),
      reason_(paragraph()),
      care_(paragraph()),
      back_(new QPushButton(tr("Back"))),
      on_(new QPushButton(tr("Next pass"))),
      rubbed_(new QCheckBox(tr("Rubbing allowed"))),
      strokes_(new LabelledSlider(tr("Most strokes in a stack"), "strokes", 1, 4)) {
  passes_->setAccessibleName(tr("Passes"));
  reason_->setObjectName("reason");
  reason_->setMinimumHeight(48);
  care_->setObjectName("care");
  back_->setObjectName("pass_back");
  on_->setObjectName("pass_on");
  rubbed_->setObjectName("rubbed");
  auto* row = new QHBoxLayout;
  row->addWidget(back_);
  row->addWidget(on_);
  auto* column = new QVBoxLayout(this);
  column->addWidget(heading(tr("Far to near, dark to light")));
  column->addWidget(rubbed_);
  column->addWidget(strokes_);
  column->addWidget(passes_, 1);
  column->addWidget(reason_);
  column->addLayout(row);
  column->addWidget(care_);
  connect(passes_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &LayersPanel::select);
  connect(back_, &QPushButton::clicked, this, [this] { session_.set_cursor(session_.cursor() - 1); });
  connect(on_, &QPushButton::clicked, this, [this] { session_.set_cursor(session_.cursor() + 1); });
  connect(rubbed_, &QCheckBox::clicked, this, [this](bool on) {
    Choices c = session_.choices();
    c.plan.allow_rubbed = on;
    session_.change(c, tr("Rubbing"));
  });
  connect(&session_, &Session::plan_changed, this, &LayersPanel::refresh_plan);
  connect(&session_, &Session::cursor_changed, this, &LayersPanel::refresh_cursor);
  connect(strokes_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.plan.most_strokes = v;
    session_.change(c, tr("Strokes in a stack"), kMergeStrokes);
  });
  connect(&session_, &Session::choices_changed, this, &LayersPanel::refresh_choices);
  refresh_choices();
  refresh_plan();
}

void LayersPanel::refresh_choices() {
  rubbed_->setChecked(session_.choices().plan.allow_rubbed);
  strokes_->show_value(session_.choices().plan.most_strokes);
}

void LayersPanel::select(const QModelIndex& index) {
  if (!index.isValid()) return;
  session_.set_cursor(index.row() + 1);
  session_.set_lit_pass(index.row() + 1);
}

void LayersPanel::refresh_plan() {
  {
    const QSignalBlocker quiet(passes_->selectionModel());
    model_.set_plan(session_.planned());
  }
  const PlannedPtr planned = session_.planned();
  const bool care = planned && std::any_of(planned->plan.tray.begin(), planned->plan.tray.end(), [&](int i) {
                      return media::needs_care(planned->collection->sticks[static_cast<std::size_t>(i)]);
                    });
  care_->setText(
      planned
          ? tr("Dust: do not blow it off; tip the board over a bin and wipe up damp. No food or drink; wash your "
               "hands.%1 "
               "Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.")
                .arg(care ? tr(" This tray holds pigments that are harmful if breathed or swallowed: wear a dust mask.")
                          : QString())
          : QString());
  refresh_cursor();
}

void LayersPanel::refresh_cursor() {
  const int at = session_.cursor();
  const int all = model_.rowCount();
  back_->setEnabled(at > 0);
  on_->setEnabled(at < all);
  const QSignalBlocker quiet(passes_->selectionModel());
  const QModelIndex index = model_.index(at - 1, 0);
  passes_->setCurrentIndex(index);
  passes_->scrollTo(index);
  passes_->viewport()->update();
  reason_->setText(index.isValid() ? index.data(Qt::UserRole).toString() : all > 0 ? tr("The bare paper.") : QString());
}

}  // namespace yd::app
