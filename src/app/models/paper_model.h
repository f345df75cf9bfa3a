#pragma once

#include <QAbstractListModel>

#include "session/pipeline.h"

namespace yd::app {

/// The papers, by name, with their colour; Qt::UserRole is the id.
class PaperModel : public QAbstractListModel {
  Q_OBJECT
 public:
  explicit PaperModel(const Materials& materials, QObject* parent = nullptr);

  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  int row_of(const QString& id) const;
  /// The materials' list has changed.
  void refresh();

 private:
  const Materials& materials_;
};

}  // namespace yd::app
