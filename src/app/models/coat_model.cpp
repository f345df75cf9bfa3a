// SPDX-License-Identifier: MIT
#include "models/coat_model.h"

#include <QCoreApplication>
#include <algorithm>
#include <numeric>

#include "colour/words.h"
#include "models/chips.h"
#include "words/coats.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {
namespace {

QString minutes(double m) {
  if (m <= 0) return CoatModel::tr("at once");
  if (m >= 1440) return CoatModel::tr("%n day(s)", nullptr, qRound(m / 1440));
  return CoatModel::tr("%1 min").arg(words::number(m, 0));
}

}  // namespace

QString medium_words(plan::CoatMedium medium) {
  switch (medium) {
    case plan::CoatMedium::dry_rubbed:
      return CoatModel::tr("rubbed pastel");
    case plan::CoatMedium::alcohol:
      return CoatModel::tr("pastel, alcohol");
    case plan::CoatMedium::water:
      return CoatModel::tr("pastel, water");
    case plan::CoatMedium::watercolour:
    case plan::CoatMedium::gouache:
    case plan::CoatMedium::acrylic:
    case plan::CoatMedium::oil:
    case plan::CoatMedium::ink:
    case plan::CoatMedium::charcoal:
      break;
  }
  return words::term(plan::name(medium));
}
QString colours_words(plan::CoatColours colours) { return words::term(plan::name(colours)); }

void CoatModel::set_advice(std::shared_ptr<const plan::CoatAdvice> advice, std::shared_ptr<const media::Paper> paper) {
  beginResetModel();
  paper_ = std::move(paper);
  advice_ = std::move(advice);
  order_.clear();
  if (advice_) {
    order_.resize(advice_->verdicts.size());
    std::iota(order_.begin(), order_.end(), std::size_t{0});
    std::stable_sort(order_.begin(), order_.end(), [&](std::size_t p, std::size_t q) {
      const auto& a = advice_->verdicts[p];
      const auto& b = advice_->verdicts[q];
      const bool can_a = a.bears && a.possible;
      const bool can_b = b.bears && b.possible;
      return can_a != can_b ? can_a : a.de00 < b.de00;
    });
  }
  endResetModel();
}

int CoatModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() || !advice_ ? 0 : static_cast<int>(order_.size()) + 1;
}

int CoatModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

const plan::CoatVerdict* CoatModel::verdict(int row) const {
  if (!advice_ || row < 1 || row > static_cast<int>(order_.size())) return nullptr;
  return &advice_->verdicts[order_[static_cast<std::size_t>(row - 1)]];
}

int CoatModel::row_of(const std::optional<plan::CoatChoice>& choice) const {
  if (!choice) return 0;
  for (int row = 1; row < rowCount(); ++row) {
    if (verdict(row)->choice == *choice) return row;
  }
  return -1;
}

Qt::ItemFlags CoatModel::flags(const QModelIndex& index) const {
  const auto* v = verdict(index.row());
  return v == nullptr || (v->bears && v->possible) ? Qt::ItemIsEnabled | Qt::ItemIsSelectable : Qt::NoItemFlags;
}

QVariant CoatModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const auto* v = verdict(index.row());
  if (role == Qt::TextAlignmentRole)
    return index.column() >= error ? QVariant(Qt::AlignRight | Qt::AlignVCenter) : QVariant();
  if (role == Qt::DecorationRole && index.column() == medium && v != nullptr && v->possible && paper_)
    return brush_chip(v->dry, *paper_, kChip);
  if (role == Qt::ToolTipRole && v != nullptr) return coat_words(*v) + "\n" + words::safety(v->choice.medium);
  if (role != Qt::DisplayRole) return {};
  const QString none = QStringLiteral("–");
  const double e = v == nullptr ? advice_->plain_de00 : v->de00;
  const double dark = v == nullptr ? advice_->plain_darkest_l : v->darkest_l;
  const bool known = v == nullptr || v->possible;
  switch (index.column()) {
    case medium:
      return v == nullptr ? tr("none") : medium_words(v->choice.medium);
    case colours:
      return v == nullptr ? none : colours_words(v->choice.colours);
    case error:
      return known ? words::number(e, 2) : none;
    case darkest:
      return known ? words::number(colour::value_step(dark), 1) : none;
    default:
      return v == nullptr ? none : minutes(v->dry_minutes);
  }
}

QVariant CoatModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  const QString names[] = {tr("With"), tr("Colours"), tr("Differs"), tr("Dark"), tr("Dries")};
  return names[section];
}

QString coat_words(const plan::CoatVerdict& v) {
  QStringList lines;
  if (!v.bears) lines << CoatModel::tr("This paper does not bear it.");
  if (!v.possible) {
    lines << CoatModel::tr("The collection has no stick at hand for it.");
  } else {
    lines << (v.shows ? CoatModel::tr("It shows on this sheet.") : CoatModel::tr("It hardly shows on this sheet."));
  }
  lines << words::note(v.choice.medium) + " " +
               CoatModel::tr("Dries: %1, with heat %2.").arg(minutes(v.dry_minutes), minutes(v.heated_minutes));
  return lines.join('\n');
}

}  // namespace yd::app
