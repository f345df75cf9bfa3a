#include "panels/subject_panel.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <algorithm>

namespace yd::app {
namespace {

enum Merge { merge_squint = 1, merge_masses = 2 };

QString findings(const subject::Subject& s) {
  double dark = 100;
  double light = 0;
  for (const subject::Mass& m : s.masses) {
    for (const subject::Target& t : m.targets) {
      dark = std::min(dark, t.lab.l);
      light = std::max(light, t.lab.l);
    }
  }
  return QObject::tr("%1 masses. Darkest dark: value %2. Lightest light: value %3. Contrast: %4 of nine steps.")
      .arg(s.masses.size())
      .arg(colour::value_step(dark), 0, 'f', 1)
      .arg(colour::value_step(light), 0, 'f', 1)
      .arg(colour::value_step(light) - colour::value_step(dark), 0, 'f', 1);
}

}  // namespace

SubjectPanel::SubjectPanel(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      views_(new QButtonGroup(this)),
      squint_(new LabelledSlider(tr("Squint"), "squint", 0, 100)),
      masses_(new LabelledSlider(tr("Most masses"), "masses", 8, 30)),
      findings_(paragraph()) {
  findings_->setObjectName("findings");
  auto* column = new QVBoxLayout(this);
  column->addWidget(heading(tr("Look at it half-closed")));
  column->addWidget(make_views());
  column->addWidget(squint_);
  column->addWidget(masses_);
  column->addSpacing(8);
  column->addWidget(findings_);
  column->addStretch();
  connect(squint_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.read.squint = v / 100.0;
    session_.change(c, tr("Squint"), merge_squint);
  });
  connect(masses_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.read.masses = v;
    session_.change(c, tr("Most masses"), merge_masses);
  });
  connect(&session_, &Session::choices_changed, this, &SubjectPanel::refresh_choices);
  connect(&session_, &Session::subject_changed, this, &SubjectPanel::refresh_findings);
  refresh_choices();
  refresh_findings();
}

QWidget* SubjectPanel::make_views() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2);
  const QString names[] = {tr("Picture"), tr("Squint"), tr("Values"), tr("Masses")};
  for (int i = 0; i < 4; ++i) {
    auto* b = new QPushButton(names[i]);
    b->setObjectName("view_" + QString::number(i));
    b->setCheckable(true);
    b->setMinimumWidth(40);
    views_->addButton(b, i);
    row->addWidget(b);
  }
  views_->button(0)->setChecked(true);
  connect(views_, &QButtonGroup::idClicked, this, [this](int id) { emit view_asked(static_cast<SubjectView>(id)); });
  return box;
}

void SubjectPanel::refresh_choices() {
  squint_->show_value(qRound(session_.choices().read.squint * 100));
  masses_->show_value(session_.choices().read.masses);
}

void SubjectPanel::refresh_findings() {
  findings_->setText(session_.subject() ? findings(*session_.subject()) : QString());
}

}  // namespace yd::app
