// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QWidget>

#include "exports/core_columns.h"

namespace yd::app {

/// The picture's cross-section: paper with its tooth at the bottom, one column a mass, one block a layer.
/// Left and right move the cursor through the passes; a click lights a block's pass.
class CoreSample : public QWidget {
  Q_OBJECT
 public:
  explicit CoreSample(QWidget* parent = nullptr);

  void set_drawing(exports::CoreDrawing drawing, int passes);
  exports::CoreOrder order() const { return static_cast<exports::CoreOrder>(order_->currentIndex()); }
  void set_cursor(int passes);
  void set_lit(int pass);
  QSize sizeHint() const override { return {600, 170}; }
  QSize minimumSizeHint() const override { return {200, 120}; }

 signals:
  void cursor_asked(int passes);
  void pass_asked(int pass);
  void order_asked();

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  struct Hit {
    QRectF where;
    int pass = 0;
    int column = 0;
  };
  QRectF field() const;
  double unit() const;
  std::vector<std::size_t> shown_stacks(const exports::CoreColumn& column, double width) const;
  void draw_full(QPainter& painter, double y) const;
  QRectF slide() const;
  void slide_to(double x);
  int column_at(double x) const;
  QString column_words(int column) const;
  void tell_column(int step);
  QRectF column_rect(std::size_t index) const;
  void draw_ground(QPainter& painter) const;
  void draw_block(QPainter& painter, const QRectF& where, const exports::CoreBlock& block) const;
  void draw_columns(QPainter& painter);
  void draw_cursor(QPainter& painter) const;
  const Hit* hit_at(QPointF place) const;

  exports::CoreDrawing drawing_;
  QComboBox* order_;
  std::vector<Hit> hits_;
  int passes_ = 0;
  int cursor_ = 0;
  int lit_ = 0;
  bool sliding_ = false;
  int told_ = -1;  ///< column whose recipe was told last by keyboard
};

}  // namespace yd::app
