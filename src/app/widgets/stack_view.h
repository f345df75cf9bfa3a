// SPDX-License-Identifier: MIT
#pragma once

#include <QPainter>
#include <QWidget>

#include "models/recipe_view.h"

namespace yd::app {

/// A stack from the side, stratum by stratum in the paper's tooth, and from above, with its speckle at true scale.
class StackView : public QWidget {
  Q_OBJECT
 public:
  explicit StackView(QWidget* parent = nullptr);
  void set_view(const RecipeView& view);
  void clear();
  QSize sizeHint() const override { return {300, 170}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  void draw_relief(QPainter& painter, const QRectF& field) const;
  RecipeView view_;
  bool empty_ = true;
};

}  // namespace yd::app
