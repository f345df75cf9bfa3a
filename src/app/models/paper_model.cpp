// SPDX-License-Identifier: MIT
#include "models/paper_model.h"

#include <QIcon>

#include "colour/words.h"
#include "models/chips.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {

PaperModel::PaperModel(const Materials& materials, QObject* parent)
    : QAbstractListModel(parent), materials_(materials) {}

int PaperModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(materials_.papers.size());
}

QVariant PaperModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const media::Paper& p = at(index.row());
  switch (role) {
    case Qt::DisplayRole:
      if (ranked_.empty()) return words::paper_name(p);
      return tr("%1. %2").arg(index.row() + 1).arg(words::paper_name(p));
    case Qt::DecorationRole:
      return QIcon(paper_chip(p, QSize(64, 30)));
    case Qt::UserRole:
      return QString::fromStdString(p.id);
    case Qt::ToolTipRole:
      return tr("%1, value %2, tooth %3")
          .arg(words::colour_name(p.lab))
          .arg(words::number(colour::value_step(p.lab.l), 1))
          .arg(words::number(p.tooth.depth, 2));
    default:
      return {};
  }
}

int PaperModel::row_of(const QString& id) const {
  for (int i = 0; i < rowCount(); ++i) {
    if (at(i).id == id.toStdString()) return i;
  }
  return -1;
}

const media::Paper& PaperModel::at(int row) const {
  const auto place = static_cast<std::size_t>(row);
  return materials_.papers[ranked_.empty() ? place : ranked_[place].paper];
}

void PaperModel::set_ranking(const std::vector<plan::GroundVerdict>& ranked) {
  beginResetModel();
  ranked_ = ranked.size() == materials_.papers.size() ? ranked : std::vector<plan::GroundVerdict>{};
  endResetModel();
}

void PaperModel::refresh() {
  beginResetModel();
  ranked_.clear();
  endResetModel();
}

}  // namespace yd::app
