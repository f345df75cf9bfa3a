// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractListModel>

#include "session/checker.h"

namespace yd::app {

/// The easel has a page of its own; the others have a bench.
enum class Stage { subject, ground, tray, underpainting, layers, check, easel };
inline constexpr int kStages = 6;  ///< with a bench

/// The stages in the order of work, each with its state in a word (Qt::UserRole).
class CourseModel : public QAbstractListModel {
  Q_OBJECT
 public:
  CourseModel(Session& session, Checker& checker, QObject* parent = nullptr);

  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;

 private:
  QString state(Stage stage) const;
  QString check_state() const;
  Session& session_;
  Checker& checker_;
};

/// Targets further off than this are "look here", CIEDE2000.
inline constexpr double kLookHere = 6.0;

}  // namespace yd::app
