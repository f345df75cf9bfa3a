// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>

#include "models/passage_drawing.h"

namespace yd::app {

/// The strokes of a passage, a row each, with as many lines as where it goes needs.
class StrokeRows : public QWidget {
  Q_OBJECT
 public:
  explicit StrokeRows(QWidget* parent = nullptr);
  void set_rows(const QList<StrokeRow>& rows);
  bool hasHeightForWidth() const override { return true; }
  int heightForWidth(int width) const override;
  QSize sizeHint() const override { return {260, heightForWidth(260)}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  int text_left() const;
  int row_height(const StrokeRow& row, int width) const;

  QList<StrokeRow> rows_;
};

}  // namespace yd::app
