// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>
#include <vector>

#include "models/sheets.h"

namespace yd::app {

/// The offcut sheet: colours down, papers across, in each cell a strip by pan, pencil and stick. The one pointed at is
/// shown large, with words; arrows go from strip to strip.
class OffcutView : public QWidget {
  Q_OBJECT
 public:
  explicit OffcutView(QWidget* parent = nullptr);
  void set_drawing(OffcutDrawing drawing);
  QString words() const;

 signals:
  /// The paper of the strip that is taken, by Enter or a double click.
  void paper_asked(const QString& id);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  int across() const { return static_cast<int>(drawing_.papers.size() * drawing_.media.size()); }
  QRectF grid() const;
  QRectF place_of(int row, int column) const;
  void shrink();
  void point_at(int row, int column);
  void draw_heads(QPainter& painter) const;
  void draw_large(QPainter& painter) const;
  const OffcutDrawing::Strip& strip(int row, int column) const;
  void take();

  OffcutDrawing drawing_;
  std::vector<QPixmap> small_;  ///< row by row, as large as their places
  int row_ = -1;
  int column_ = -1;
};

}  // namespace yd::app
