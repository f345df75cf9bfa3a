// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QList>
#include <QScrollArea>
#include <QString>

namespace yd::app {

struct SheetCell {
  QImage image;
  QString caption;
  QString key;  ///< what a click asks for; empty for nothing
};

/// Pictures with a line below each, in rows, on the neutral grey on which colours are judged.
class SheetView : public QScrollArea {
  Q_OBJECT
 public:
  explicit SheetView(QWidget* parent = nullptr);
  /// `across` cells in a row.
  void set_cells(const QString& title, const QList<SheetCell>& cells, int across);

 private:
  QWidget* make_cell(const SheetCell& cell, const QPalette& palette);

 signals:
  void cell_asked(const QString& key);
  void closed();
};

}  // namespace yd::app
