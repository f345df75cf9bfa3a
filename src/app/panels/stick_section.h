// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QWidget>

#include "models/collection_model.h"

namespace yd::app {

/// One stick of a collection: its stroke on the paper in use, and what can be said of it.
class StickSection : public QWidget {
  Q_OBJECT
 public:
  StickSection(Session& session, CollectionModel& model, QWidget* parent = nullptr);
  /// Row of the model; -1 for none.
  void show_stick(int row);

 private:
  void put(CollectionModel::Column column, const QVariant& value);
  void fill_kinds();

  Session& session_;
  CollectionModel& model_;
  int row_ = -1;
  QLabel* chip_;
  QLabel* words_;
  QLineEdit* name_;
  QComboBox* kind_;
  QCheckBox* owned_;
  QCheckBox* favourite_;
  QSpinBox* left_;
  QLineEdit* pigments_;
  QLineEdit* lightfast_;
};

}  // namespace yd::app
