// SPDX-License-Identifier: MIT
#include "models/collection_model.h"

#include <QRegularExpression>
#include <algorithm>

#include "colour/words.h"
#include "looks/images.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {

CollectionModel::CollectionModel(Session& session, QObject* parent) : QAbstractTableModel(parent), session_(session) {
  connect(&session_, &Session::collection_changed, this, [this](const QString& id) {
    if (id == id_) show_collection(id);
  });
}

void CollectionModel::show_collection(const QString& id) {
  beginResetModel();
  id_ = id;
  endResetModel();
}

const media::Collection* CollectionModel::collection() const { return session_.materials().collection(id_); }

int CollectionModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() || collection() == nullptr ? 0 : static_cast<int>(collection()->sticks.size());
}

int CollectionModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

Qt::ItemFlags CollectionModel::flags(const QModelIndex& index) const {
  Qt::ItemFlags f = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
  if (index.column() == owned || index.column() == favourite) return f | Qt::ItemIsUserCheckable;
  return index.column() == words || index.column() == value ? f : f | Qt::ItemIsEditable;
}

QVariant CollectionModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const media::Stick& s = collection()->sticks[static_cast<std::size_t>(index.row())];
  const int c = index.column();
  if (role == Qt::CheckStateRole && (c == owned || c == favourite))
    return (c == owned ? s.owned : s.favourite) ? Qt::Checked : Qt::Unchecked;
  if (role == Qt::DecorationRole && c == name) return to_colour(s.lab);
  if (role == Qt::TextAlignmentRole && (c == value || c == left)) return QVariant(Qt::AlignRight | Qt::AlignVCenter);
  if (role != Qt::DisplayRole && role != Qt::EditRole) return {};
  switch (c) {
    case name:
      return role == Qt::EditRole ? QString::fromStdString(s.name) : words::stick_name(s);
    case words:
      return words::colour_name(s.lab);
    case medium:
      return role == Qt::EditRole ? QString(media::name(s.medium).data()) : words::term(media::name(s.medium).data());
    case value:
      return words::number(colour::value_step(s.lab.l), 1);
    case left:
      return role == Qt::EditRole ? QVariant(qRound(100 * s.left)) : tr("%1 %").arg(qRound(100 * s.left));
    case lightfast:
      return QString::fromStdString(s.lightfast);
    case pigments: {
      QStringList list;
      for (const std::string& p : s.pigments) list << QString::fromStdString(p);
      return list.join(' ');
    }
    default:
      return {};
  }
}

bool CollectionModel::put(media::Stick& s, int column, const QVariant& v) const {
  const QString text = v.toString().trimmed();
  switch (column) {
    case name:
      s.name = text.left(200).toStdString();
      return !text.isEmpty();
    case medium: {
      const auto m = media::medium_by_name(text.toLower().toStdString());
      if (m) s.medium = m.value();
      return m.ok();
    }
    case owned:
      s.owned = v.toInt() == Qt::Checked;
      return true;
    case favourite:
      s.favourite = v.toInt() == Qt::Checked;
      return true;
    case left: {
      bool ok = false;
      const double percent = QString(text).remove('%').toDouble(&ok);
      s.left = percent / 100;
      return ok && percent >= 0 && percent <= 100;
    }
    case lightfast:
      s.lightfast = text.toUpper().toStdString();
      return media::is_lightfast_class(s.lightfast);
    case pigments:
      s.pigments.clear();
      for (const QString& p : text.split(QRegularExpression("[\\s,;]+"), Qt::SkipEmptyParts))
        s.pigments.push_back(p.left(20).toStdString());
      return true;
    default:
      return false;
  }
}

bool CollectionModel::setData(const QModelIndex& index, const QVariant& v, int) {
  if (!index.isValid() || collection() == nullptr) return false;
  media::Collection after = *collection();
  media::Stick& stick = after.sticks[static_cast<std::size_t>(index.row())];
  if (!put(stick, index.column(), v)) return false;
  session_.edit_collection(after, tr("Stick"));
  return true;
}

void CollectionModel::commit(const media::Collection& after, const QString& text) {
  session_.edit_collection(after, text);
}

void CollectionModel::add_copy(int row) {
  if (row < 0 || row >= rowCount()) return;
  media::Collection after = *collection();
  media::Stick copy = after.sticks[static_cast<std::size_t>(row)];
  const std::string stem = copy.id + "-copy";
  int number = 1;
  const auto taken = [&](const std::string& id) {
    return std::any_of(after.sticks.begin(), after.sticks.end(), [&](const media::Stick& s) { return s.id == id; });
  };
  copy.id = stem;
  while (taken(copy.id)) copy.id = stem + std::to_string(++number);
  after.sticks.insert(after.sticks.begin() + row + 1, copy);
  commit(after, tr("Another stick"));
}

void CollectionModel::remove(int row) {
  if (row < 0 || row >= rowCount() || rowCount() == 1) return;
  media::Collection after = *collection();
  after.sticks.erase(after.sticks.begin() + row);
  commit(after, tr("Stick taken away"));
}

QVariant CollectionModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  const QString names[] = {tr("Name"), tr("Colour"),    tr("Kind"),          tr("Value"),   tr("Owned"),
                           tr("Left"), tr("Favourite"), tr("Lightfastness"), tr("Pigments")};
  return names[section];
}

}  // namespace yd::app
