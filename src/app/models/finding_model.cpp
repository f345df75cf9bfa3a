// SPDX-License-Identifier: MIT
#include "models/finding_model.h"
#include "words/findings.h"

#include <algorithm>

namespace yd::app {
namespace {

QString capitalised(QString text) {
  if (!text.isEmpty()) text[0] = text[0].toUpper();
  return text;
}

}  // namespace

void FindingModel::set_plan(PlannedPtr planned) {
  beginResetModel();
  planned_ = std::move(planned);
  endResetModel();
}

void FindingModel::show_all(bool all) {
  beginResetModel();
  all_ = all;
  endResetModel();
}

int FindingModel::rowCount(const QModelIndex& parent) const {
  if (parent.isValid() || !planned_) return 0;
  const auto n = planned_->findings.size();
  return static_cast<int>(all_ ? n : std::min(n, plan::kShownFirst));
}

int FindingModel::hidden() const { return planned_ ? static_cast<int>(planned_->findings.size()) - rowCount() : 0; }

const plan::Finding* FindingModel::finding(int row) const {
  return row >= 0 && row < rowCount() ? &planned_->findings[static_cast<std::size_t>(row)] : nullptr;
}

words::Named FindingModel::named() const { return {planned_->subject->masses, planned_->collection->sticks}; }

QVariant FindingModel::data(const QModelIndex& index, int role) const {
  const plan::Finding* f = index.isValid() ? finding(index.row()) : nullptr;
  if (f == nullptr) return {};
  switch (role) {
    case Qt::DisplayRole:
      return tr("%1. %2").arg(capitalised(words::check(f->check)), words::text(*f, named()));
    case Qt::ToolTipRole:
    case Qt::UserRole:
      return words::evidence(*f, named());
    default:
      return {};
  }
}

}  // namespace yd::app
