// SPDX-License-Identifier: MIT
#include "panels/school_section.h"

#include <QGridLayout>
#include <QSignalBlocker>

#include "panels/panel_parts.h"
#include "words/school.h"
#include "words/names.h"

namespace yd::app {

SchoolSection::SchoolSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      scope_(new QComboBox),
      school_(new QComboBox),
      manner_(new QComboBox),
      course_(new QComboBox),
      reason_(paragraph()) {
  scope_->setObjectName("way_scope");
  scope_->setAccessibleName(tr("Whole picture or one mass"));
  school_->setObjectName("school");
  school_->setAccessibleName(tr("School"));
  manner_->setObjectName("manner");
  manner_->setAccessibleName(tr("Strokes broken or rubbed"));
  course_->setObjectName("work_course");
  course_->setAccessibleName(tr("Order over the sheet"));
  reason_->setObjectName("school_reason");
  auto* about = new QPushButton(tr("About…"));
  about->setObjectName("school_page");
  about->setAccessibleName(tr("About the schools"));
  course_->addItems({tr("Far to near"), tr("Features first")});
  for (QComboBox* box : {scope_, school_, manner_, course_}) {
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(12);
  }
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setVerticalSpacing(3);
  grid->addWidget(scope_, 0, 0, 1, 2);
  grid->addWidget(about, 0, 2);
  grid->addWidget(school_, 1, 0, 1, 3);
  grid->addWidget(manner_, 2, 0);
  grid->addWidget(course_, 2, 1, 1, 2);
  grid->addWidget(reason_, 3, 0, 1, 3);
  grid->setColumnStretch(0, 1);
  grid->setColumnStretch(1, 1);
  connect(about, &QPushButton::clicked, this, &SchoolSection::page_asked);
  connect(scope_, &QComboBox::activated, this, &SchoolSection::refresh);
  connect(school_, &QComboBox::activated, this, &SchoolSection::choose_school);
  connect(manner_, &QComboBox::activated, this, &SchoolSection::choose_manner);
  connect(course_, &QComboBox::activated, this, [this](int i) {
    Choices c = session_.choices();
    c.plan.course = static_cast<plan::Course>(i);
    session_.change(c, tr("Order over the sheet"));
  });
  connect(&session_, &Session::subject_changed, this, &SchoolSection::refresh_scopes);
  connect(&session_, &Session::choices_changed, this, &SchoolSection::refresh);
  connect(&session_, &Session::plan_changed, this, &SchoolSection::refresh);
  refresh_scopes();
}

void SchoolSection::refresh_scopes() {
  const int before = scope_->currentIndex();
  scope_->clear();
  scope_->addItem(tr("For the whole picture"));
  if (const SubjectPtr s = session_.subject()) {
    for (const subject::Mass& m : s->masses) scope_->addItem(tr("For %1").arg(words::mass_name(m)));
  }
  scope_->setCurrentIndex(std::clamp(before, 0, scope_->count() - 1));
  refresh();
}

plan::MassWay SchoolSection::way() const {
  const int mass = scope_->currentIndex() - 1;
  for (const plan::MassWay& w : session_.choices().plan.ways) {
    if (w.mass == mass) return w;
  }
  return {mass, std::nullopt, std::nullopt};
}

void SchoolSection::put_way(const plan::MassWay& way) {
  Choices c = session_.choices();
  std::erase_if(c.plan.ways, [&](const plan::MassWay& w) { return w.mass == way.mass; });
  if (way.school || way.manner) c.plan.ways.push_back(way);
  session_.change(c, tr("Way of one mass"));
}

void SchoolSection::choose_school(int index) {
  const auto school = index == 0 ? std::nullopt : std::optional(plan::kSchools[static_cast<std::size_t>(index - 1)]);
  if (!whole()) {
    plan::MassWay w = way();
    w.school = school;
    return put_way(w);
  }
  Choices c = session_.choices();
  c.plan.school = school;
  session_.change(c, tr("School"));
}

void SchoolSection::choose_manner(int index) {
  if (!whole()) {
    plan::MassWay w = way();
    w.manner = index == 0 ? std::nullopt : std::optional(plan::kManners[static_cast<std::size_t>(index - 1)]);
    return put_way(w);
  }
  Choices c = session_.choices();
  c.plan.manner = plan::kManners[static_cast<std::size_t>(index)];
  session_.change(c, tr("Strokes broken or rubbed"));
}

void SchoolSection::refresh() {
  const PlannedPtr planned = session_.planned();
  const plan::PlanOptions& options = session_.choices().plan;
  const auto index_of = [](const auto& list, auto value) {
    return static_cast<int>(std::find(list.begin(), list.end(), value) - list.begin());
  };
  school_->clear();
  const QString advised = planned ? words::school(planned->plan.school).title : QString();
  const bool as_advised = planned && !options.school;
  school_->addItem(!whole() ? tr("As the picture") : as_advised ? tr("As advised: %1").arg(advised) : tr("As advised"));
  for (const plan::School s : plan::kSchools) school_->addItem(words::school(s).title);
  manner_->clear();
  if (!whole()) manner_->addItem(tr("As the picture"));
  manner_->addItems({tr("Broken or rubbed"), tr("Broken"), tr("Rubbed")});
  const plan::MassWay w = whole() ? plan::MassWay{} : way();
  const auto school = whole() ? options.school : w.school;
  school_->setCurrentIndex(school ? 1 + index_of(plan::kSchools, *school) : 0);
  manner_->setCurrentIndex(whole()    ? index_of(plan::kManners, options.manner)
                           : w.manner ? 1 + index_of(plan::kManners, *w.manner)
                                      : 0);
  course_->setCurrentIndex(static_cast<int>(options.course));
  reason_->setText(as_advised && whole() ? words::advised(planned->plan.advised, planned->subject->masses) : QString());
  reason_->setVisible(!reason_->text().isEmpty());
}

}  // namespace yd::app
