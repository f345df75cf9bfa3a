// SPDX-License-Identifier: MIT
#include "panels/coat_panel.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QItemSelectionModel>
#include <QSignalBlocker>

#include "models/chips.h"
#include "models/stage_facts.h"
#include "words/coats.h"
#include "words/names.h"

namespace yd::app {
namespace {

constexpr int kPicture = -1;
constexpr int kPlanes = 3;  // scope data: -1 picture, 0 to 2 planes, 3 + mass

plan::CoatException exception_of(int scope) {
  plan::CoatException e;
  e.where = scope < kPlanes ? plan::CoatException::Where::plane : plan::CoatException::Where::mass;
  e.which = scope < kPlanes ? scope : scope - kPlanes;
  return e;
}

bool same_place(const plan::CoatException& p, const plan::CoatException& q) {
  return p.where == q.where && p.which == q.which;
}

}  // namespace

CoatPanel::CoatPanel(Session& session, Advice& advice, QWidget* parent)
    : Bench("coat_bench", parent),
      session_(session),
      advice_(advice),
      scope_(new QComboBox),
      table_(table("coats", model_, CoatModel::medium)),
      pick_(new QPushButton(tr("Take the advice"))),
      follow_(new QPushButton(tr("As the whole picture"))),
      reason_(paragraph()),
      reasons_(new Facts("coat_reasons", tr("What speaks for it"))),
      facts_(new Facts("coat_facts", tr("What the underpainting does"))),
      about_(paragraph()),
      caution_(paragraph()) {
  scope_->setObjectName("coat_scope");
  scope_->setAccessibleName(tr("Where this underpainting goes"));
  pick_->setObjectName("coat_pick");
  follow_->setObjectName("coat_follow");
  reason_->setObjectName("coat_reason");
  about_->setObjectName("coat_about");
  caution_->setObjectName("coat_caution");
  table_->setAccessibleName(tr("Underpaintings"));
  table_->horizontalHeader()->setMinimumSectionSize(30);
  table_->setIconSize(kChip);
  auto* choose = new QWidget;
  auto* left = new QVBoxLayout(choose);
  left->setContentsMargins(0, 0, 0, 0);
  left->addWidget(scope_);
  left->addWidget(table_, 1);
  auto* advice_box = new QWidget;
  auto* middle = new QVBoxLayout(advice_box);
  middle->setContentsMargins(0, 0, 0, 0);
  middle->addWidget(reason_);
  middle->addWidget(reasons_);
  auto* row = new QHBoxLayout;
  row->addWidget(pick_);
  row->addWidget(follow_);
  middle->addLayout(row);
  middle->addStretch();
  auto* chosen = new QWidget;
  auto* right = new QVBoxLayout(chosen);
  right->setContentsMargins(0, 0, 0, 0);
  right->addWidget(facts_);
  right->addWidget(about_);
  right->addWidget(caution_);
  right->addStretch();
  add(new Card(tr("A first thin coat"), "card_coats", choose, 420, false));
  chosen_card_ = add(new Card(tr("What it does"), "card_coat", chosen, 320));
  add(new Card(tr("Advice"), "card_coat_advice", advice_box, 260));
  connect(table_->selectionModel(), &QItemSelectionModel::currentChanged, this, &CoatPanel::choose);
  connect(scope_, &QComboBox::activated, this, &CoatPanel::refresh);
  connect(pick_, &QPushButton::clicked, this, [this] {
    const auto a = advice_.coats();
    if (!a) return;
    put(a->pick < 0 ? std::nullopt : std::optional(a->verdicts[static_cast<std::size_t>(a->pick)].choice));
  });
  connect(follow_, &QPushButton::clicked, this, [this] {
    Choices c = session_.choices();
    const auto place = exception_of(scope_->currentData().toInt());
    std::erase_if(c.plan.underpaint.exceptions, [&](const auto& e) { return same_place(e, place); });
    session_.change(c, tr("Underpainting"));
  });
  connect(&session_, &Session::subject_changed, this, &CoatPanel::refresh_scopes);
  connect(&session_, &Session::choices_changed, this, &CoatPanel::refresh);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need != Need::coats) return;
    // While a new plan is made the last verdicts stay to be read.
    if (!advice_.coats() && session_.planned()) return;
    const QSignalBlocker quiet(table_->selectionModel());
    model_.set_advice(advice_.coats(), session_.planned() ? session_.planned()->paper : nullptr);
    refresh();
  });
  refresh_scopes();
}

void CoatPanel::refresh_scopes() {
  const int before = scope_->currentIndex();
  scope_->clear();
  scope_->addItem(tr("For the whole picture"), kPicture);
  const QString planes[] = {tr("For the background"), tr("For the middle ground"), tr("For the foreground")};
  for (int i = 0; i < kPlanes; ++i) scope_->addItem(planes[i], i);
  if (const SubjectPtr s = session_.subject()) {
    for (const subject::Mass& m : s->masses) scope_->addItem(tr("For %1").arg(words::mass_name(m)), kPlanes + m.id);
  }
  scope_->setCurrentIndex(std::clamp(before, 0, scope_->count() - 1));
  refresh();
}

std::optional<plan::CoatChoice> CoatPanel::present() const {
  const auto& u = session_.choices().plan.underpaint;
  const int scope = scope_->currentData().toInt();
  if (scope == kPicture) return u.picture;
  for (const plan::CoatException& e : u.exceptions) {
    if (same_place(e, exception_of(scope))) return e.choice;
  }
  return u.picture;
}

void CoatPanel::put(const std::optional<plan::CoatChoice>& choice) {
  Choices c = session_.choices();
  const int scope = scope_->currentData().toInt();
  if (scope == kPicture) {
    c.plan.underpaint.picture = choice;
  } else {
    plan::CoatException e = exception_of(scope);
    e.choice = choice;
    std::erase_if(c.plan.underpaint.exceptions, [&](const auto& x) { return same_place(x, e); });
    c.plan.underpaint.exceptions.push_back(e);
  }
  session_.change(c, tr("Underpainting"));
}

void CoatPanel::choose(const QModelIndex& index) {
  if (!index.isValid()) return;
  const auto* v = model_.verdict(index.row());
  put(v == nullptr ? std::nullopt : std::optional(v->choice));
}

void CoatPanel::refresh() {
  const QSignalBlocker quiet(table_->selectionModel());
  const int row = model_.row_of(present());
  if (row >= 0) table_->selectRow(row);
  table_->viewport()->update();
  follow_->setEnabled(scope_->currentData().toInt() != kPicture);
  refresh_advice();
  refresh_about();
}

void CoatPanel::refresh_advice() {
  const auto a = advice_.coats();
  pick_->setEnabled(a != nullptr);
  if (!session_.planned()) {
    reasons_->set_facts({});
    return reason_->setText(tr("Open a picture: underpaintings are tried on its plan."));
  }
  if (!a) return;
  if (a->pick < 0) {
    reasons_->set_facts({});
    return reason_->setText(tr("Best left out: no coat gains enough for its tooth and time."));
  }
  const plan::CoatVerdict& v = a->verdicts[static_cast<std::size_t>(a->pick)];
  reason_->setText(tr("%1, %2").arg(medium_words(v.choice.medium), colours_words(v.choice.colours)));
  reasons_->set_facts(coat_advice_facts(v, *a));
}

void CoatPanel::refresh_about() {
  const auto a = advice_.coats();
  const auto* v = model_.verdict(model_.row_of(present()));
  facts_->set_facts(a && v != nullptr ? coat_facts(*v, *a) : QList<Fact>{});
  chosen_card_->set_fact(v == nullptr ? QString() : medium_words(v->choice.medium));
  caution_->setText(v == nullptr ? QString() : words::safety(v->choice.medium));
  for (QWidget* w : {static_cast<QWidget*>(facts_), static_cast<QWidget*>(caution_)}) w->setVisible(v != nullptr);
  if (a && v != nullptr) return about_->setText(coat_words(*v));
  about_->setText(tr("No underpainting. U shows the board with and without one."));
}

}  // namespace yd::app
