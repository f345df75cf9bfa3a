// SPDX-License-Identifier: MIT
#include "panels/help_page.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QPushButton>

#include "looks/greys.h"
#include "looks/icons.h"
#include "panels/panel_parts.h"

namespace yd::app {
namespace {

constexpr QSize kDrawing(400, 260);
constexpr int kLine = 620;  ///< wider than this a line is hard to read

QLabel* sized(QLabel* label, Type type) {
  QFont f = label->font();
  f.setPointSizeF(points(type));
  label->setFont(f);
  return label;
}

}  // namespace

HelpPage::HelpPage(QWidget* parent)
    : QScrollArea(parent),
      title_(sized(heading({}), Type::large)),
      purpose_(sized(paragraph(), Type::heading)),
      drawing_(new QLabel),
      steps_(new QVBoxLayout),
      stuck_(paragraph()),
      caution_(paragraph()) {
  setObjectName("help_page");
  setAccessibleName(tr("Help"));
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  drawing_->setFixedSize(kDrawing);
  title_->setObjectName("help_title");
  drawing_->setObjectName("help_drawing");
  caution_->setObjectName("help_caution");
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("help_back");
  connect(back, &QPushButton::clicked, this, &HelpPage::closed);
  auto* words = new QVBoxLayout;
  words->setSpacing(kSpace);
  words->addWidget(title_);
  words->addWidget(purpose_);
  words->addSpacing(kSpace);
  words->addLayout(steps_);
  words->addSpacing(kSpace);
  words->addWidget(stuck_);
  words->addWidget(caution_);
  words->addStretch();
  auto* column = new QWidget;
  column->setLayout(words);
  column->setMaximumWidth(kLine);
  auto* middle = new QHBoxLayout;
  middle->setSpacing(4 * kSpace);
  middle->addWidget(make_topics(), 0, Qt::AlignTop);
  middle->addWidget(column, 1);
  middle->addWidget(drawing_, 0, Qt::AlignTop);
  middle->addStretch();
  auto* page = new QWidget;
  auto* all = new QVBoxLayout(page);
  all->setContentsMargins(3 * kSpace, 2 * kSpace, 3 * kSpace, 2 * kSpace);
  all->addWidget(back, 0, Qt::AlignRight);
  all->addLayout(middle, 1);
  setWidget(page);
}

QWidget* HelpPage::make_topics() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(2);
  auto* one = new QButtonGroup(this);
  for (int i = 0; i < kHelpTopics; ++i) {
    auto* button = new QToolButton;
    button->setText(i == 0 ? tr("First picture") : help(static_cast<HelpTopic>(i)).title);
    button->setObjectName("help_topic_" + QString::number(i));
    button->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);  // its text begins on the left
    button->setCheckable(true);
    button->setAutoRaise(true);
    button->setFocusPolicy(Qt::StrongFocus);
    button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    one->addButton(button);
    column->addWidget(button);
    topics_ << button;
    connect(button, &QToolButton::clicked, this, [this, i] { show_topic(static_cast<HelpTopic>(i)); });
  }
  return box;
}

void HelpPage::show_topic(HelpTopic topic) {
  topics_[static_cast<int>(topic)]->setChecked(true);
  fill(help(topic));
  ensureVisible(0, 0);
}

void HelpPage::fill(const Help& h) {
  title_->setText(h.title);
  purpose_->setText(h.purpose);
  drawing_->setPixmap(help_drawing(h.drawing, kDrawing, devicePixelRatioF()));
  while (QLayoutItem* item = steps_->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  for (int i = 0; i < h.steps.size(); ++i)
    steps_->addWidget(paragraph(tr("%1.  %2", "a numbered line").arg(i + 1).arg(h.steps[i])));
  stuck_->setText(h.if_stuck);
  caution_->setText(h.caution);
  caution_->setVisible(!h.caution.isEmpty());
}

}  // namespace yd::app
