// SPDX-License-Identifier: MIT
#include "panels/papers_section.h"

#include <QSignalBlocker>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "panels/panel_parts.h"
#include "words/grounds.h"
#include "words/names.h"
#include "words/seen.h"

namespace yd::app {

PapersSection::PapersSection(Session& session, Advice& advice, QWidget* parent)
    : QWidget(parent),
      session_(session),
      advice_(advice),
      work_out_(new QPushButton(tr("Plan it on the three best"))),
      list_(new QListWidget),
      words_(paragraph()) {
  work_out_->setObjectName("papers_ask");
  list_->setObjectName("papers_tried");
  list_->setAccessibleName(tr("The picture on other papers, the nearest first"));
  list_->setWordWrap(true);
  words_->setObjectName("papers_words");
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(work_out_);
  column->addWidget(words_);
  column->addWidget(list_, 1);
  connect(work_out_, &QPushButton::clicked, this, [this] { advice_.ask({Need::grounds, Need::papers}); });
  connect(list_, &QListWidget::itemActivated, this, &PapersSection::take);
  connect(list_, &QListWidget::itemClicked, this, &PapersSection::take);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need == Need::papers) refresh();
  });
  connect(&advice_, &Advice::busy_changed, this, &PapersSection::refresh);
  connect(&session_, &Session::plan_changed, this, &PapersSection::refresh);
  refresh();
}

void PapersSection::take(QListWidgetItem* item) {
  Choices c = session_.choices();
  c.paper = item->data(Qt::UserRole).toString().toStdString();
  session_.change(c, tr("Paper"));
}

void PapersSection::refresh() {
  const PapersPtr tried = advice_.papers();
  const PlannedPtr planned = session_.planned();
  const bool begun = planned && !planned->options.laid.empty();
  work_out_->setEnabled(planned != nullptr && !begun && !tried && !advice_.busy());
  const QSignalBlocker quiet(list_);
  list_->clear();
  list_->setVisible(tried && !tried->empty());
  if (!tried || !planned) {
    words_->setText(begun ? tr("What is begun stays on its paper.")
                          : tr("What would another paper bring? Working it out takes some plans' time."));
    return;
  }
  const auto& papers = session_.materials().papers;
  for (const job::OnPaper& p : *tried) {
    const media::Paper& paper = papers[p.paper];
    auto* item = new QListWidgetItem(
        tr("%1: %2, %3")
            .arg(words::paper_name(paper), words::seen_with_number(p.seen.mean), exports::minutes_words(p.minutes)),
        list_);
    item->setData(Qt::UserRole, QString::fromStdString(paper.id));
  }
  const double is = planned->figures.seen.mean;
  const bool better = !tried->empty() && tried->front().seen.mean <= is - job::kWorthAPaper;
  words_->setText(better ? words::nearer_on(papers[tried->front().paper], is, tried->front().seen.mean)
                         : tr("None would bring more than this one: %1.").arg(words::seen_with_number(is)));
}

}  // namespace yd::app
