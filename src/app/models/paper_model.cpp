#include "models/paper_model.h"

#include "colour/words.h"
#include "models/images.h"

namespace yd::app {

PaperModel::PaperModel(const Materials& materials, QObject* parent)
    : QAbstractListModel(parent), materials_(materials) {}

int PaperModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(materials_.papers.size());
}

QVariant PaperModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const media::Paper& p = materials_.papers[static_cast<std::size_t>(index.row())];
  switch (role) {
    case Qt::DisplayRole:
      return QString::fromStdString(p.name);
    case Qt::DecorationRole:
      return to_colour(p.lab);
    case Qt::UserRole:
      return QString::fromStdString(p.id);
    case Qt::ToolTipRole:
      return tr("%1, value %2, tooth %3")
          .arg(QString::fromStdString(colour::describe(p.lab)))
          .arg(colour::value_step(p.lab.l), 0, 'f', 1)
          .arg(p.tooth.depth, 0, 'f', 2);
    default:
      return {};
  }
}

int PaperModel::row_of(const QString& id) const {
  for (int i = 0; i < rowCount(); ++i) {
    if (materials_.papers[static_cast<std::size_t>(i)].id == id.toStdString()) return i;
  }
  return -1;
}

void PaperModel::refresh() {
  beginResetModel();
  endResetModel();
}

}  // namespace yd::app
