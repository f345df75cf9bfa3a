// SPDX-License-Identifier: MIT
#include "widgets/crop_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "looks/images.h"
#include "widgets/spoken.h"
#include "widgets/style.h"

namespace yd::app {

CropView::CropView(QWidget* parent) : QWidget(parent) {
  speak_as(this, QAccessible::Graphic);
  setObjectName("crop_view");
  setAccessibleName(tr("Part of the picture that is kept; move it with the arrow keys"));
  setFocusPolicy(Qt::StrongFocus);
  setMinimumHeight(110);
}

void CropView::set_picture(const QImage& picture) {
  picture_ = picture;
  update();
}

void CropView::set_crop(const QRectF& crop) {
  if (dragging_) return;
  crop_ = crop;
  update();
}

QRectF CropView::target() const {
  if (picture_.isNull()) return rect();
  const QSizeF size = QSizeF(picture_.size()).scaled(QSizeF(QWidget::size()), Qt::KeepAspectRatio);
  return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
}

void CropView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), judging_grey());
  if (picture_.isNull()) return;
  const QRectF t = target();
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  painter.drawImage(t, picture_);
  const QRectF kept(t.left() + crop_.left() * t.width(), t.top() + crop_.top() * t.height(), crop_.width() * t.width(),
                    crop_.height() * t.height());
  QRegion outside = QRegion(t.toAlignedRect()) - QRegion(kept.toAlignedRect());
  painter.setClipRegion(outside);
  painter.fillRect(t, QColor(119, 119, 119, 190));
  painter.setClipping(false);
  painter.setPen(QPen(hasFocus() ? accent() : QColor(245, 245, 245), 2));
  painter.drawRect(kept.adjusted(1, 1, -1, -1));
}

void CropView::move_to(QPointF centre) {
  const QPointF held(std::clamp(centre.x(), crop_.width() / 2, 1 - crop_.width() / 2),
                     std::clamp(centre.y(), crop_.height() / 2, 1 - crop_.height() / 2));
  crop_.moveCenter(held);
  update();
}

void CropView::mousePressEvent(QMouseEvent* event) {
  dragging_ = true;
  mouseMoveEvent(event);
}

void CropView::mouseMoveEvent(QMouseEvent* event) {
  if (!dragging_) return;
  const QRectF t = target();
  move_to({(event->position().x() - t.left()) / t.width(), (event->position().y() - t.top()) / t.height()});
}

void CropView::mouseReleaseEvent(QMouseEvent*) {
  dragging_ = false;
  emit moved(crop_.center());
}

void CropView::keyPressEvent(QKeyEvent* event) {
  constexpr double kStep = 0.02;
  QPointF by;
  if (event->key() == Qt::Key_Left) by = {-kStep, 0};
  if (event->key() == Qt::Key_Right) by = {kStep, 0};
  if (event->key() == Qt::Key_Up) by = {0, -kStep};
  if (event->key() == Qt::Key_Down) by = {0, kStep};
  if (by.isNull()) return QWidget::keyPressEvent(event);
  move_to(crop_.center() + by);
  emit moved(crop_.center());
}

}  // namespace yd::app
