// SPDX-License-Identifier: MIT
#include "widgets/stack_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <numeric>
#include <vector>

#include "looks/images.h"
#include "widgets/style.h"

namespace yd::app {
namespace {

/// The rank, 0 (a peak) to 1 (a valley), of each of `n` places along a cut through paper. The same every time.
std::vector<double> hills(std::size_t n) {
  std::vector<double> z(n);
  for (std::size_t i = 0; i < n; ++i) {
    const double x = static_cast<double>(i);
    // Waves that have no common measure never look alike twice.
    z[i] = std::sin(0.131 * x) + 0.8 * std::sin(0.217 * x + 1.3) + 0.6 * std::sin(0.389 * x + 4.1) +
           0.25 * std::sin(0.83 * x + 2.2);
  }
  std::vector<std::size_t> order(n);
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return z[a] > z[b]; });
  std::vector<double> out(n);
  for (std::size_t place = 0; place < n; ++place)
    out[order[place]] = static_cast<double>(place) / static_cast<double>(n);
  return out;
}

}  // namespace

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
  draw_relief(painter, QRectF(0, patch + 8, width(), height() - patch - 8));
}

/// A cut through the tooth: hills and valleys at random, each stratum over an equal share of the way, with what lies on
/// it as thick as it is.
void StackView::draw_relief(QPainter& painter, const QRectF& field) const {
  constexpr double kStep = 2;  // pixels
  const auto n = static_cast<std::size_t>(std::max(1.0, field.width() / kStep));
  const std::vector<double> ranks = hills(n);
  const double deepest = view_.strata.back().depth;
  const double unit = field.height() / (deepest + 2 * view_.hold + 0.25);
  const double plane = field.top() + 2 * view_.hold * unit;
  for (std::size_t i = 0; i < n; ++i) {
    const double at = ranks[i] * static_cast<double>(optics::kStrata);
    const auto stratum = std::min(optics::kStrata - 1, static_cast<std::size_t>(at));
    const RecipeView::Stratum& s = view_.strata[stratum];
    const double next = view_.strata[std::min(optics::kStrata - 1, stratum + 1)].depth;
    const double depth = s.depth + (at - static_cast<double>(stratum)) * (next - s.depth);
    const double x = field.left() + kStep * static_cast<double>(i);
    double y = plane + depth * unit;
    painter.fillRect(QRectF(x, y, kStep + 0.5, field.bottom() - y), view_.paper);
    for (const RecipeView::Coat& c : s.coats) {
      const double h = c.height * unit;
      painter.fillRect(QRectF(x, y - h, kStep + 0.5, h), c.colour);
      y -= h;
    }
  }
}

}  // namespace yd::app
