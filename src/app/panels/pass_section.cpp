// SPDX-License-Identifier: MIT
#include "panels/pass_section.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QScrollArea>
#include <QSignalBlocker>

#include "models/layer_words.h"
#include "panels/panel_parts.h"
#include "session/order_edits.h"

namespace yd::app {

PassSection::PassSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      passes_(new PassTable),
      why_(paragraph()),
      back_(new QPushButton(tr("Back"))),
      on_(new QPushButton(tr("Next pass"))),
      planner_(new QPushButton(tr("Planner's order"))) {
  dress_table(*passes_, "passes", model_, PassModel::stick);
  passes_->setAccessibleName(tr("Passes"));
  passes_->setColumnHidden(PassModel::technique, true);
  passes_->setColumnHidden(PassModel::masses, true);  // in full below, and lit in the picture
  why_->setObjectName("reason");
  why_->setContentsMargins(2, 2, 2, 2);
  back_->setObjectName("pass_back");
  on_->setObjectName("pass_on");
  planner_->setObjectName("planner_order");
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setAccessibleName(tr("Why here"));
  scroll->setWidget(why_);
  auto* row = new QHBoxLayout;
  row->addWidget(back_);
  row->addWidget(on_);
  row->addWidget(planner_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  column->addWidget(passes_, 3);
  column->addWidget(scroll, 2);
  column->addLayout(row);
  connect(passes_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &PassSection::select);
  connect(passes_, &PassTable::move_asked, this, &PassSection::move);
  connect(&model_, &PassModel::move_asked, this, &PassSection::move);
  connect(back_, &QPushButton::clicked, this, [this] { session_.set_cursor(session_.cursor() - 1); });
  connect(on_, &QPushButton::clicked, this, [this] { session_.set_cursor(session_.cursor() + 1); });
  connect(planner_, &QPushButton::clicked, this, [this] {
    Choices c = session_.choices();
    c.plan.order_by_hand.clear();
    session_.change(c, tr("Planner's order"));
  });
  connect(&session_, &Session::plan_changed, this, &PassSection::refresh_plan);
  connect(&session_, &Session::cursor_changed, this, &PassSection::refresh_cursor);
  refresh_plan();
}

void PassSection::move(int from, int to) {
  const PlannedPtr planned = session_.planned();
  if (!planned || from < 0) return;
  const MovedPass moved = move_pass(*planned, session_.choices(), from, to);
  if (moved.choices) {
    session_.change(*moved.choices, tr("Pass moved"));
    session_.set_cursor(to + 1);
  }
  if (!moved.says.isEmpty()) emit says(moved.says);
}

void PassSection::select(const QModelIndex& index) {
  if (!index.isValid()) return;
  session_.set_cursor(index.row() + 1);
  session_.set_lit_pass(index.row() + 1);
}

void PassSection::refresh_plan() {
  {
    const QSignalBlocker quiet(passes_->selectionModel());
    model_.set_plan(session_.planned());
  }
  planner_->setEnabled(!session_.choices().plan.order_by_hand.empty());
  refresh_cursor();
}

void PassSection::refresh_cursor() {
  const int at = session_.cursor();
  const int all = model_.rowCount();
  back_->setEnabled(at > 0);
  on_->setEnabled(at < all);
  const QSignalBlocker quiet(passes_->selectionModel());
  const QModelIndex index = model_.index(at - 1, 0);
  passes_->setCurrentIndex(index);
  passes_->scrollTo(index);
  passes_->viewport()->update();
  const PlannedPtr planned = session_.planned();
  why_->setText(index.isValid() ? why_words(*planned, session_.parameters(), at - 1)
                : all > 0       ? tr("The bare paper.")
                                : tr("Open a picture: its passes will stand here, each with its reasons."));
}

}  // namespace yd::app
