// SPDX-License-Identifier: MIT
#include "panels/advice_section.h"

#include <QHBoxLayout>
#include <QShortcut>
#include <QVBoxLayout>

#include "models/layer_words.h"
#include "panels/panel_parts.h"
#include "words/findings.h"

namespace yd::app {

AdviceSection::AdviceSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      list_(lines("findings", tr("What a look over the plan found"), model_)),
      about_(paragraph()),
      all_(new QCheckBox),
      mend_(new QPushButton(tr("Mend it (M)"))) {
  about_->setObjectName("finding_about");
  about_->setMinimumHeight(64);
  all_->setObjectName("findings_all");
  mend_->setObjectName("mend");
  auto* row = new QHBoxLayout;
  row->addWidget(all_, 1);
  row->addWidget(mend_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  column->addWidget(list_, 1);
  column->addWidget(about_);
  column->addLayout(row);
  connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, &AdviceSection::select);
  connect(all_, &QCheckBox::toggled, this, [this](bool on) {
    model_.show_all(on);
    refresh();
  });
  connect(mend_, &QPushButton::clicked, this, &AdviceSection::mend);
  connect(new QShortcut(QKeySequence(Qt::Key_M), this), &QShortcut::activated, this, &AdviceSection::mend);
  connect(&session_, &Session::plan_changed, this, [this] {
    model_.set_plan(session_.planned());
    refresh();
  });
  refresh();
}

void AdviceSection::refresh() {
  const int n = model_.rowCount();
  if (n > 0) list_->setCurrentIndex(model_.index(0));
  const int hidden = model_.hidden();
  all_->setVisible(hidden > 0 || all_->isChecked());
  all_->setText(hidden > 0 ? tr("%1 more").arg(hidden) : tr("Show all"));
  select();
  emit counted(n + hidden);
}

void AdviceSection::select() {
  const plan::Finding* f = model_.finding(list_->currentIndex().row());
  mend_->setEnabled(f != nullptr && f->after);
  if (f == nullptr) {
    return about_->setText(session_.planned() ? tr("Nothing stands against this plan.")
                                              : tr("Open a picture: its plan is looked over here."));
  }
  about_->setText(finding_words(*f, model_.named()));
  if (isVisible() && f->pass >= 0) session_.set_lit_pass(f->pass + 1);
}

void AdviceSection::mend() {
  const plan::Finding* f = model_.finding(list_->currentIndex().row());
  if (f == nullptr || !f->after) return;
  Choices c = session_.choices();
  c.plan = *f->after;
  // The sheet's size is the composition's affair.
  c.plan.sheet_cm2 = session_.choices().plan.sheet_cm2;
  session_.change(c, tr("Mended: %1").arg(words::check(f->check)));
}

}  // namespace yd::app
