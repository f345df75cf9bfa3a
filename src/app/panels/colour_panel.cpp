// SPDX-License-Identifier: MIT
#include "panels/colour_panel.h"

#include <QHBoxLayout>
#include <QHeaderView>

#include "looks/greys.h"
#include "models/reading.h"

namespace yd::app {
ColourPanel::ColourPanel(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      title_(heading(tr("Point at the picture"))),
      lights_(new QComboBox),
      stack_(new StackView),
      words_(paragraph()),
      list_(table("alternatives", model_, AlternativeModel::recipe)),
      use_(new QPushButton(tr("Use this recipe"))),
      give_back_(new QPushButton(tr("Planner's choice"))),
      keep_(new QPushButton(tr("Keep it (K)"))),
      kept_(new QPushButton(tr("Use the one kept"))) {
  lights_->setObjectName("lights");
  lights_->setAccessibleName(tr("Look at it under"));
  for (const colour::Illuminant light : colour::kIlluminants) lights_->addItem(tr("Under %1").arg(light_name(light)));
  words_->setObjectName("recipe_words");
  list_->setAccessibleName(tr("Other recipes"));
  // A stroke a line: a recipe is read whole, not to where the column ends.
  list_->setWordWrap(true);
  list_->setAlternatingRowColors(true);
  list_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  use_->setObjectName("use_recipe");
  give_back_->setObjectName("planner_recipe");
  auto* row = new QHBoxLayout;
  row->addWidget(use_);
  row->addWidget(give_back_);
  keep_->setObjectName("keep_recipe");
  keep_->setToolTip(tr("Into the journal, as told to a friend"));
  kept_->setObjectName("kept_recipe");
  kept_->setToolTip(tr("The recipe kept or chosen last, for this colour (Shift+K)"));
  auto* notes = new QHBoxLayout;
  notes->addWidget(keep_);
  notes->addWidget(kept_);
  connect(keep_, &QPushButton::clicked, this, &ColourPanel::keep_asked);
  connect(kept_, &QPushButton::clicked, this, &ColourPanel::kept_asked);
  auto* column = new QVBoxLayout(this);
  column->addWidget(lights_);
  column->addWidget(title_);
  column->addWidget(stack_);
  column->addWidget(words_);
  column->addWidget(list_, 1);
  column->addLayout(row);
  column->addLayout(notes);
  connect(lights_, &QComboBox::activated, this,
          [this](int i) { session_.set_light(colour::kIlluminants[static_cast<std::size_t>(i)]); });
  connect(use_, &QPushButton::clicked, this, &ColourPanel::choose);
  connect(list_, &QTableView::activated, this, &ColourPanel::choose);
  connect(give_back_, &QPushButton::clicked, this, [this] { session_.choose_by_hand(target_, {}); });
  connect(&session_, &Session::plan_changed, this, [this] {
    const PlannedPtr planned = session_.planned();
    const bool still = planned && target_ >= 0 && target_ < static_cast<int>(planned->plan.targets.size());
    show_target(still ? target_ : -1);
  });
  connect(&session_, &Session::light_changed, this, &ColourPanel::refresh);
  connect(&session_, &Session::reach_changed, this, &ColourPanel::refresh);
  show_target(-1);
}

void ColourPanel::show_pixel(QPoint pixel) {
  const PlannedPtr planned = session_.planned();
  if (!planned || pixel.x() < 0 || pixel.x() >= planned->map.target.width || pixel.y() >= planned->map.target.height)
    return;
  const int target = planned->map.target.at(pixel.x(), pixel.y());
  if (target != target_) show_target(target);
}

void ColourPanel::show_target(int target) {
  target_ = target;
  model_.set_target(session_.planned(), target);
  refresh();
}

void ColourPanel::refresh() {
  const PlannedPtr planned = session_.planned();
  const bool shown = planned && target_ >= 0;
  for (QPushButton* b : {keep_, kept_}) b->setEnabled(shown);
  use_->setEnabled(shown && model_.rowCount() > 0);
  give_back_->setEnabled(shown && planned->plan.targets[static_cast<std::size_t>(target_)].by_hand);
  if (!shown) {
    title_->setText(tr("Point at the picture to see how a colour is built."));
    words_->setText({});
    stack_->clear();
    return;
  }
  const ReachPtr reach = session_.reach();
  const plan::Reach* mine = reach ? &(*reach)[static_cast<std::size_t>(target_)] : nullptr;
  const RecipeView view =
      view_recipe(*planned, session_.materials(), target_, logicalDpiX() / kMmPerInch, session_.light(), mine);
  title_->setText(view.title);
  stack_->set_view(view);
  words_->setText((view.steps + view.notes).join("\n"));
}

void ColourPanel::choose() {
  const QModelIndex row = list_->currentIndex();
  if (row.isValid() && target_ >= 0) session_.choose_by_hand(target_, model_.strokes(row.row()));
}

}  // namespace yd::app
