// SPDX-License-Identifier: MIT
#include "widgets/corner_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "looks/greys.h"
#include "widgets/spoken.h"
#include "widgets/style.h"

namespace yd::app {
namespace {

constexpr double kMark_px = 7;
constexpr int kGlass_px = 76;      // the magnified place of the corner in hand
constexpr double kGlassPart = 40;  // pixels of the photograph it shows

}  // namespace

CornerView::CornerView(QWidget* parent) : QWidget(parent) {
  speak_as(this, QAccessible::Graphic);
  setObjectName("corner_view");
  setAccessibleName(tr("Corners of the picture in the photograph; the space bar takes the next one, arrows move it"));
  setFocusPolicy(Qt::StrongFocus);
  setMinimumHeight(120);
}

void CornerView::set_photograph(const QImage& photograph) {
  photograph_ = photograph;
  update();
}

void CornerView::set_corners(const QPolygonF& corners) {
  if (dragging_) return;
  corners_ = corners;
  update();
}

QRectF CornerView::target() const {
  if (photograph_.isNull()) return rect();
  const QSizeF size = QSizeF(photograph_.size()).scaled(QSizeF(QWidget::size()), Qt::KeepAspectRatio);
  return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
}

QPointF CornerView::on_widget(QPointF share) const {
  const QRectF t = target();
  return {t.left() + share.x() * t.width(), t.top() + share.y() * t.height()};
}

void CornerView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), judging_grey());
  if (photograph_.isNull()) return;
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.drawImage(target(), photograph_);
  if (corners_.size() != 4) return;
  QPolygonF outline;
  for (const QPointF& c : corners_) outline << on_widget(c);
  painter.setPen(QPen(QColor(20, 20, 20), 3));
  painter.drawPolygon(outline);
  painter.setPen(QPen(QColor(245, 245, 245), 1));
  painter.drawPolygon(outline);
  for (int i = 0; i < 4; ++i) {
    const bool held = hasFocus() && i == held_;
    painter.setBrush(held ? accent() : QColor(245, 245, 245));
    painter.setPen(QPen(QColor(20, 20, 20), 1));
    const double r = held ? kMark_px : kMark_px - 2;
    painter.drawEllipse(outline[i], r, r);
  }
  if (hasFocus()) draw_near(painter);
}

/// What lies under the corner in hand, as large as it has to be to set it to a pixel.
void CornerView::draw_near(QPainter& painter) const {
  const QPointF at(corners_[held_].x() * photograph_.width(), corners_[held_].y() * photograph_.height());
  const QRectF part(at.x() - kGlassPart / 2, at.y() - kGlassPart / 2, kGlassPart, kGlassPart);
  const bool left = held_ == 1 || held_ == 2;  // where it does not lie on the corner itself
  const QRectF glass(left ? 4 : width() - kGlass_px - 4, 4, kGlass_px, kGlass_px);
  painter.setBrush(Qt::NoBrush);
  painter.fillRect(glass, judging_grey());
  painter.drawImage(glass, photograph_, part);
  painter.setPen(QPen(QColor(245, 245, 245), 1));
  painter.drawRect(glass);
  painter.drawLine(QPointF(glass.center().x(), glass.top()), QPointF(glass.center().x(), glass.bottom()));
  painter.drawLine(QPointF(glass.left(), glass.center().y()), QPointF(glass.right(), glass.center().y()));
}

void CornerView::put(QPointF share) {
  corners_[held_] = {std::clamp(share.x(), 0.0, 1.0), std::clamp(share.y(), 0.0, 1.0)};
  update();
}

void CornerView::mousePressEvent(QMouseEvent* event) {
  if (corners_.size() != 4) return;
  double nearest = 1e9;
  for (int i = 0; i < 4; ++i) {
    const QPointF off = on_widget(corners_[i]) - event->position();
    const double d = std::hypot(off.x(), off.y());
    if (d < nearest) {
      nearest = d;
      held_ = i;
    }
  }
  dragging_ = true;
  mouseMoveEvent(event);
}

void CornerView::mouseMoveEvent(QMouseEvent* event) {
  if (!dragging_) return;
  const QRectF t = target();
  put({(event->position().x() - t.left()) / t.width(), (event->position().y() - t.top()) / t.height()});
}

void CornerView::mouseReleaseEvent(QMouseEvent*) {
  if (!dragging_) return;
  dragging_ = false;
  emit moved(corners_);
}

void CornerView::keyPressEvent(QKeyEvent* event) {
  if (corners_.size() != 4) return QWidget::keyPressEvent(event);
  if (event->key() == Qt::Key_Space) {
    held_ = (held_ + 1) % 4;
    return update();
  }
  const double step = (event->modifiers() & Qt::ShiftModifier) != 0 ? 8 : 1;
  QPointF by;
  if (event->key() == Qt::Key_Left) by = {-step, 0};
  if (event->key() == Qt::Key_Right) by = {step, 0};
  if (event->key() == Qt::Key_Up) by = {0, -step};
  if (event->key() == Qt::Key_Down) by = {0, step};
  if (by.isNull()) return QWidget::keyPressEvent(event);
  put(corners_[held_] + QPointF(by.x() / photograph_.width(), by.y() / photograph_.height()));
  emit moved(corners_);
}

}  // namespace yd::app
