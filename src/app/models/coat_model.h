// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>
#include <memory>

#include "session/advice.h"

namespace yd::app {

/// Underpaintings that can be chosen, best first; those the paper does not bear last. Row 0 is "none".
class CoatModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { medium, colours, error, darkest, dry, columns };
  using QAbstractTableModel::QAbstractTableModel;

  void set_advice(std::shared_ptr<const plan::CoatAdvice> advice, std::shared_ptr<const media::Paper> paper);
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;

  /// Null for the row of none.
  const plan::CoatVerdict* verdict(int row) const;
  int row_of(const std::optional<plan::CoatChoice>& choice) const;

 private:
  std::shared_ptr<const plan::CoatAdvice> advice_;
  std::shared_ptr<const media::Paper> paper_;
  std::vector<std::size_t> order_;
};

/// What cannot be said as a number: whether the paper bears a coat, whether it shows, how it dries.
QString coat_words(const plan::CoatVerdict& v);
QString medium_words(plan::CoatMedium medium);
QString colours_words(plan::CoatColours colours);

}  // namespace yd::app
