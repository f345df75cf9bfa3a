// SPDX-License-Identifier: MIT
#include "panels/subject_panel.h"

#include <QHBoxLayout>
#include <QPushButton>

#include "models/stage_facts.h"
#include "pictures/screen.h"
#include "words/number.h"

namespace yd::app {

SubjectPanel::SubjectPanel(Session& session, QWidget* parent)
    : Bench("subject_bench", parent),
      session_(session),
      views_(new QButtonGroup(this)),
      squint_(new LabelledSlider(tr("Squint"), "squint", 0, 100)),
      most_(new LabelledSlider(tr("Most masses"), "masses", int(subject::kMassesLimit.least),
                               int(subject::kMassesLimit.most))),
      steps_(new LabelledSlider(tr("Value steps"), "value_steps", 2, 9)),
      counted_(new QComboBox),
      strip_(new ValueStrip),
      findings_(new Facts("findings", tr("What the picture is"))),
      warmth_(new WarmthBand),
      few_(new FewValues),
      start_(new StartSection(session)),
      light_(new LightSection(session)),
      sheet_(new SheetSection(session)),
      things_(new ThingSection(session)),
      mass_section_(new MassSection(session)),
      measures_(new MeasureSection(session)),
      colours_(new OwnColoursSection(session)) {
  add(new Card(tr("Start here"), "section_start", start_, 308));
  things_card_ = add(new Card(tr("Things"), "section_things", things_, 378), true);
  add(new Card(tr("Half-closed eyes"), "section_look", make_look(), 290));
  values_card_ = add(new Card(tr("Values"), "section_values", make_values(), 270));
  add(new Card(tr("Thumbnails"), "section_few", few_, 340));
  masses_card_ = add(new Card(tr("Masses"), "section_masses", mass_section_, 420), true);
  add(new Card(tr("Own colours"), "section_colours", colours_, 280), true);
  add(new Card(tr("Light and crop"), "section_light", light_, 300), true);
  add(new Card(tr("How large a sheet"), "section_sheet", sheet_, 300), true);
  add(new Card(tr("Measure"), "section_measure", measures_, 290), true);
  connect(squint_, &LabelledSlider::moved, this, [this](int v) {
    emit squint_previewed(v / 100.0);
    Choices c = session_.choices();
    c.read.squint = v / 100.0;
    session_.change(c, tr("Squint"), Merge::squint);
  });
  connect(most_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.read.masses = v;
    session_.change(c, tr("Most masses"), Merge::masses);
  });
  connect(steps_, &LabelledSlider::moved, this, [this] { emit view_asked(shown()); });
  connect(colours_, &OwnColoursSection::view_asked, this, [this] { emit view_asked(shown()); });
  connect(counted_, &QComboBox::activated, this, &SubjectPanel::refresh_findings);
  connect(&session_, &Session::choices_changed, this, &SubjectPanel::refresh_choices);
  connect(&session_, &Session::subject_changed, this, &SubjectPanel::refresh_findings);
  refresh_choices();
  refresh_findings();
}

QWidget* SubjectPanel::make_look() {
  steps_->show_value(9);
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  for (QWidget* w : std::initializer_list<QWidget*>{make_views(), squint_, most_, steps_}) column->addWidget(w);
  column->addStretch();
  return box;
}

QWidget* SubjectPanel::make_values() {
  counted_->setObjectName("value_direction");
  counted_->setAccessibleName(tr("Which way values are counted"));
  counted_->addItems({tr("1 is black"), tr("1 is white")});
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addWidget(strip_, 1);
  column->addWidget(findings_);
  column->addWidget(warmth_);
  column->addWidget(counted_, 0, Qt::AlignRight);
  return box;
}

QWidget* SubjectPanel::make_views() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2);
  const QString names[kSubjectViews] = {tr("Picture"), tr("Squint"), tr("Values"), tr("Masses"), tr("Warmth")};
  for (int i = 0; i < kSubjectViews; ++i) {
    auto* b = new QPushButton(names[i]);
    b->setObjectName("view_" + QString::number(i));
    b->setCheckable(true);
    b->setProperty("narrow", true);
    views_->addButton(b, i);
    row->addWidget(b);
  }
  views_->button(0)->setChecked(true);
  connect(views_, &QButtonGroup::idClicked, this, [this](int id) { emit view_asked(static_cast<SubjectView>(id)); });
  return box;
}

void SubjectPanel::refresh_choices() {
  squint_->show_value(qRound(session_.choices().read.squint * 100));
  most_->show_value(session_.choices().read.masses);
}

void SubjectPanel::refresh_findings() {
  const SubjectPtr s = session_.subject();
  const bool from_dark = counted_->currentIndex() == 0;
  values_card_->set_fact(s ? tr("contrast %1 of nine").arg(words::number(s->values.contrast, 1)) : QString());
  masses_card_->set_fact(s ? QString::number(s->masses.size()) : QString());
  const auto things = session_.choices().read.things.size();
  things_card_->set_fact(things > 0 ? QString::number(things) : QString());
  if (!s) {
    strip_->clear();
    warmth_->set_shares(0, 0);
    few_->set_images({}, {});
    return findings_->set_facts({});
  }
  const Warmth warmth = warmth_of(*s);
  warmth_->set_shares(warmth.warm, warmth.cool);
  strip_->set_drawing(value_drawing(*s, from_dark));
  findings_->set_facts(subject_facts(*s, from_dark));
  few_->set_images(pictures::in_values(s->squinted, 3), pictures::in_values(s->squinted, 5));
}

}  // namespace yd::app
