// SPDX-License-Identifier: MIT
#include "widgets/workbench.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kLeastBench = 236;   // height below the easel
constexpr int kLeastColumn = 320;  // width beside it
constexpr int kWidestColumn = 460;

}  // namespace

Workbench::Workbench(Pair* pair, QWidget* line, QWidget* tail, QStackedWidget* benches, QWidget* parent)
    : QWidget(parent), pair_(pair), line_(line), tail_(tail), benches_(benches) {
  for (QWidget* w : {static_cast<QWidget*>(pair), line, tail, static_cast<QWidget*>(benches)}) w->setParent(this);
  connect(pair, &Pair::way_changed, this, &Workbench::arrange);
}

void Workbench::set_aspect(double aspect) {
  aspect_ = std::clamp(aspect, 0.2, 5.0);
  arrange();
}

Workbench::Plan Workbench::below() const {
  Plan p;
  const int n = pair_->shown();
  const int line = line_->sizeHint().height();
  const int frame = pair_->frame_height();
  const int least = std::min(kLeastBench, height() / 2);
  const double each = (width() - 2.0 * kSpace - (n - 1) * pair_->gap()) / n;
  const double high = std::min(each / aspect_, std::max(80.0, height() - line - least - frame - 1.0 * kSpace));
  p.easel = {0, 0, width(), static_cast<int>(std::lround(high)) + frame};
  p.line = {0, p.easel.bottom() + 1, width(), line};
  p.bench = {kSpace, p.line.bottom() + 1, width() - 2 * kSpace, height() - p.line.bottom() - 1 - kSpace};
  const double wide = std::min(each, high * aspect_);
  p.picture_px = wide * std::min(high, wide / aspect_);
  return p;
}

Workbench::Plan Workbench::beside() const {
  Plan p;
  const int n = pair_->shown();
  const int line = line_->sizeHint().height();
  const int frame = pair_->frame_height();
  p.line = {0, 0, width(), line};
  const double high = height() - line - frame;
  const int most = width() - kLeastColumn - 2 * kSpace;
  const int wished = static_cast<int>(std::ceil(n * high * aspect_)) + (n - 1) * pair_->gap() + 2 * kSpace;
  const int easel = std::max({160, std::min(most, wished), width() - kWidestColumn});
  p.easel = {0, line, easel, height() - line};
  p.bench = {easel + kSpace, line + kSpace, width() - easel - 2 * kSpace, height() - line - 2 * kSpace};
  const double each = (easel - 2.0 * kSpace - (n - 1) * pair_->gap()) / n;
  const double wide = std::min(each, high * aspect_);
  p.picture_px = wide * std::min(high, wide / aspect_);
  return p;
}

void Workbench::arrange() {
  const Plan under = below();
  const Plan side = beside();
  below_ = under.picture_px >= side.picture_px;
  const Plan& p = below_ ? under : side;
  pair_->setGeometry(p.easel);
  // The buttons of the tail need their room; stages have what is left, and are cut with dots.
  const int tail = std::max(tail_->minimumSizeHint().width(), p.line.width() - line_->sizeHint().width() - 2 * kSpace);
  line_->setGeometry(p.line.adjusted(kSpace, 0, -tail - kSpace, 0));
  tail_->setGeometry(QRect(p.line.right() - tail - kSpace, p.line.top(), tail, p.line.height()));
  benches_->setGeometry(p.bench);
  for (int i = 0; i < benches_->count(); ++i) {
    if (auto* bench = qobject_cast<Bench*>(benches_->widget(i)))
      bench->set_direction(below_ ? Qt::Horizontal : Qt::Vertical);
  }
  update();
}

void Workbench::resizeEvent(QResizeEvent*) { arrange(); }

void Workbench::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), palette().color(QPalette::Window));
  painter.fillRect(pair_->geometry(), judging_grey());
}

}  // namespace yd::app
