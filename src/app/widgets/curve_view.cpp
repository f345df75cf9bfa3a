// SPDX-License-Identifier: MIT
#include "widgets/curve_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "widgets/spoken.h"
#include "widgets/style.h"
#include "words/number.h"

namespace yd::app {

CurveView::CurveView(const QString& name, const QString& across, const QString& up, QWidget* parent)
    : QWidget(parent), across_(across), up_(up) {
  speak_as(this, QAccessible::Chart);
  setObjectName(name);
  setAccessibleName(tr("Curve: %1 against %2").arg(up, across));
  setFocusPolicy(Qt::StrongFocus);
  setMinimumHeight(96);
}

void CurveView::set_points(const QList<QPointF>& points, int chosen, const QList<QPointF>& ghost) {
  points_ = points;
  ghost_ = ghost;
  chosen_ = chosen;
  if (chosen >= 0 && chosen < points.size()) {
    setAccessibleDescription(
        tr("%1 %2, %3 %4").arg(across_).arg(points[chosen].x(), 0, 'g', 3).arg(up_).arg(points[chosen].y(), 0, 'g', 3));
  }
  update();
}

void CurveView::set_placeholder(const QString& text) {
  placeholder_ = text;
  update();
}

QRectF CurveView::plot() const { return QRectF(rect()).adjusted(34, 8, -8, -20); }

QRectF CurveView::range() const {
  double right = 1;
  double top = 1;
  double left = 1e9;
  for (const QPointF& p : points_ + ghost_) {
    left = std::min(left, p.x());
    right = std::max(right, p.x());
    top = std::max(top, p.y());
  }
  return {left, 0, std::max(1e-9, right - left), top};
}

QPointF CurveView::on_screen(QPointF p) const {
  const QRectF r = range();
  const QRectF box = plot();
  return {box.left() + (p.x() - r.left()) / r.width() * box.width(), box.bottom() - p.y() / r.height() * box.height()};
}

void CurveView::draw_axes(QPainter& painter) const {
  const QRectF box = plot();
  const QRectF r = range();
  painter.setPen(palette().color(QPalette::Mid));
  painter.drawLine(box.bottomLeft(), box.bottomRight());
  painter.drawLine(box.bottomLeft(), box.topLeft());
  painter.setPen(palette().color(QPalette::PlaceholderText));
  const QRectF below(box.left(), box.bottom() + 2, box.width(), 18);
  painter.drawText(below, Qt::AlignLeft, QString::number(r.left(), 'g', 3));
  painter.drawText(below, Qt::AlignRight, QString::number(r.right(), 'g', 3));
  painter.drawText(below, Qt::AlignHCenter, across_);
  painter.drawText(QRectF(0, box.top() - 6, 31, 18), Qt::AlignRight,
                   words::number(r.height(), r.height() < 20 ? 1 : 0));
  painter.drawText(QRectF(0, box.bottom() - 14, 31, 18), Qt::AlignRight, "0");
  painter.drawText(box.adjusted(6, -4, 0, 0), Qt::AlignTop | Qt::AlignHCenter, up_);
}

void CurveView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), palette().color(QPalette::Base));
  if (points_.isEmpty()) {
    painter.setPen(palette().color(QPalette::PlaceholderText));
    painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap, placeholder_);
  } else {
    draw_axes(painter);
    const auto line = [&](const QList<QPointF>& points) {
      QPolygonF on;
      for (const QPointF& p : points) on << on_screen(p);
      painter.drawPolyline(on);
    };
    painter.setPen(QPen(palette().color(QPalette::Mid), 1, Qt::DashLine));
    line(ghost_);
    painter.setPen(QPen(palette().color(QPalette::Text), 1.6));
    line(points_);
    if (chosen_ >= 0 && chosen_ < points_.size()) {
      painter.setBrush(accent());
      painter.setPen(QPen(palette().color(QPalette::Text), 1));
      painter.drawEllipse(on_screen(points_[chosen_]), 4.5, 4.5);
    }
  }
  if (hasFocus()) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(accent(), 1));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
  }
}

void CurveView::mousePressEvent(QMouseEvent* event) {
  int nearest = -1;
  double least = 1e9;
  for (int i = 0; i < points_.size(); ++i) {
    const double away = std::abs(on_screen(points_[i]).x() - event->position().x());
    if (away < least) {
      least = away;
      nearest = i;
    }
  }
  if (nearest >= 0) emit point_asked(nearest);
}

void CurveView::keyPressEvent(QKeyEvent* event) {
  const int by = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
  if (by == 0 || points_.isEmpty()) return QWidget::keyPressEvent(event);
  emit point_asked(std::clamp(chosen_ + by, 0, static_cast<int>(points_.size()) - 1));
}

}  // namespace yd::app
