// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractTableModel>
#include <QHash>

#include "session/box_reader.h"

namespace yd::app {

/// The sticks of a photographed box, a row each in the order of the cells: names and masstones can be typed over, rows
/// left out.
class BoxModel : public QAbstractTableModel {
  Q_OBJECT
 public:
  enum Column { cell, name, kind, value, masstone, doubt, columns };
  using QAbstractTableModel::QAbstractTableModel;

  /// What was typed stays with its cell while it is the same sheet.
  void set_found(const BoxReader::FoundPtr& found);
  int rowCount(const QModelIndex& parent = {}) const override;
  int columnCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  bool setData(const QModelIndex& index, const QVariant& value, int role) override;
  QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;
  /// From 0.
  int cell_at(int row) const { return found_->box.sticks[static_cast<std::size_t>(row)].cell; }
  /// As they were typed over, without those left out.
  std::vector<media::Stick> sticks() const;
  /// A collection whose sticks lie in the cells, one after the other, with the masstones that were read or typed; those
  /// in doubt stay as they are.
  media::Collection recoloured(media::Collection collection) const;
  /// Leaves the cell out, or takes it again.
  void toggle_left_out(int row);
  /// Rows that are still to be looked at.
  int doubtful() const;

 private:
  QVariant text(const swatches::SwatchFound& found, int column) const;
  /// What the artist says of a cell.
  struct Said {
    QString name;
    std::optional<colour::Lab> masstone;
    bool left_out = false;
  };
  media::Stick stick_of(const swatches::SwatchFound& found) const;
  QVariant chip(const swatches::SwatchFound& found) const;
  QString doubt_of(const swatches::SwatchFound& found) const;
  BoxReader::FoundPtr found_;
  QHash<int, Said> said_;  ///< by cell
};

}  // namespace yd::app
