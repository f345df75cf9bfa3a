// SPDX-License-Identifier: MIT
#include "models/box_model.h"

#include <QPainter>
#include <QRegularExpression>
#include <algorithm>
#include <cmath>
#include <numeric>

#include "exports/pass_words.h"
#include "looks/images.h"
#include "models/chips.h"
#include "words/number.h"

namespace yd::app {
namespace {

constexpr double kSure = 0.7;  // of a kind, above which it is not asked for

QString words_of(swatches::Doubt doubt) {
  switch (doubt) {
    case swatches::Doubt::none:
      return {};
    case swatches::Doubt::patchy:
      return BoxModel::tr("not filled evenly");
    case swatches::Doubt::clipped:
      return BoxModel::tr("more vivid, or lighter, than a photograph can say");
    case swatches::Doubt::odd:
      return BoxModel::tr("the light stroke does not go with the full one");
  }
  return {};
}

/// Three numbers, with commas or points, apart by anything else.
std::optional<colour::Lab> lab_in(const QString& text) {
  static const QRegularExpression number("[-−]?\\d+(?:[.,]\\d+)?");
  std::vector<double> v;
  for (auto i = number.globalMatch(text); i.hasNext();)
    v.push_back(i.next().captured().replace(QChar(0x2212), '-').replace(',', '.').toDouble());
  if (v.size() != 3 || v[0] < 0 || v[0] > 100 || std::abs(v[1]) > 150 || std::abs(v[2]) > 150) return std::nullopt;
  return colour::Lab{v[0], v[1], v[2]};
}

}  // namespace

void BoxModel::set_found(const BoxReader::FoundPtr& found) {
  beginResetModel();
  if (!found || !found_ || found->sheet != found_->sheet) said_.clear();
  found_ = found;
  endResetModel();
}

int BoxModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() || !found_ ? 0 : static_cast<int>(found_->box.sticks.size());
}

int BoxModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

Qt::ItemFlags BoxModel::flags(const QModelIndex& index) const {
  const Qt::ItemFlags f = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
  return index.column() == name || index.column() == masstone ? f | Qt::ItemIsEditable : f;
}

media::Stick BoxModel::stick_of(const swatches::SwatchFound& found) const {
  media::Stick out = found.stick;
  const Said said = said_.value(found.cell);
  if (said.masstone) out = media::stick_of(*said.masstone, "", out.medium);
  if (!said.name.isEmpty()) out.name = said.name.toStdString();
  return out;
}

QString BoxModel::doubt_of(const swatches::SwatchFound& found) const {
  const Said said = said_.value(found.cell);
  if (said.left_out) return tr("left out");
  return said.masstone ? tr("as typed") : words_of(found.doubt);
}

/// Its two patches as they were read.
QVariant BoxModel::chip(const swatches::SwatchFound& found) const {
  QPixmap out(kChip);
  const auto& patches = found_->sheet->cells[static_cast<std::size_t>(found.cell)];
  const int split = 3 * kChip.width() / 5;
  QPainter painter(&out);
  painter.fillRect(QRect(0, 0, split, kChip.height()), to_colour(patches[0].lab));
  painter.fillRect(QRect(split, 0, kChip.width() - split, kChip.height()), to_colour(patches[1].lab));
  return out;
}

QVariant BoxModel::text(const swatches::SwatchFound& f, int column) const {
  const bool said = found_->kinds[static_cast<std::size_t>(f.cell)].has_value();
  const media::Stick stick = stick_of(f);
  const QString medium = exports::medium_name(stick.medium);
  switch (column) {
    case cell:
      return QString::number(f.cell + 1);
    case name:
      return QString::fromStdString(stick.name);
    case kind:
      return said || f.sure > kSure ? medium : tr("%1?").arg(medium);
    case value:
      return words::number(colour::value_step(stick.lab.l), 1);
    case masstone:
      return QString("%1 %2 %3")
          .arg(words::number(stick.lab.l, 0))
          .arg(words::number(stick.lab.a, 0))
          .arg(words::number(stick.lab.b, 0));
    case doubt:
      return doubt_of(f);
    default:
      return {};
  }
}

QVariant BoxModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const swatches::SwatchFound& f = found_->box.sticks[static_cast<std::size_t>(index.row())];
  if (role == Qt::DisplayRole || role == Qt::EditRole) return text(f, index.column());
  if (role == Qt::DecorationRole && index.column() == name) return chip(f);
  if (role == Qt::TextAlignmentRole && (index.column() == cell || index.column() == value))
    return QVariant(Qt::AlignRight | Qt::AlignVCenter);
  return {};
}

bool BoxModel::setData(const QModelIndex& index, const QVariant& v, int role) {
  if (role != Qt::EditRole || !index.isValid()) return false;
  const QString typed = v.toString().trimmed().left(200);
  if (typed == text(found_->box.sticks[static_cast<std::size_t>(index.row())], index.column()).toString()) return true;
  Said& said = said_[cell_at(index.row())];
  if (index.column() == name) {
    said.name = typed;
  } else if (index.column() == masstone) {
    if (!typed.isEmpty() && !lab_in(typed)) return false;
    said.masstone = lab_in(typed);
  } else {
    return false;
  }
  emit dataChanged(index.siblingAtColumn(0), index.siblingAtColumn(columns - 1));
  return true;
}

void BoxModel::toggle_left_out(int row) {
  Said& said = said_[cell_at(row)];
  said.left_out = !said.left_out;
  emit dataChanged(index(row, 0), index(row, columns - 1));
}

QVariant BoxModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  return QStringList{tr("Cell"), tr("Name"), tr("Kind"), tr("Value"), tr("L* a* b*"), tr("Look at it")}.value(section);
}

std::vector<media::Stick> BoxModel::sticks() const {
  std::vector<media::Stick> out;
  if (!found_) return out;
  out.reserve(found_->box.sticks.size());
  for (const swatches::SwatchFound& f : found_->box.sticks) {
    if (!said_.value(f.cell).left_out) out.push_back(stick_of(f));
  }
  return out;
}

media::Collection BoxModel::recoloured(media::Collection collection) const {
  if (!found_) return collection;
  swatches::BoxFound box = found_->box;
  std::erase_if(box.sticks, [&](const swatches::SwatchFound& f) { return said_.value(f.cell).left_out; });
  for (swatches::SwatchFound& f : box.sticks) {
    f.stick = stick_of(f);
    if (said_.value(f.cell).masstone) f.doubt = swatches::Doubt::none;
  }
  std::vector<int> all(collection.sticks.size());
  std::iota(all.begin(), all.end(), 0);
  return swatches::with_masstones(std::move(collection), all, box);
}

int BoxModel::doubtful() const {
  if (!found_) return 0;
  const auto& sticks = found_->box.sticks;
  return static_cast<int>(std::count_if(sticks.begin(), sticks.end(), [this](const swatches::SwatchFound& f) {
    const Said said = said_.value(f.cell);
    return f.doubt != swatches::Doubt::none && !said.masstone && !said.left_out;
  }));
}

}  // namespace yd::app
