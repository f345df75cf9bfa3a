// SPDX-License-Identifier: MIT
#include "models/stick_model.h"

#include <algorithm>

#include "colour/words.h"
#include "models/chips.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {

void StickModel::set_plan(PlannedPtr planned) {
  beginResetModel();
  planned_ = std::move(planned);
  order_.clear();
  if (planned_) {
    order_ = plan::in_hand(planned_->plan);
    const auto& sticks = planned_->collection->sticks;
    std::sort(order_.begin(), order_.end(), [&](int p, int q) {
      return sticks[static_cast<std::size_t>(p)].lab.l < sticks[static_cast<std::size_t>(q)].lab.l;
    });
  }
  endResetModel();
}

int StickModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(order_.size());
}

int StickModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

QVariant StickModel::text(int stick, int column) const {
  const media::Stick& s = planned_->collection->sticks[static_cast<std::size_t>(stick)];
  switch (column) {
    case name:
      return words::stick_name(s);
    case medium:
      return words::term(media::name(s.medium).data());
    case value:
      return words::number(colour::value_step(s.lab.l), 1);
    default:
      break;
  }
  const auto& all = planned_->plan.passes;
  return QString::number(std::count_if(all.begin(), all.end(), [&](const plan::Pass& p) { return p.stick == stick; }));
}

QVariant StickModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const int stick = order_[static_cast<std::size_t>(index.row())];
  const media::Stick& s = planned_->collection->sticks[static_cast<std::size_t>(stick)];
  switch (role) {
    case Qt::DisplayRole:
      return text(stick, index.column());
    case Qt::DecorationRole:
      return index.column() == name ? QVariant(stroke_chip(s, *planned_->paper, planned_->parameters, kChip))
                                    : QVariant();
    case Qt::TextAlignmentRole:
      return index.column() >= value ? QVariant(Qt::AlignRight | Qt::AlignVCenter) : QVariant();
    case Qt::ToolTipRole: {
      QString tip = words::colour_name(s.lab);
      if (media::needs_care(s))
        tip += "\n" + tr("Take care with the dust: pigment named as a compound harmful if breathed or swallowed. "
                         "Follow the product's safety data sheet.");
      return tip;
    }
    default:
      return {};
  }
}

QVariant StickModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  switch (section) {
    case name:
      return tr("Stick");
    case medium:
      return tr("Kind");
    case value:
      return tr("Value");
    default:
      return tr("Passes");
  }
}

}  // namespace yd::app
