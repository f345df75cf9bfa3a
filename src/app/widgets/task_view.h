// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>

#include "models/practice_view.h"

namespace yd::app {

/// A question of a drill, as large as there is room: patches on their grey, strokes, or pictures with numbered places.
class TaskView : public QWidget {
  Q_OBJECT
 public:
  explicit TaskView(QWidget* parent = nullptr);
  void set_drawing(const TaskDrawing& drawing);
  void clear() { set_drawing({}); }
  QSize sizeHint() const override { return {640, 420}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  void draw_row(QPainter& painter, const QList<TaskDrawing::Patch>& row, const QRectF& room) const;
  void draw_pictures(QPainter& painter, const QRectF& room) const;

  TaskDrawing drawing_;
};

}  // namespace yd::app
