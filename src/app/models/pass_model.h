// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>

#include "session/pipeline.h"

namespace yd::app {

/// The passes as rows: number, stick, how, where, how long; dragged to another place. The reason is the tool tip and
/// the Qt::UserRole text.
class PassModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { number, stick, pressure, technique, masses, time, columns };
  using QAbstractTableModel::QAbstractTableModel;

  void set_plan(PlannedPtr planned);
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;
  Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }
  QStringList mimeTypes() const override;
  QMimeData* mimeData(const QModelIndexList& indexes) const override;
  bool dropMimeData(const QMimeData* data, Qt::DropAction action, int row, int column,
                    const QModelIndex& parent) override;

 signals:
  /// A row was dragged: out at `from`, in at `to`.
  void move_asked(int from, int to);

 private:
  QString text(const plan::Pass& pass, int column) const;
  QString pressed(const plan::Pass& pass) const;
  QString tool_name(const plan::Pass& pass) const;
  QVariant tool_chip(const plan::Pass& pass) const;
  PlannedPtr planned_;
};

}  // namespace yd::app
