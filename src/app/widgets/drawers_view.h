// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>

#include "models/drawers.h"

namespace yd::app {

/// A box of drawers: a family of colours in each, from dark to light. Arrows go from stick to stick; what is not owned
/// lies pale, what a search does not find goes dim. A stick can be carried to the tray, and one of the tray back here.
class DrawersView : public QWidget {
  Q_OBJECT
 public:
  explicit DrawersView(QWidget* parent = nullptr);
  /// `collection`: what they belong to.
  void set_drawers(std::vector<Drawer> drawers, const QString& collection);
  /// Row of the collection; -1 for none.
  int current() const { return current_; }
  void set_current(int stick);
  bool hasHeightForWidth() const override { return true; }
  int heightForWidth(int width) const override;
  QSize sizeHint() const override { return {800, heightForWidth(800)}; }

 signals:
  void chosen(int stick);
  /// Owned, or not any more.
  void owned_asked(int stick);
  /// Out of the tray, and not into it again.
  void put_away(int stick);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

 private:
  struct Slot {
    QRectF where;
    std::size_t drawer = 0;
    std::size_t place = 0;
  };
  struct Front {
    QRectF box;
    QString title;
  };
  struct Places {
    std::vector<Slot> lying;
    std::vector<Front> fronts;
    double height = 0;
  };
  /// Drawers side by side as far as they fit, row by row.
  Places lay_out(double width) const;
  const DrawerStick& at(const Slot& slot) const { return drawers_[slot.drawer].sticks[slot.place]; }
  const Slot* slot_at(QPointF where) const;
  void step(int by);

  std::vector<Drawer> drawers_;
  QString collection_;
  QPointF pressed_;
  Places places_;
  int current_ = -1;
};

}  // namespace yd::app
