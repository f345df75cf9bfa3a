// SPDX-License-Identifier: MIT
#include "models/job_model.h"

#include <QFont>

#include "exports/pass_words.h"
#include "models/chips.h"
#include "words/guide.h"

namespace yd::app {

void JobModel::set_plan(PlannedPtr planned) {
  beginResetModel();
  planned_ = std::move(planned);
  endResetModel();
}

int JobModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() || !planned_ ? 0 : static_cast<int>(planned_->guide.passages.size());
}

int JobModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

QVariant JobModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || !planned_ || index.row() >= rowCount()) return {};
  const plan::Passage& p = planned_->guide.passages[static_cast<std::size_t>(index.row())];
  const words::Job job{planned_->plan, planned_->guide, planned_->subject->masses, planned_->collection->sticks};
  if (role == Qt::TextAlignmentRole && index.column() != name) return int(Qt::AlignRight | Qt::AlignVCenter);
  if (role == Qt::FontRole && index.column() == name) {
    QFont font;
    font.setItalic(!p.has_passes());  // what is no pass of colour
    return font;
  }
  if (role == Qt::DecorationRole && index.column() == name && !p.sticks.empty()) {
    return stick_chips(p.sticks, *planned_);
  }
  if (role == Qt::ToolTipRole && index.column() == name) return words::title(p, job);
  if (role != Qt::DisplayRole) return {};
  if (index.column() == number) return index.row() + 1;
  return index.column() == name ? words::short_title(p, job) : exports::minutes_words(p.minutes);
}

QVariant JobModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  return section == number ? tr("No.") : section == name ? tr("Passage") : tr("Time");
}

}  // namespace yd::app
