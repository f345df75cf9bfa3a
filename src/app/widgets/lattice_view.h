// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QList>
#include <QString>
#include <QWidget>

namespace yd::app {

/// A stick's place among hues (across, greys in a column of their own) and values (up).
struct LatticeItem {
  double hue = 0;    ///< degrees; below 0: a grey
  double value = 5;  ///< nine steps
  QColor colour;
  int shape = 0;  ///< 0 soft stick, 1 hard stick, 2 pencil, 3 pan
  bool chosen = false;
  int id = 0;
  QString words;
};

/// The tray as sticks and pencils on a lattice of value by hue.
class LatticeView : public QWidget {
  Q_OBJECT
 public:
  explicit LatticeView(QWidget* parent = nullptr);
  void set_items(const QList<LatticeItem>& items);
  QSize sizeHint() const override { return {300, 190}; }

 signals:
  void item_asked(int id);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

 private:
  QPointF place(const LatticeItem& item) const;
  int item_at(QPointF at) const;
  void draw_item(QPainter& painter, const LatticeItem& item, bool lit) const;

  QList<LatticeItem> items_;
  int lit_ = -1;
};

}  // namespace yd::app
