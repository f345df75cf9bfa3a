// SPDX-License-Identifier: MIT
#include "panels/school_page.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "panels/panel_parts.h"
#include "widgets/stack_view.h"

namespace yd::app {

SchoolPage::SchoolPage(QWidget* parent) : QScrollArea(parent) {
  setObjectName("school_cards");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

void SchoolPage::set_cost(plan::School school, const QString& words) {
  if (QLabel* label = costs_.value(plan::name(school))) label->setText(words);
}

void SchoolPage::set_schools(const std::vector<SchoolView>& schools, const QString& advice) {
  costs_.clear();
  auto* page = new QWidget;
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("schools_back");
  connect(back, &QPushButton::clicked, this, &SchoolPage::closed);
  auto* column = new QVBoxLayout(page);
  auto* row = new QHBoxLayout;
  row->addWidget(
      heading(tr("Four ways to build a picture, cut through the tooth of this paper with sticks of this tray")), 1);
  row->addWidget(back);
  column->addLayout(row);
  column->addWidget(paragraph(advice));
  auto* grid = new QGridLayout;
  grid->setSpacing(14);
  for (std::size_t i = 0; i < schools.size(); ++i)
    grid->addWidget(make_card(schools[i]), static_cast<int>(i) / 2, static_cast<int>(i) % 2);
  column->addLayout(grid);
  column->addStretch(1);
  setWidget(page);
}

QWidget* SchoolPage::make_card(const SchoolView& v) {
  auto* card = new QWidget;
  auto* column = new QVBoxLayout(card);
  column->setContentsMargins(0, 0, 0, 0);
  auto* cut = new StackView;
  cut->set_view(v.cut);
  auto* take = new QPushButton(v.chosen ? tr("Chosen") : tr("Build this way"));
  take->setEnabled(!v.chosen);
  take->setObjectName(QString("take_school_%1").arg(plan::name(v.school)));
  take->setAccessibleName(tr("%1: build this way").arg(v.title));
  connect(take, &QPushButton::clicked, this, [this, school = v.school] { emit school_asked(school); });
  QLabel* cost = paragraph();
  cost->setObjectName(QString("school_cost_%1").arg(plan::name(v.school)));
  costs_[plan::name(v.school)] = cost;
  column->addWidget(heading(v.title));
  column->addWidget(cost);
  column->addWidget(cut);
  column->addWidget(paragraph(v.order));
  column->addWidget(paragraph(tr("Usual for: %1").arg(v.usual_for)));
  column->addWidget(paragraph(v.cut.steps.join("; ")));
  column->addWidget(take, 0, Qt::AlignLeft);
  column->addStretch(1);
  return card;
}

}  // namespace yd::app
