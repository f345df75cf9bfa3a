// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>

#include "looks/shapes.h"

namespace yd::app {

/// Nine greys with the area of each as its height, and the contrast as a span over them.
class ValueStrip : public QWidget {
  Q_OBJECT
 public:
  explicit ValueStrip(QWidget* parent = nullptr);
  void set_drawing(const ValueDrawing& drawing);
  void clear();
  QSize sizeHint() const override { return {240, 120}; }
  QSize minimumSizeHint() const override { return {180, 84}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  ValueDrawing drawing_;
  bool empty_ = true;
};

}  // namespace yd::app
