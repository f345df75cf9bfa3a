// SPDX-License-Identifier: MIT
#include "panels/tray_panel.h"

#include <QHBoxLayout>
#include <QAction>
#include <QSignalBlocker>
#include <algorithm>

#include "colour/words.h"
#include "models/chips.h"
#include "models/stage_facts.h"
#include "models/tray_view.h"
#include "session/stick_wish.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

QPushButton* button(const QString& text, const QString& name) {
  auto* b = new QPushButton(text);
  b->setObjectName(name);
  return b;
}

}  // namespace

TrayPanel::TrayPanel(Session& session, Advice& advice, QWidget* parent)
    : Bench("tray_bench", parent),
      session_(session),
      advice_(advice),
      collections_(new QComboBox),
      most_(new LabelledSlider(tr("Most sticks in the tray"), "sticks", 1, 40)),
      curve_(new CurveView("tray_curve", tr("sticks"), tr("difference left"))),
      proof_(paragraph()),
      lattice_(new LatticeView),
      stick_words_(paragraph()),
      table_(table("tray", model_, StickModel::name)),
      wishes_(new QListWidget),
      medium_price_(new LabelledSlider(tr("Price of a further medium"), "medium_price", 0, 20)),
      lonely_price_(new LabelledSlider(tr("Wish that colours return"), "lonely_price", 0, 20)),
      masses_(new QComboBox),
      mass_words_(paragraph()),
      reach_(new Facts("reach", tr("What the tray reaches"))),
      next_(paragraph()),
      tray_(new TrayView("tray_view")) {
  proof_->setObjectName("proof");
  stick_words_->setObjectName("stick_words");
  mass_words_->setObjectName("mass_words");
  next_->setObjectName("next_stick");
  table_->setIconSize(kChip);
  table_->setAccessibleName(tr("Sticks of the tray"));
  curve_->set_placeholder(tr("The curve of errors is being drawn."));
  auto* reach = new QWidget;
  auto* column = new QVBoxLayout(reach);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(reach_);
  column->addWidget(next_);
  column->addWidget(proof_);
  column->addStretch();
  tray_card_ = add(new Card(tr("Tray"), "card_tray", make_tray(), 340, false));
  add(new Card(tr("How many"), "card_curve", make_how_many(), 270));
  add(new Card(tr("Out of reach"), "card_reach", reach, 300));
  add(new Card(tr("Sticks"), "card_sticks", make_table(), 330, false), true);
  add(new Card(tr("Value by hue"), "card_lattice", lattice_, 280, false), true);
  add(new Card(tr("One mass"), "section_mass_sticks", make_masses(), 260), true);
  add(new Card(tr("Wishes"), "section_wishes", make_wishes(), 260), true);
  connect(most_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.plan.most_sticks = v;
    session_.change(c, tr("Sticks in the tray"), Merge::sticks);
  });
  connect(curve_, &CurveView::point_asked, this, [this](int i) {
    const auto curve = advice_.curve();
    if (!curve || i < 0 || i >= static_cast<int>(curve->size())) return;
    Choices c = session_.choices();
    c.plan.most_sticks = (*curve)[static_cast<std::size_t>(i)].most_sticks;
    session_.change(c, tr("Sticks in the tray"), Merge::sticks);
  });
  connect(&session_, &Session::choices_changed, this, &TrayPanel::refresh_choices);
  connect(&session_, &Session::plan_changed, this, &TrayPanel::refresh_plan);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need == Need::curve) refresh_curve();
    if (need == Need::proof) refresh_proof();
  });
  refresh_choices();
  refresh_plan();
}

QWidget* TrayPanel::make_how_many() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addLayout(make_collection());
  column->addWidget(most_);
  column->addWidget(curve_, 1);
  return box;
}

QLayout* TrayPanel::make_collection() {
  collections_->setObjectName("collections");
  collections_->setAccessibleName(tr("Collection"));
  auto* edit = button(tr("Edit"), "collection_edit");
  auto* import = button(tr("Import…"), "collection_import");
  auto* box = button(tr("Photograph a box…"), "collection_box");
  auto* save = button(tr("Export…"), "collection_export");
  connect(box, &QPushButton::clicked, this, &TrayPanel::box_asked);
  connect(edit, &QPushButton::clicked, this,
          [this] { emit edit_asked(QString::fromStdString(session_.choices().collection)); });
  connect(import, &QPushButton::clicked, this, &TrayPanel::import_asked);
  connect(save, &QPushButton::clicked, this,
          [this] { emit export_asked(QString::fromStdString(session_.choices().collection)); });
  connect(collections_, &QComboBox::activated, this, [this](int row) {
    Choices c = session_.choices();
    c.collection = collections_->itemData(row).toString().toStdString();
    session_.change(c, tr("Collection"));
  });
  auto* grid = new QGridLayout;
  grid->addWidget(collections_, 0, 0, 1, 3);
  grid->addWidget(edit, 1, 0);
  grid->addWidget(import, 1, 1);
  grid->addWidget(save, 1, 2);
  grid->addWidget(box, 2, 0, 1, 3);
  return grid;
}

QWidget* TrayPanel::make_tray() {
  auto* must = button(tr("Must have"), "stick_must");
  auto* forbid = button(tr("Not this one"), "stick_forbid");
  must->setToolTip(tr("The chosen stick stays in the tray"));
  forbid->setToolTip(tr("The chosen stick is left out"));
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(tray_, 1);
  column->addWidget(stick_words_);
  auto* row = new QHBoxLayout;
  row->addWidget(must);
  row->addWidget(forbid);
  column->addLayout(row);
  connect(must, &QPushButton::clicked, this, [this] { wish_for(session_, pointed_, StickWish::must_have); });
  connect(forbid, &QPushButton::clicked, this, [this] { wish_for(session_, pointed_, StickWish::never); });
  connect(tray_, &TrayView::stick_asked, this, &TrayPanel::point_out);
  // The same by the other button of the mouse, and by the menu key.
  tray_->setContextMenuPolicy(Qt::ActionsContextMenu);
  for (QPushButton* b : {must, forbid}) {
    auto* action = new QAction(b->text(), tray_);
    connect(action, &QAction::triggered, b, &QPushButton::click);
    tray_->addAction(action);
  }
  return box;
}

QWidget* TrayPanel::make_table() {
  connect(table_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, [this](const QModelIndex& i) {
    if (i.isValid()) point_out(model_.stick_at(i.row()));
  });
  connect(lattice_, &LatticeView::item_asked, this, &TrayPanel::point_out);
  return table_;
}

void TrayPanel::point_out(int stick) {
  const PlannedPtr planned = session_.planned();
  if (!planned || stick < 0) return;
  const media::Stick& s = planned->collection->sticks[static_cast<std::size_t>(stick)];
  pointed_ = stick;
  stick_words_->setText(tr("%1: %2, value %3")
                            .arg(words::stick_name(s), words::colour_name(s.lab))
                            .arg(words::number(colour::value_step(s.lab.l), 1)));
}

QWidget* TrayPanel::make_wishes() {
  wishes_->setObjectName("wishes");
  wishes_->setAccessibleName(tr("Sticks asked for or left out"));
  wishes_->setMaximumHeight(90);
  auto* drop = button(tr("Drop this wish"), "wish_drop");
  connect(drop, &QPushButton::clicked, this, [this] {
    if (wishes_->currentItem() != nullptr)
      wish_for(session_, wishes_->currentItem()->data(Qt::UserRole).toInt(), StickWish::none);
  });
  connect(medium_price_, &LabelledSlider::moved, this, [this](int v) {
    auto w = session_.choices().plan.wishes;
    w.medium_price = v / 20.0;
    change_wishes(w, tr("Price of a medium"), Merge::medium_price);
  });
  connect(lonely_price_, &LabelledSlider::moved, this, [this](int v) {
    auto w = session_.choices().plan.wishes;
    w.lonely_price = v / 100.0;
    change_wishes(w, tr("Wish that colours return"), Merge::returning);
  });
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  for (QWidget* w : std::initializer_list<QWidget*>{medium_price_, lonely_price_, wishes_, drop}) column->addWidget(w);
  return box;
}

QWidget* TrayPanel::make_masses() {
  masses_->setObjectName("tray_masses");
  masses_->setAccessibleName(tr("Mass"));
  connect(masses_, &QComboBox::currentIndexChanged, this, [this](int mass) {
    const PlannedPtr planned = session_.planned();
    mass_words_->setText(planned && mass >= 0 ? mass_words(*planned, mass) : QString());
  });
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(masses_);
  column->addWidget(mass_words_);
  return box;
}

void TrayPanel::change_wishes(const plan::TrayWishes& wishes, const QString& text, Merge merge) {
  Choices c = session_.choices();
  c.plan.wishes = wishes;
  session_.change(c, text, merge);
}

void TrayPanel::refresh_choices() {
  const QSignalBlocker quiet(collections_);
  collections_->clear();
  for (const media::Collection& c : session_.materials().collections) {
    collections_->addItem(tr("%1 (%2)").arg(words::collection_name(c)).arg(c.sticks.size()),
                          QString::fromStdString(c.id));
  }
  collections_->setCurrentIndex(collections_->findData(QString::fromStdString(session_.choices().collection)));
  most_->show_value(session_.choices().plan.most_sticks);
  refresh_wishes();
}

void TrayPanel::refresh_wishes() {
  const plan::TrayWishes& w = session_.choices().plan.wishes;
  medium_price_->show_value(qRound(20 * w.medium_price));
  lonely_price_->show_value(qRound(100 * w.lonely_price));
  wishes_->clear();
  const media::Collection* c = session_.materials().collection(session_.choices().collection);
  const auto add = [&](int stick, const QString& text) {
    if (c == nullptr || stick >= static_cast<int>(c->sticks.size())) return;
    auto* item = new QListWidgetItem(text.arg(words::stick_name(c->sticks[static_cast<std::size_t>(stick)])), wishes_);
    item->setData(Qt::UserRole, stick);
  };
  for (const int s : w.must_have) add(s, tr("must have: %1"));
  for (const int s : w.forbidden) add(s, tr("not: %1"));
}

void TrayPanel::refresh_plan() {
  const PlannedPtr planned = session_.planned();
  model_.set_plan(planned);
  pointed_ = -1;
  QList<LatticeItem> items;
  const QSignalBlocker quiet(masses_);
  const int before = masses_->currentIndex();
  masses_->clear();
  if (!planned) {
    lattice_->set_items(items);
    mass_words_->setText({});
    stick_words_->setText({});
    next_->setText({});
    tray_->set_sticks({});
    return reach_->set_facts({});
  }
  for (const TrayItem& t : tray_items(*planned))
    items.append({t.hue, t.value, t.colour, t.shape, t.chosen, t.stick, t.words});
  lattice_->set_items(items);
  for (const subject::Mass& m : planned->subject->masses) masses_->addItem(words::numbered_name(m));
  masses_->setCurrentIndex(std::clamp(before, 0, std::max(0, masses_->count() - 1)));
  mass_words_->setText(mass_words(*planned, masses_->currentIndex()));
  reach_->set_facts(reach_facts(*planned));
  next_->setText(next_stick_words(*planned));
  tray_->set_sticks(lying_sticks(*planned, 0, 0));
  const auto there = static_cast<int>(planned->plan.tray.size());
  const int most = planned->options.most_sticks;
  tray_card_->set_fact(there < most && planned->options.given_tray.empty()
                           ? tr("%1 of %2: one more is not worth its passes").arg(there).arg(most)
                           : tr("%n stick(s), dark to light", nullptr, there));
  stick_words_->setText(unity_words(*planned));
}

void TrayPanel::refresh_curve() {
  const auto curve = advice_.curve();
  if (!curve) return curve_->set_points({}, -1);
  int chosen = -1;
  for (std::size_t i = 0; i < curve->size(); ++i) {
    if ((*curve)[i].most_sticks == session_.choices().plan.most_sticks) chosen = static_cast<int>(i);
  }
  curve_->set_points(curve_points(*curve), chosen);
}

void TrayPanel::refresh_proof() {
  const auto proof = advice_.proof();
  proof_->setText(proof ? proof_words(*proof) : tr("How near this tray is to the best possible is worked out last."));
}

}  // namespace yd::app
