#pragma once

#include <QAbstractListModel>

#include "session/session.h"

namespace yd::app {

/// The easel has a page of its own; the others have a bench.
enum class Stage { subject, ground, tray, underpainting, layers, easel };
inline constexpr int kStages = 5;  ///< with a bench

/// The stages in the order of work, each with its state in a word (Qt::UserRole).
class CourseModel : public QAbstractListModel {
  Q_OBJECT
 public:
  explicit CourseModel(Session& session, QObject* parent = nullptr);

  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;

 private:
  QString state(Stage stage) const;
  Session& session_;
};

/// Targets further off than this are "look here", CIEDE2000.
inline constexpr double kLookHere = 6.0;

}  // namespace yd::app
