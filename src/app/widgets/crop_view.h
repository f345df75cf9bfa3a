// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QWidget>

namespace yd::app {

/// The whole reference, small, with the part that is kept; dragged or moved by the arrow keys.
class CropView : public QWidget {
  Q_OBJECT
 public:
  explicit CropView(QWidget* parent = nullptr);
  void set_picture(const QImage& picture);
  /// Shares of the picture.
  void set_crop(const QRectF& crop);
  QSize sizeHint() const override { return {300, 130}; }

 signals:
  void moved(QPointF centre);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QRectF target() const;
  void move_to(QPointF centre);

  QImage picture_;
  QRectF crop_{0, 0, 1, 1};
  bool dragging_ = false;
};

}  // namespace yd::app
