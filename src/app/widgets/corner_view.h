// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QPolygonF>
#include <QWidget>

namespace yd::app {

/// A photograph with the four corners of the picture on it; dragged, or chosen with Tab or the space bar and moved by
/// the arrow keys.
class CornerView : public QWidget {
  Q_OBJECT
 public:
  explicit CornerView(QWidget* parent = nullptr);
  void set_photograph(const QImage& photograph);
  /// Shares of the photograph: top left, top right, bottom right, bottom left of the picture; empty: none are known.
  void set_corners(const QPolygonF& corners);
  const QPolygonF& corners() const { return corners_; }
  QSize sizeHint() const override { return {300, 190}; }

 signals:
  void moved(const QPolygonF& corners);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QRectF target() const;
  QPointF on_widget(QPointF share) const;
  void put(QPointF share);
  void draw_near(QPainter& painter) const;

  QImage photograph_;
  QPolygonF corners_;
  int held_ = 0;  ///< the corner that keys move
  bool dragging_ = false;
};

}  // namespace yd::app
