// SPDX-License-Identifier: MIT
#include "models/paper_model.h"

#include <QIcon>
#include <QPainter>

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
      return QIcon(picture(p));
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

/// The sheet with its tooth, and on it the delicate colour.
QPixmap PaperModel::picture(const media::Paper& paper) const {
  constexpr QSize kSheet(64, 30);
  constexpr QRect kStroke(22, 6, 38, 18);
  QPixmap out = paper_chip(paper, kSheet);
  if (!delicate_) return out;
  QPainter painter(&out);
  painter.drawPixmap(kStroke, stroke_chip(*delicate_, paper, parameters_, kStroke.size()));
  return out;
}

void PaperModel::set_ranking(const std::vector<plan::GroundVerdict>& ranked, std::optional<media::Stick> delicate,
                             const optics::Parameters& parameters) {
  beginResetModel();
  parameters_ = parameters;
  delicate_ = std::move(delicate);
  ranked_ = ranked.size() == materials_.papers.size() ? ranked : std::vector<plan::GroundVerdict>{};
  endResetModel();
}

void PaperModel::refresh() {
  beginResetModel();
  ranked_.clear();
  delicate_.reset();
  endResetModel();
}

}  // namespace yd::app
