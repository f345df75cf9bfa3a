// SPDX-License-Identifier: MIT
#include "panels/job_section.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "models/chips.h"
#include "models/layer_words.h"
#include "panels/panel_parts.h"

namespace yd::app {
namespace {

constexpr int kWhere = 132;  // long side of the picture of where

}  // namespace

JobSection::JobSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      passages_(table("passages", model_, JobModel::name)),
      where_(new QLabel),
      mark_(new StrokeView),
      strokes_(new StrokeRows),
      about_(paragraph()) {
  passages_->setAccessibleName(tr("Passages"));
  passages_->setIconSize(kChips);
  passages_->horizontalHeader()->hide();
  // What a passage is for is read whole.
  passages_->setWordWrap(true);
  passages_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  about_->setObjectName("passage_about");
  where_->setObjectName("passage_where");
  where_->setAccessibleName(tr("Where the passage goes: darker where it is firmer"));
  mark_->setFixedSize(kWhere, 66);
  auto* pictures = new QHBoxLayout;
  pictures->addWidget(where_);
  pictures->addWidget(mark_);
  pictures->addStretch();
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addLayout(pictures);
  column->addWidget(strokes_);
  column->addWidget(about_);
  column->addStretch();
  connect(passages_->selectionModel(), &QItemSelectionModel::currentRowChanged, this, &JobSection::select);
  connect(&session_, &Session::plan_changed, this, &JobSection::refresh_plan);
  refresh_plan();
}

void JobSection::say(const QString& title, const QString& fact, const QString& text) {
  emit titled(title, fact);
  about_->setText(text);
}

void JobSection::refresh_plan() {
  model_.set_plan(session_.planned());
  where_->hide();
  mark_->hide();
  strokes_->set_rows({});
  say(tr("The passage"), {},
      session_.planned() ? tr("Choose a passage: it is lit in the picture.")
                         : tr("Open a picture: the whole job will stand here, from the drawing to the end."));
}

void JobSection::select(const QModelIndex& index) {
  const PlannedPtr planned = session_.planned();
  if (!index.isValid() || !planned) return;
  const plan::Passage& p = planned->guide.passages[static_cast<std::size_t>(index.row())];
  session_.set_cursor(p.last + 1);
  session_.set_lit_passes(p.has_passes() ? p.first + 1 : 0, p.has_passes() ? p.last + 1 : 0);
  const exports::PlanView view = view_of(*planned, planned->parameters);
  where_->setVisible(p.has_passes());
  mark_->setVisible(p.has_passes());
  if (p.has_passes()) {
    where_->setPixmap(QPixmap::fromImage(passage_where(*planned, p, kWhere)));
    const exports::PassWords w = exports::words_of(view, p.first);
    mark_->set_drawing(exports::mark_drawing(view, p.first), w.how + ", " + w.mark + ", " + w.direction);
  }
  strokes_->set_rows(stroke_rows(*planned, p));
  say(tr("Passage %1").arg(index.row() + 1), exports::minutes_words(p.minutes), passage_words(view, index.row()));
}

}  // namespace yd::app
