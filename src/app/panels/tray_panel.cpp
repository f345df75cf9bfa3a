#include "panels/tray_panel.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QShortcut>
#include <QSignalBlocker>
#include <QTabWidget>
#include <algorithm>
#include <set>

#include "colour/words.h"
#include "models/course_model.h"
#include "models/tray_view.h"
#include "widgets/section.h"

namespace yd::app {
namespace {

/// The three worst targets, in words.
QString out_of_reach(const Planned& planned) {
  auto targets = planned.plan.targets;
  std::sort(targets.begin(), targets.end(), [](const auto& p, const auto& q) { return p.recipe.de00 > q.recipe.de00; });
  QStringList lines;
  std::set<int> named;  // the worst shade of a mass speaks for it
  for (const plan::TargetPlan& t : targets) {
    if (t.recipe.de00 < kLookHere || lines.size() == 3) break;
    if (!named.insert(t.mass).second) continue;
    const subject::Mass& mass = planned.subject->masses[static_cast<std::size_t>(t.mass)];
    lines << QObject::tr("%1. %2, %3: %4 (%5 ΔE00)")
                 .arg(mass.id + 1)
                 .arg(QString::fromStdString(mass.name), subject::name(t.role),
                      QString::fromStdString(colour::difference_words(t.recipe.look.lab, t.target)))
                 .arg(t.recipe.de00, 0, 'f', 1);
  }
  return lines.join("\n");
}

QPushButton* button(const QString& text, const QString& name) {
  auto* b = new QPushButton(text);
  b->setObjectName(name);
  return b;
}

}  // namespace

TrayPanel::TrayPanel(Session& session, Advice& advice, QWidget* parent)
    : QWidget(parent),
      session_(session),
      advice_(advice),
      collections_(new QComboBox),
      most_(new LabelledSlider(tr("Most sticks in the tray"), "sticks", 1, 40)),
      curve_(new CurveView("tray_curve", tr("sticks"), tr("mean ΔE00"))),
      proof_(paragraph()),
      lattice_(new LatticeView),
      stick_words_(paragraph()),
      table_(table("tray", model_, StickModel::name)),
      wishes_(new QListWidget),
      medium_price_(new LabelledSlider(tr("Price of a further medium"), "medium_price", 0, 20)),
      lonely_price_(new LabelledSlider(tr("Wish that colours return"), "lonely_price", 0, 20)),
      masses_(new QComboBox),
      mass_words_(paragraph()),
      reach_(paragraph()) {
  reach_->setObjectName("reach");
  proof_->setObjectName("proof");
  stick_words_->setObjectName("stick_words");
  mass_words_->setObjectName("mass_words");
  curve_->set_placeholder(tr("The curve of errors is being drawn."));
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(4, 2, 8, 2);
  column->setSpacing(4);
  column->addWidget(heading(tr("The fewest sticks that carry the picture")));
  column->addWidget(make_collection());
  column->addWidget(most_);
  column->addWidget(curve_);
  column->addWidget(proof_);
  column->addWidget(make_sticks());
  column->addWidget(stick_words_);
  column->addWidget(reach_);
  column->addWidget(new Section(tr("Dark, middle and light of a mass"), "section_mass_sticks", make_masses(), false));
  column->addWidget(new Section(tr("Wishes"), "section_wishes", make_wishes(), false));
  column->addStretch();
  auto* scroll = new QScrollArea;
  scroll->setWidgetResizable(true);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  scroll->setWidget(inside);
  auto* all = new QVBoxLayout(this);
  all->setContentsMargins(0, 0, 0, 0);
  all->addWidget(scroll);
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

QWidget* TrayPanel::make_collection() {
  collections_->setObjectName("collections");
  collections_->setAccessibleName(tr("Collection"));
  auto* edit = button(tr("Edit"), "collection_edit");
  auto* import = button(tr("Import…"), "collection_import");
  auto* save = button(tr("Export…"), "collection_export");
  connect(edit, &QPushButton::clicked, this, [this] { emit edit_asked(session_.choices().collection); });
  connect(import, &QPushButton::clicked, this, &TrayPanel::import_asked);
  connect(save, &QPushButton::clicked, this, [this] { emit export_asked(session_.choices().collection); });
  connect(collections_, &QComboBox::activated, this, [this](int row) {
    Choices c = session_.choices();
    c.collection = collections_->itemData(row).toString();
    session_.change(c, tr("Collection"));
  });
  auto* box = new QWidget;
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(collections_, 0, 0, 1, 3);
  grid->addWidget(edit, 1, 0);
  grid->addWidget(import, 1, 1);
  grid->addWidget(save, 1, 2);
  return box;
}

QWidget* TrayPanel::make_sticks() {
  auto* must = button(tr("Must have"), "stick_must");
  auto* forbid = button(tr("Not this one"), "stick_forbid");
  must->setToolTip(tr("The chosen stick stays in the tray"));
  forbid->setToolTip(tr("The chosen stick is left out"));
  auto* tabs = new QTabWidget;
  tabs->setObjectName("tray_tabs");
  tabs->setDocumentMode(true);
  auto* list = new QWidget;
  auto* column = new QVBoxLayout(list);
  column->setContentsMargins(0, 0, 0, 0);
  table_->setMinimumHeight(190);
  column->addWidget(table_);
  auto* row = new QHBoxLayout;
  row->addWidget(must);
  row->addWidget(forbid);
  column->addLayout(row);
  tabs->addTab(list, tr("Sticks"));
  tabs->addTab(lattice_, tr("Lattice"));
  const auto chosen = [this] {
    const QModelIndex i = table_->currentIndex();
    return i.isValid() ? model_.stick_at(i.row()) : -1;
  };
  connect(must, &QPushButton::clicked, this, [this, chosen] { wish(chosen(), true, false); });
  connect(forbid, &QPushButton::clicked, this, [this, chosen] { wish(chosen(), false, true); });
  connect(lattice_, &LatticeView::item_asked, this, [this](int stick) {
    const PlannedPtr planned = session_.planned();
    if (!planned) return;
    const media::Stick& s = planned->collection->sticks[static_cast<std::size_t>(stick)];
    lit_stick_ = stick;
    stick_words_->setText(tr("%1: %2, value %3")
                              .arg(QString::fromStdString(s.name), QString::fromStdString(colour::describe(s.lab)))
                              .arg(colour::value_step(s.lab.l), 0, 'f', 1));
  });
  return tabs;
}

QWidget* TrayPanel::make_wishes() {
  wishes_->setObjectName("wishes");
  wishes_->setAccessibleName(tr("Sticks asked for or left out"));
  wishes_->setMaximumHeight(90);
  auto* drop = button(tr("Drop this wish"), "wish_drop");
  connect(drop, &QPushButton::clicked, this, [this] {
    if (wishes_->currentItem() != nullptr) wish(wishes_->currentItem()->data(Qt::UserRole).toInt(), false, false);
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

void TrayPanel::wish(int stick, bool must, bool forbid) {
  if (stick < 0) return;
  auto w = session_.choices().plan.wishes;
  std::erase(w.must_have, stick);
  std::erase(w.forbidden, stick);
  if (must) w.must_have.push_back(stick);
  if (forbid) w.forbidden.push_back(stick);
  change_wishes(w, tr("Wish for a stick"));
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
    collections_->addItem(tr("%1 (%2)").arg(QString::fromStdString(c.name)).arg(c.sticks.size()),
                          QString::fromStdString(c.id));
  }
  collections_->setCurrentIndex(collections_->findData(session_.choices().collection));
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
    auto* item =
        new QListWidgetItem(text.arg(QString::fromStdString(c->sticks[static_cast<std::size_t>(stick)].name)), wishes_);
    item->setData(Qt::UserRole, stick);
  };
  for (const int s : w.must_have) add(s, tr("must have: %1"));
  for (const int s : w.forbidden) add(s, tr("not: %1"));
}

void TrayPanel::refresh_plan() {
  const PlannedPtr planned = session_.planned();
  model_.set_plan(planned);
  QList<LatticeItem> items;
  const QSignalBlocker quiet(masses_);
  const int before = masses_->currentIndex();
  masses_->clear();
  if (!planned) {
    lattice_->set_items(items);
    mass_words_->setText({});
    stick_words_->setText({});
    return reach_->setText({});
  }
  for (const TrayItem& t : tray_items(*planned))
    items.append({t.hue, t.value, t.colour, t.shape, t.chosen, t.stick, t.words});
  lattice_->set_items(items);
  for (const subject::Mass& m : planned->subject->masses)
    masses_->addItem(QString("%1. %2").arg(m.id + 1).arg(QString::fromStdString(m.name)));
  masses_->setCurrentIndex(std::clamp(before, 0, std::max(0, masses_->count() - 1)));
  mass_words_->setText(mass_words(*planned, masses_->currentIndex()));
  const QString worst = out_of_reach(*planned);
  reach_->setText((worst.isEmpty() ? tr("Every target is within %1 ΔE00.").arg(planned->plan.worst_de00, 0, 'f', 1)
                                   : tr("Out of reach of this tray:") + "\n" + worst) +
                  "\n" + next_stick_words(*planned));
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
