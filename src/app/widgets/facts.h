// SPDX-License-Identifier: MIT
#pragma once

#include <QList>
#include <QWidget>

#include "looks/shapes.h"

namespace yd::app {

/// What is known, a row each: a label, a number at the right, and where it has a scale a bar.
class Facts : public QWidget {
  Q_OBJECT
 public:
  explicit Facts(const QString& name, const QString& title, QWidget* parent = nullptr);
  void set_facts(const QList<Fact>& facts);
  const QList<Fact>& facts() const { return facts_; }
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {120, sizeHint().height()}; }

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  int row_height() const;
  int height_now() const;
  int lines_below(const Fact& fact) const;
  void draw_bar(QPainter& painter, const QRectF& track, double share) const;
  QList<Fact> facts_;
};

}  // namespace yd::app
