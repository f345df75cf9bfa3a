#include "models/pass_model.h"

#include "models/images.h"
#include "models/reading.h"

namespace yd::app {

void PassModel::set_plan(PlannedPtr planned) {
  beginResetModel();
  planned_ = std::move(planned);
  endResetModel();
}

int PassModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() || !planned_ ? 0 : static_cast<int>(planned_->plan.passes.size());
}

int PassModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

QString PassModel::text(const plan::Pass& pass, int column) const {
  switch (column) {
    case number:
      return QString::number(pass.number);
    case stick:
      return QString::fromStdString(planned_->collection->sticks[static_cast<std::size_t>(pass.stick)].name);
    case pressure:
      return pressure_words(pass.pressure);
    case technique:
      return pass.technique == plan::Technique::laid ? tr("laid") : tr("rubbed");
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
  const media::Stick& s = planned_->collection->sticks[static_cast<std::size_t>(pass.stick)];
  switch (role) {
    case Qt::DisplayRole:
      return text(pass, index.column());
    case Qt::DecorationRole:
      return index.column() == stick ? QVariant(to_colour(s.lab)) : QVariant();
    case Qt::TextAlignmentRole:
      return index.column() == number ? QVariant(Qt::AlignRight | Qt::AlignVCenter) : QVariant();
    case Qt::ToolTipRole:
    case Qt::UserRole:
      return QString::fromStdString(pass.reason);
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
    default:
      return tr("Masses");
  }
}

}  // namespace yd::app
