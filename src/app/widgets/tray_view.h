// SPDX-License-Identifier: MIT
#pragma once

#include <QVariantAnimation>
#include <QWidget>

#include "models/tray_drawing.h"

namespace yd::app {

/// The tray with its sticks lying in it from dark to light: stubs, bars, points and discs, as long as what is left of
/// them. What is in the hand is lifted out. Left and right go from stick to stick. A stick can be carried out of it,
/// and one of a drawer into it.
class TrayView : public QWidget {
  Q_OBJECT
 public:
  explicit TrayView(const QString& name, QWidget* parent = nullptr);
  void set_sticks(const QList<LyingStick>& sticks);
  /// Takes what is carried from this collection; nothing at first.
  void take_sticks_of(const QString& collection);
  int count() const { return static_cast<int>(sticks_.size()); }
  /// The stick that is pointed out, of the collection; -1 for none.
  int current_stick() const;
  QSize sizeHint() const override { return {280, 190}; }
  QSize minimumSizeHint() const override { return {160, 110}; }

 signals:
  void stick_asked(int stick);
  void stick_brought(int stick);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  bool event(QEvent* event) override;

 private:
  int columns() const;
  QRectF slot_of(int place) const;
  int at(QPointF where) const;
  void point_out(int place);

  QList<LyingStick> sticks_;
  QString collection_;
  QPointF pressed_;
  int current_ = -1;
  QVariantAnimation lift_;
  double lifted_ = 1;  ///< share of the way up
};

}  // namespace yd::app
