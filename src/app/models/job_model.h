// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>

#include "session/pipeline.h"

namespace yd::app {

/// The whole job, a passage a row.
class JobModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { number, name, time, columns };
  using QAbstractTableModel::QAbstractTableModel;
  void set_plan(PlannedPtr planned);
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

 private:
  PlannedPtr planned_;
};

}  // namespace yd::app
