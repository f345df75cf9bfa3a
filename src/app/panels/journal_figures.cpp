// SPDX-License-Identifier: MIT
#include "panels/journal_figures.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "looks/greys.h"
#include "session/sentences.h"
#include "words/number.h"

namespace yd::app {

StockSection::StockSection(Session& session, Keeper& keeper, QWidget* parent)
    : QWidget(parent),
      session_(session),
      keeper_(keeper),
      stock_(row_list("journal_stock", tr("Sticks"))),
      shopping_(snug(paragraph())) {
  shopping_->setObjectName("journal_shopping");
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(3 * kSpace);
  auto* left = new QVBoxLayout;
  left->addWidget(heading(tr("What unfinished works take of each stick")));
  left->addWidget(stock_, 1);
  auto* right = new QVBoxLayout;
  right->addWidget(heading(tr("To get")));
  right->addWidget(shopping_);
  right->addStretch();
  row->addLayout(left, 1);
  row->addLayout(right, 1);
}

void StockSection::refresh() {
  const journal::Journal* j = keeper_.journal();
  stock_->clear();
  stock_->setIconSize({40, 24});
  if (j == nullptr) return shopping_->setText(keeper_.trouble());
  const auto uses = j->planned_uses();
  const auto next = j->next_sticks();
  if (!uses || !next) return shopping_->setText(sentence(!uses ? uses.error() : next.error()));
  const QList<StockRow> rows = stock_rows(uses.value(), session_.materials());
  for (const StockRow& r : rows) {
    const QString left =
        r.left_mm < 0 ? tr("not in a collection here") : tr("%1 mm left").arg(words::number(r.left_mm, 0));
    auto* item = new QListWidgetItem(tr("%1\n%2 mm needed, %3%4")
                                         .arg(r.name)
                                         .arg(words::number(r.needed_mm, 1))
                                         .arg(left, r.runs_out ? tr(" · runs out") : QString()),
                                     stock_);
    item->setData(Qt::DecorationRole, r.colour);
  }
  const QStringList list = shopping_list(rows, next.value());
  shopping_->setText(list.isEmpty() ? tr("Nothing: no unfinished work needs what is not there.") : list.join("\n"));
}

TimesSection::TimesSection(Session& session, Keeper& keeper, QWidget* parent)
    : QWidget(parent),
      session_(session),
      keeper_(keeper),
      pace_(new Facts("journal_pace", tr("Your times"))),
      pace_words_(snug(paragraph())),
      take_pace_(new QPushButton(tr("Plan with my times"))),
      hands_(snug(paragraph())) {
  take_pace_->setObjectName("journal_take_pace");
  pace_words_->setObjectName("journal_pace_words");
  connect(take_pace_, &QPushButton::clicked, this, [this] {
    const bool own = session_.choices().plan.pace != plan::Pace{};
    keeper_.take_pace(own ? plan::Pace{} : keeper_.pace().pace);
    refresh();
  });
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(heading(tr("Minutes at the easel against the plan's")));
  column->addWidget(pace_);
  column->addWidget(pace_words_);
  column->addWidget(take_pace_, 0, Qt::AlignLeft);
  column->addSpacing(2 * kSpace);
  column->addWidget(snug(heading(tr("Hands measured by offcuts"))));
  hands_->setObjectName("journal_hands");
  column->addWidget(hands_);
  column->addStretch();
  setMaximumWidth(560);
}

void TimesSection::refresh() {
  if (const journal::Journal* j = keeper_.journal()) {
    if (const auto tests = j->offcut_tests())
      hands_->setText(tests.value().empty() ? tr("None yet: Ground, Your hand.")
                                            : hand_lines(tests.value()).join("\n"));
  }
  const calibrate::PaceFit fit = keeper_.pace();
  pace_->set_facts(pace_facts(fit));
  const bool enough = fit.passes >= calibrate::kFewestTimes;
  const bool own = session_.choices().plan.pace != plan::Pace{};
  pace_words_->setText(
      enough ? own ? tr("The plan counts with your times.")
                   : tr("Half of all passes took you this much longer or shorter than we said. Each was "
                        "foretold from the others.")
             : tr("After %n timed pass(es) your own times can replace our guess.", nullptr, calibrate::kFewestTimes));
  take_pace_->setText(own ? tr("Plan with the usual times") : tr("Plan with my times"));
  take_pace_->setEnabled(own || enough);
}

}  // namespace yd::app
