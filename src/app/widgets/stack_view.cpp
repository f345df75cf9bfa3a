#include "widgets/stack_view.h"

#include <QPainter>
#include <algorithm>

#include "looks/images.h"
#include "widgets/style.h"

namespace yd::app {

StackView::StackView(QWidget* parent) : QWidget(parent) {
  setObjectName("stack_view");
  setAccessibleName(tr("Stack from the side, and its speckle at true scale"));
  setFixedHeight(170);
}

void StackView::set_view(const RecipeView& view) {
  view_ = view;
  empty_ = false;
  setAccessibleDescription(view.steps.join(". "));
  update();
}

void StackView::clear() {
  empty_ = true;
  update();
}

void StackView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), judging_grey());
  if (empty_) return;
  const int patch = 64;
  painter.drawImage(QRect(0, 0, width(), patch), view_.speckle,
                    QRect(0, 0, std::min(width(), view_.speckle.width()), patch));
  // Peaks in the middle, valleys at the sides: one cut through a bump of the paper.
  const QRectF field(0, patch + 8, width(), height() - patch - 8);
  const double deepest = view_.strata.back().depth;
  const double unit = field.height() / (deepest + 2 * view_.hold + 0.25);
  const double plane = field.top() + 2 * view_.hold * unit;
  const int n = static_cast<int>(optics::kStrata);
  const double w = field.width() / (2 * n);
  for (int side = 0; side < 2; ++side) {
    for (int i = 0; i < n; ++i) {
      const RecipeView::Stratum& s = view_.strata[static_cast<std::size_t>(i)];
      const double x = field.center().x() + (side == 0 ? -(i + 1) * w : i * w);
      double y = plane + s.depth * unit;
      painter.fillRect(QRectF(x, y, w + 0.5, field.bottom() - y), view_.paper);
      for (const RecipeView::Coat& c : s.coats) {
        const double h = c.height * unit;
        painter.fillRect(QRectF(x, y - h, w + 0.5, h), c.colour);
        y -= h;
      }
    }
  }
}

}  // namespace yd::app
