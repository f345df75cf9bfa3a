#pragma once

#include <QAbstractTableModel>

#include "session/pipeline.h"

namespace yd::app {

/// The passes as rows: number, stick, how, where. The reason is the tool tip and the Qt::UserRole text.
class PassModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { number, stick, pressure, technique, masses, columns };
  using QAbstractTableModel::QAbstractTableModel;

  void set_plan(PlannedPtr planned);
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

 private:
  QString text(const plan::Pass& pass, int column) const;
  PlannedPtr planned_;
};

}  // namespace yd::app
