// SPDX-License-Identifier: MIT
#pragma once

#include <QList>
#include <QPointF>
#include <QWidget>

namespace yd::app {

/// A line through points with named axes; one point can be chosen by mouse or by the arrow keys.
class CurveView : public QWidget {
  Q_OBJECT
 public:
  CurveView(const QString& name, const QString& across, const QString& up, QWidget* parent = nullptr);
  /// `chosen` is an index into the points, -1 for none. `ghost` is drawn thin below, for comparison.
  void set_points(const QList<QPointF>& points, int chosen, const QList<QPointF>& ghost = {});
  /// Shown while there are no points.
  void set_placeholder(const QString& text);
  QSize sizeHint() const override { return {300, 120}; }

 signals:
  void point_asked(int index);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  QRectF plot() const;
  QPointF on_screen(QPointF point) const;
  QRectF range() const;
  void draw_axes(QPainter& painter) const;

  QString across_;
  QString up_;
  QString placeholder_;
  QList<QPointF> points_;
  QList<QPointF> ghost_;
  int chosen_ = -1;
};

}  // namespace yd::app
