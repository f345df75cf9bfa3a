// SPDX-License-Identifier: MIT
#pragma once

#include <QVariantAnimation>
#include <QWidget>

#include "exports/mark_painter.h"

namespace yd::app {

/// The mark of a pass as it looks on the paper.
class StrokeView : public QWidget {
  Q_OBJECT
 public:
  explicit StrokeView(QWidget* parent = nullptr);
  void set_drawing(const exports::MarkDrawing& drawing, const QString& in_words);
  /// Draws it as the hand moves, once.
  void play();
  QSize sizeHint() const override { return {160, 96}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  exports::MarkDrawing drawing_;
  QVariantAnimation hand_;
  double drawn_ = 1;  ///< share of the way
};

}  // namespace yd::app
