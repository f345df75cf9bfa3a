// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>

#include "session/pipeline.h"

namespace yd::app {

/// The tray: one row a stick, dark to light.
class StickModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { name, medium, value, passes, columns };
  using QAbstractTableModel::QAbstractTableModel;

  void set_plan(PlannedPtr planned);
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  /// Index of a row's stick in the collection.
  int stick_at(int row) const { return order_[static_cast<std::size_t>(row)]; }

 private:
  QVariant text(int stick, int column) const;
  PlannedPtr planned_;
  std::vector<int> order_;
};

}  // namespace yd::app
