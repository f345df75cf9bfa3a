// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractListModel>

#include "looks/shapes.h"
#include "session/checker.h"

namespace yd::app {

/// What a look at the photograph found, weightiest first, the first few. Text in Qt::DisplayRole, numbers in
/// Qt::UserRole; the colour that is there beside the one that should be, in Qt::DecorationRole.
class FaultModel : public QAbstractListModel {
  Q_OBJECT
 public:
  using QAbstractListModel::QAbstractListModel;
  void set_checked(CheckedPtr checked);
  const check::Fault* fault(int row) const;
  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;

 private:
  CheckedPtr checked_;
};

/// What mends one of them, best first: in words, with the strokes as the model lays them.
class MendingModel : public QAbstractListModel {
  Q_OBJECT
 public:
  using QAbstractListModel::QAbstractListModel;
  void set_fault(CheckedPtr checked, const check::Fault* fault);
  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;

 private:
  CheckedPtr checked_;
  std::vector<check::Mending> mendings_;
};

/// The strokes of a margin strip, left to right as they are laid: the stick's name, and the stroke by the model.
class MarginModel : public QAbstractListModel {
  Q_OBJECT
 public:
  using QAbstractListModel::QAbstractListModel;
  void set_plan(PlannedPtr planned);
  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;

 private:
  PlannedPtr planned_;
  std::vector<int> sticks_;
};

/// How the photograph was read: light, likeness, what is done.
QList<Fact> photo_facts(const Checked& checked);
/// Every mass: how far its value is off, in steps, and how its colour strikes the eye; those furthest off first.
QList<Fact> mass_facts(const Checked& checked);
/// Why the photograph will not do, and what to do; empty where it will.
QString trouble_words(const Checked& checked);

}  // namespace yd::app
