// SPDX-License-Identifier: MIT
#include "panels/thing_section.h"

#include <QHBoxLayout>
#include <QSignalBlocker>

#include "looks/greys.h"
#include "media/collection.h"
#include "words/facts.h"
#include "words/names.h"

namespace yd::app {

ThingSection::ThingSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      list_(new QListWidget),
      name_(new QLineEdit),
      kind_(new QComboBox),
      weight_(new QComboBox),
      draw_(new QPushButton(tr("Draw round a thing"))),
      from_mass_(new QPushButton(tr("From a mass"))),
      too_(new QPushButton(tr("This too"))),
      not_(new QPushButton(tr("Not this"))),
      remove_(new QPushButton(tr("Forget it"))),
      about_(paragraph()) {
  name_parts();
  lay_out();
  connect(draw_, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::thing); });
  connect(from_mass_, &QPushButton::clicked, this, &ThingSection::mass_asked);
  connect(too_, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::thing_too); });
  connect(not_, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::thing_not); });
  connect(remove_, &QPushButton::clicked, this, [this] {
    if (chosen() < 0) return;
    Choices next = session_.choices();
    next.read.things.erase(next.read.things.begin() + chosen());
    session_.change(next, tr("Thing forgotten"));
  });
  connect(name_, &QLineEdit::editingFinished, this, [this] {
    if (!name_->isModified()) return;
    change(tr("Name of a thing"), [this](subject::Thing& t) { t.name = media::one_line(name_->text().toStdString()); });
  });
  connect(kind_, &QComboBox::activated, this, [this](int i) {
    change(tr("What a thing is"),
           [i](subject::Thing& t) { t.kind = subject::kThingKinds[static_cast<std::size_t>(i)]; });
  });
  connect(weight_, &QComboBox::activated, this, [this](int i) {
    change(tr("How much a thing matters"),
           [i](subject::Thing& t) { t.weight = subject::kWeights[static_cast<std::size_t>(i)]; });
  });
  connect(list_, &QListWidget::currentRowChanged, this, &ThingSection::show_thing);
  connect(&session_, &Session::choices_changed, this, &ThingSection::refresh);
  connect(&session_, &Session::subject_changed, this, &ThingSection::refresh);
  refresh();
}

void ThingSection::name_parts() {
  list_->setObjectName("thing_list");
  list_->setAccessibleName(tr("Things"));
  list_->setMinimumWidth(96);
  list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  list_->setTextElideMode(Qt::ElideRight);
  name_->setObjectName("thing_name");
  name_->setAccessibleName(tr("Name of the thing"));
  name_->setPlaceholderText(tr("Name"));
  name_->setMaxLength(static_cast<int>(subject::kLongestThingName) / 4);  // letters may take four bytes
  kind_->setObjectName("thing_kind");
  kind_->setAccessibleName(tr("What it is"));
  for (const subject::ThingKind k : subject::kThingKinds) kind_->addItem(words::thing_kind(k));
  weight_->setObjectName("thing_weight");
  weight_->setAccessibleName(tr("How much it matters"));
  weight_->setToolTip(tr("What matters gets more masses and finer ones, what is let go fewer."));
  for (const subject::Weight w : subject::kWeights) weight_->addItem(words::weight(w));
  draw_->setObjectName("thing_draw");
  draw_->setToolTip(tr("Draw roughly round what is one thing; its border is found."));
  from_mass_->setObjectName("thing_from_mass");
  from_mass_->setToolTip(tr("The mass chosen in its list becomes a thing."));
  too_->setObjectName("thing_too");
  not_->setObjectName("thing_not");
  remove_->setObjectName("thing_remove");
  about_->setObjectName("thing_about");
}

void ThingSection::lay_out() {
  auto* both = new QHBoxLayout(this);
  both->setContentsMargins(0, 0, 0, 0);
  both->setSpacing(2 * kSpace);
  both->addWidget(list_, 5);
  auto* column = new QVBoxLayout;
  column->setSpacing(4);
  both->addLayout(column, 6);
  auto* make = new QHBoxLayout;
  make->addWidget(draw_);
  make->addWidget(from_mass_);
  column->addLayout(make);
  column->addWidget(name_);
  column->addWidget(kind_);
  column->addWidget(weight_);
  auto* row = new QHBoxLayout;
  for (QPushButton* b : {too_, not_, remove_}) row->addWidget(b);
  column->addLayout(row);
  column->addWidget(about_);
  column->addStretch();
}

void ThingSection::ask_name() {
  name_->setFocus();
  name_->selectAll();
}

template <class Change>
void ThingSection::change(const QString& text, Change&& how) {
  const int row = chosen();
  Choices next = session_.choices();
  if (row < 0 || row >= static_cast<int>(next.read.things.size())) return;
  how(next.read.things[static_cast<std::size_t>(row)]);
  session_.change(next, text);
}

QString ThingSection::words_of(std::size_t thing) const {
  const subject::Thing& t = session_.choices().read.things[thing];
  return t.name.empty() ? words::thing_kind(t.kind) : QString::fromStdString(t.name);
}

void ThingSection::refresh() {
  const auto& things = session_.choices().read.things;
  const int row = chosen();
  {
    const QSignalBlocker still(list_);
    list_->clear();
    for (std::size_t n = 0; n < things.size(); ++n) list_->addItem(QString("%1  %2").arg(n + 1).arg(words_of(n)));
    list_->setCurrentRow(std::min(row < 0 ? 0 : row, static_cast<int>(things.size()) - 1));
  }
  show_thing();
}

void ThingSection::show_thing() {
  const auto& things = session_.choices().read.things;
  const bool one = chosen() >= 0 && chosen() < static_cast<int>(things.size());
  for (QWidget* w : std::initializer_list<QWidget*>{name_, kind_, weight_, too_, not_, remove_}) w->setEnabled(one);
  for (QPushButton* b : {draw_, from_mass_})
    b->setEnabled(session_.subject() != nullptr && things.size() < subject::kMostThings);
  about_->setText(things.empty() ? tr("Draw roughly round what is one thing: its masses stay within it.") : QString());
  if (!one) {
    name_->clear();
    return emit thing_chosen(-1);
  }
  const auto n = static_cast<std::size_t>(chosen());
  if (!name_->hasFocus() || !name_->isModified()) name_->setText(QString::fromStdString(things[n].name));
  kind_->setCurrentIndex(static_cast<int>(things[n].kind));
  weight_->setCurrentIndex(static_cast<int>(things[n].weight));
  const SubjectPtr s = session_.subject();
  if (s && n < s->things.refused.size() && s->things.refused[n]) about_->setText(words::fact(*s->things.refused[n]));
  emit thing_chosen(chosen());
}

}  // namespace yd::app
