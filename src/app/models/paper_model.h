// SPDX-License-Identifier: MIT
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
  /// Shows the best paper first, with its mark; without a ranking the papers stand as in the list.
  void set_ranking(const std::vector<plan::GroundVerdict>& ranked);
  /// The materials' list has changed.
  void refresh();

 private:
  const media::Paper& at(int row) const;

  const Materials& materials_;
  std::vector<plan::GroundVerdict> ranked_;
};

}  // namespace yd::app
