// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractListModel>

#include "session/pipeline.h"
#include "words/findings.h"

namespace yd::app {

/// What the look over the plan found, weightiest first; only the first few until all are asked for. Text in
/// Qt::DisplayRole, numbers in the tool tip.
class FindingModel : public QAbstractListModel {
  Q_OBJECT
 public:
  using QAbstractListModel::QAbstractListModel;

  void set_plan(PlannedPtr planned);
  void show_all(bool all);
  int hidden() const;
  const plan::Finding* finding(int row) const;
  /// What the findings speak of; only while there is a plan.
  words::Named named() const;
  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;

 private:
  PlannedPtr planned_;
  bool all_ = false;
};

}  // namespace yd::app
