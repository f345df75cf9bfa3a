// SPDX-License-Identifier: MIT
#include "panels/collection_page.h"

#include <QAction>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QScrollArea>
#include <QVBoxLayout>

#include "looks/greys.h"
#include "models/chips.h"
#include "models/tray_drawing.h"
#include "panels/panel_parts.h"
#include "session/stick_wish.h"
#include "words/names.h"

namespace yd::app {

CollectionPage::CollectionPage(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      model_(session),
      title_(heading({})),
      search_(new QLineEdit),
      as_table_(new QPushButton(tr("As a table"))),
      ways_(new QStackedWidget),
      drawers_(new DrawersView),
      stick_(new StickSection(session, model_)),
      tray_title_(heading({})),
      tray_(new TrayView("collection_tray")),
      table_(new QTableView) {
  filtered_.setSourceModel(&model_);
  filtered_.setFilterKeyColumn(-1);
  filtered_.setFilterCaseSensitivity(Qt::CaseInsensitive);
  search_->setObjectName("stick_search");
  search_->setPlaceholderText(tr("Search: a name, a colour in words, a pigment"));
  search_->setAccessibleName(tr("Search the collection"));
  search_->setClearButtonEnabled(true);
  make_table();
  ways_->addWidget(make_box());
  ways_->addWidget(table_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  column->addLayout(make_head());
  column->addWidget(search_);
  column->addWidget(ways_, 1);
  connect(search_, &QLineEdit::textChanged, &filtered_, &QSortFilterProxyModel::setFilterFixedString);
  connect(search_, &QLineEdit::textChanged, this, &CollectionPage::refresh);
  connect(&model_, &QAbstractItemModel::modelReset, this, &CollectionPage::refresh);
  connect(drawers_, &DrawersView::chosen, this, &CollectionPage::choose);
  connect(drawers_, &DrawersView::owned_asked, this, [this](int row) {
    const QModelIndex at = model_.index(row, CollectionModel::owned);
    const bool owned = model_.data(at, Qt::CheckStateRole).toInt() == Qt::Checked;
    model_.setData(at, owned ? Qt::Unchecked : Qt::Checked, Qt::CheckStateRole);
    choose(row);
  });
  connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
          [this](const QModelIndex& at) { choose(filtered_.mapToSource(at).row()); });
  connect(&session_, &Session::plan_changed, this, &CollectionPage::refresh_tray);
  connect(tray_, &TrayView::stick_asked, this, &CollectionPage::choose);
  connect(tray_, &TrayView::stick_brought, this, [this](int row) { wish(row, StickWish::must_have); });
  connect(drawers_, &DrawersView::put_away, this, [this](int row) { wish(row, StickWish::never); });
  make_menu();
}

/// What carrying does, by the menu key too.
void CollectionPage::make_menu() {
  drawers_->setContextMenuPolicy(Qt::ActionsContextMenu);
  const auto add = [this](const QString& text, StickWish asked) {
    auto* action = new QAction(text, drawers_);
    connect(action, &QAction::triggered, this, [this, asked] { wish(chosen(), asked); });
    drawers_->addAction(action);
  };
  add(tr("Into the tray"), StickWish::must_have);
  add(tr("Not into the tray"), StickWish::never);
  add(tr("As the plan likes"), StickWish::none);
}

bool CollectionPage::planned_with() const {
  const media::Collection* c = model_.collection();
  return c != nullptr && c->id == session_.choices().collection;
}

void CollectionPage::wish(int row, StickWish asked) {
  const media::Collection* c = model_.collection();
  if (!planned_with() || row < 0 || row >= static_cast<int>(c->sticks.size())) return;
  const media::Stick& stick = c->sticks[static_cast<std::size_t>(row)];
  if (asked == StickWish::must_have && !media::at_hand(stick))
    return emit not_at_hand(row, words::stick_name(stick), stick.owned);
  wish_for(session_, row, asked);
}

void CollectionPage::own_and_take(int row) {
  if (!planned_with()) return;  // another collection was opened meanwhile
  model_.setData(model_.index(row, CollectionModel::owned), Qt::Checked, Qt::CheckStateRole);
  wish(row, StickWish::must_have);
}

void CollectionPage::refresh_tray() {
  const PlannedPtr planned = session_.planned();
  const bool shown = planned && planned_with();
  tray_title_->setVisible(shown);
  tray_->setVisible(shown);
  if (!shown) return;
  tray_->take_sticks_of(QString::fromStdString(session_.choices().collection));
  tray_->set_sticks(lying_sticks(*planned, 0, 0));
  const int n = static_cast<int>(planned->plan.tray.size());
  tray_title_->setText(tr("Tray: %n stick(s), carry others here", nullptr, n));
}

QLayout* CollectionPage::make_head() {
  as_table_->setObjectName("collection_as_table");
  as_table_->setCheckable(true);
  auto* copy = new QPushButton(tr("Another like it"));
  copy->setObjectName("stick_copy");
  auto* remove = new QPushButton(tr("Take away"));
  remove->setObjectName("stick_remove");
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("collection_back");
  auto* row = new QHBoxLayout;
  row->addWidget(title_, 1);
  for (QPushButton* b : {as_table_, copy, remove, back}) row->addWidget(b);
  connect(as_table_, &QPushButton::toggled, this, [this](bool on) { ways_->setCurrentIndex(on ? 1 : 0); });
  connect(copy, &QPushButton::clicked, this, [this] { model_.add_copy(chosen()); });
  connect(remove, &QPushButton::clicked, this, [this] { model_.remove(chosen()); });
  connect(back, &QPushButton::clicked, this, &CollectionPage::closed);
  return row;
}

QWidget* CollectionPage::make_box() {
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setWidget(drawers_);
  constexpr int kStickWide = 288;
  stick_->setFixedWidth(kStickWide);
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2 * kSpace);
  auto* side = new QVBoxLayout;
  side->addWidget(stick_);
  side->addStretch(1);
  side->addWidget(tray_title_);
  tray_->setFixedWidth(kStickWide);
  side->addWidget(tray_);
  row->addWidget(scroll, 1);
  row->addLayout(side);
  return box;
}

void CollectionPage::make_table() {
  table_->setObjectName("stick_table");
  table_->setAccessibleName(tr("Sticks of the collection"));
  table_->setModel(&filtered_);
  table_->setSelectionBehavior(QAbstractItemView::SelectRows);
  table_->setShowGrid(false);
  table_->setTabKeyNavigation(false);
  table_->setIconSize(kChip);
  table_->verticalHeader()->hide();
  table_->verticalHeader()->setDefaultSectionSize(24);
  table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  table_->horizontalHeader()->setStretchLastSection(true);
}

int CollectionPage::chosen() const {
  if (!as_table_->isChecked()) return drawers_->current();
  const QModelIndex at = filtered_.mapToSource(table_->currentIndex());
  return at.isValid() ? at.row() : -1;
}

void CollectionPage::choose(int row) {
  drawers_->set_current(row);
  stick_->show_stick(row);
}

void CollectionPage::show_collection(const QString& id) { model_.show_collection(id); }

void CollectionPage::refresh() {
  const media::Collection* c = model_.collection();
  drawers_->set_drawers(c == nullptr ? std::vector<Drawer>{} : drawers_of(*c, search_->text()),
                        c == nullptr ? QString() : QString::fromStdString(c->id));
  const int n = c == nullptr ? 0 : static_cast<int>(c->sticks.size());
  choose(drawers_->current() < n ? drawers_->current() : -1);
  refresh_tray();
  if (c == nullptr) return title_->setText({});
  const auto owned = std::count_if(c->sticks.begin(), c->sticks.end(), [](const media::Stick& s) { return s.owned; });
  title_->setText(tr("%1: %n stick(s), %2 owned", nullptr, n).arg(words::collection_name(*c)).arg(owned));
}

}  // namespace yd::app
