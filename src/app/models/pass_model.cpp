// SPDX-License-Identifier: MIT
#include "models/pass_model.h"

#include <QFont>
#include <QMimeData>

#include "looks/images.h"
#include "models/chips.h"
#include "models/reading.h"
#include "words/guide.h"
#include "words/order.h"
#include "advice/delicate.h"
#include "words/names.h"

namespace yd::app {
namespace {

const QString kPassMime = QStringLiteral("application/x-yawning-dune-pass");

}  // namespace

void PassModel::set_plan(PlannedPtr planned) {
  beginResetModel();
  planned_ = std::move(planned);
  endResetModel();
}

int PassModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() || !planned_ ? 0 : static_cast<int>(planned_->plan.passes.size());
}

int PassModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

QString PassModel::tool_name(const plan::Pass& pass) const {
  if (pass.kind == plan::PassKind::fix) return tr("Fixative");
  if (pass.kind == plan::PassKind::coat)
    return tr("Underpainting: %1")
        .arg(plan::name(planned_->plan.coats[static_cast<std::size_t>(pass.underpaint)].how.medium));
  return words::stick_name(planned_->collection->sticks[static_cast<std::size_t>(pass.stick)]);
}

QVariant PassModel::tool_chip(const plan::Pass& pass) const {
  if (pass.kind == plan::PassKind::fix) return judging_grey();
  if (pass.kind == plan::PassKind::coat)
    return to_colour(planned_->plan.coats[static_cast<std::size_t>(pass.underpaint)].dry);
  return pass_chip(planned_->collection->sticks[static_cast<std::size_t>(pass.stick)], pass.pressure,
                   pass.technique == plan::Technique::rubbed, *planned_->paper, planned_->parameters, kChip);
}

QString PassModel::pressed(const plan::Pass& pass) const {
  return words::pressure_short(planned_->guide.touches[static_cast<std::size_t>(pass.number - 1)]);
}

QString PassModel::text(const plan::Pass& pass, int column) const {
  switch (column) {
    case number:
      return QString::number(pass.number);
    case stick:
      return tool_name(pass);
    case pressure:
      if (pass.kind != plan::PassKind::stroke) return {};
      return pass.technique == plan::Technique::laid ? pressed(pass) : tr("%1, rub").arg(pressed(pass));
    case technique:
      if (pass.kind == plan::PassKind::fix) return tr("sprayed");
      if (pass.kind == plan::PassKind::coat) return tr("coat");
      return pass.technique == plan::Technique::laid ? tr("laid") : tr("rubbed");
    case time:
      return exports::minutes_words(pass.minutes);
    default:
      break;
  }
  QStringList names;
  for (const int m : pass.masses)
    names << QString::number(planned_->subject->masses[static_cast<std::size_t>(m)].id + 1);
  return names.join(", ");
}

QVariant PassModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || !planned_ || index.row() >= rowCount()) return {};
  const plan::Pass& pass = planned_->plan.passes[static_cast<std::size_t>(index.row())];
  switch (role) {
    case Qt::DisplayRole:
      return text(pass, index.column());
    case Qt::DecorationRole:
      return index.column() == stick ? tool_chip(pass) : QVariant();
    case Qt::TextAlignmentRole:
      return index.column() == number || index.column() == time ? QVariant(Qt::AlignRight | Qt::AlignVCenter)
                                                                : QVariant();
    case Qt::FontRole: {
      QFont font;
      font.setBold(plan::is_delicate(pass));
      return font.bold() && index.column() == number ? QVariant(font) : QVariant();
    }
    case Qt::ToolTipRole:
    case Qt::AccessibleDescriptionRole: {
      const QString reason = words::reason(pass.reason, planned_->subject->masses);
      return plan::is_delicate(pass) ? tr("Delicate: try it on an offcut first.") + " " + reason : reason;
    }
    case Qt::UserRole:
      return words::reason(pass.reason, planned_->subject->masses);
    default:
      return {};
  }
}

QVariant PassModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  switch (section) {
    case number:
      return tr("No.");
    case stick:
      return tr("Stick");
    case pressure:
      return tr("Hand");
    case technique:
      return tr("How");
    case time:
      return tr("Time");
    default:
      return tr("Masses");
  }
}

Qt::ItemFlags PassModel::flags(const QModelIndex& index) const {
  if (!index.isValid()) return Qt::ItemIsDropEnabled;
  return QAbstractTableModel::flags(index) | Qt::ItemIsDragEnabled;
}

bool PassModel::dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int, const QModelIndex& parent) {
  if (action != Qt::MoveAction || data == nullptr || !planned_) return false;
  const QByteArray from = data->data(kPassMime);
  bool ok = false;
  const int moved = from.toInt(&ok);
  if (!ok) return false;
  const int gap = row >= 0 ? row : parent.isValid() ? parent.row() : rowCount();
  emit move_asked(moved, gap > moved ? gap - 1 : gap);
  return false;  // the rows come from the plan; nothing is moved here
}

QStringList PassModel::mimeTypes() const { return {kPassMime}; }

QMimeData* PassModel::mimeData(const QModelIndexList& indexes) const {
  auto* data = new QMimeData;
  if (!indexes.isEmpty()) data->setData(kPassMime, QByteArray::number(indexes.front().row()));
  return data;
}

}  // namespace yd::app
