// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractListModel>
#include <QPixmap>
#include <optional>

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
  /// Shows the best paper first; without a ranking the papers stand as in the list. `delicate`: the stick whose stroke
  /// is shown on each, the one that a paper changes most.
  void set_ranking(const std::vector<plan::GroundVerdict>& ranked, std::optional<media::Stick> delicate,
                   const optics::Parameters& parameters);
  /// The materials' list has changed.
  void refresh();

 private:
  const media::Paper& at(int row) const;
  QPixmap picture(const media::Paper& paper) const;

  const Materials& materials_;
  std::vector<plan::GroundVerdict> ranked_;
  std::optional<media::Stick> delicate_;
  optics::Parameters parameters_;
};

}  // namespace yd::app
