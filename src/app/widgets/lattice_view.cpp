// SPDX-License-Identifier: MIT
#include "widgets/lattice_view.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>

#include "looks/images.h"
#include "widgets/spoken.h"
#include "widgets/style.h"

namespace yd::app {
namespace {

constexpr double kGreyColumn = 0.1;  // share of the width for the column of greys

}  // namespace

LatticeView::LatticeView(QWidget* parent) : QWidget(parent) {
  speak_as(this, QAccessible::List);
  setObjectName("lattice");
  setAccessibleName(tr("Tray: value upwards, hue across"));
  setFocusPolicy(Qt::StrongFocus);
  setMinimumHeight(150);
}

void LatticeView::set_items(const QList<LatticeItem>& items) {
  items_ = items;
  lit_ = -1;
  update();
}

QPointF LatticeView::place(const LatticeItem& item) const {
  const QRectF box = QRectF(rect()).adjusted(24, 12, -10, -22);
  const double across = item.hue < 0 ? kGreyColumn / 3 : kGreyColumn + (1 - kGreyColumn) * item.hue / 360;
  return {box.left() + across * box.width(), box.bottom() - (item.value - 1) / 8 * box.height()};
}

void LatticeView::draw_item(QPainter& painter, const LatticeItem& item, bool lit) const {
  const QPointF c = place(item);
  const QColor edge = lit ? accent() : item.value > 5 ? QColor(40, 40, 40) : QColor(225, 225, 225);
  painter.setPen(QPen(edge, lit ? 2.5 : 1));
  painter.setBrush(item.colour);
  if (!item.chosen) {
    painter.setPen(Qt::NoPen);
    painter.drawEllipse(c, 2.2, 2.2);
    return;
  }
  switch (item.shape) {
    case 0:
      painter.drawRoundedRect(QRectF(c - QPointF(9, 5), QSizeF(18, 10)), 5, 5);
      break;
    case 1:
      painter.drawRect(QRectF(c - QPointF(9, 3.5), QSizeF(18, 7)));
      break;
    case 2:
      painter.drawPolygon(QPolygonF(
          {c + QPointF(-10, -3), c + QPointF(5, -3), c + QPointF(11, 0), c + QPointF(5, 3), c + QPointF(-10, 3)}));
      break;
    default:
      painter.drawEllipse(c, 7, 7);
  }
}

void LatticeView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), judging_grey());
  const QRectF box = QRectF(rect()).adjusted(24, 12, -10, -22);
  for (int v = 1; v <= 9; v += 2) {
    const double y = box.bottom() - (v - 1) / 8.0 * box.height();
    painter.setPen(QColor(140, 140, 140));
    painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    painter.setPen(QColor(235, 235, 235));
    painter.drawText(QRectF(0, y - 9, 20, 18), Qt::AlignRight | Qt::AlignVCenter, QString::number(v));
  }
  const QString names[] = {tr("red"), tr("yellow"), tr("green"), tr("blue"), tr("violet")};
  const double hues[] = {25, 90, 150, 265, 315};
  painter.drawText(QRectF(box.left() - 8, box.bottom() + 4, 50, 18), Qt::AlignLeft, tr("grey"));
  for (int i = 0; i < 5; ++i) {
    const double x = box.left() + (kGreyColumn + (1 - kGreyColumn) * hues[i] / 360) * box.width();
    painter.drawText(QRectF(x - 40, box.bottom() + 4, 80, 18), Qt::AlignHCenter, names[i]);
  }
  for (const LatticeItem& i : items_) {
    if (!i.chosen) draw_item(painter, i, false);
  }
  for (int i = 0; i < items_.size(); ++i) {
    if (items_[i].chosen) draw_item(painter, items_[i], i == lit_);
  }
  if (lit_ >= 0) draw_item(painter, items_[lit_], true);
  if (hasFocus()) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(accent(), 1));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
  }
}

int LatticeView::item_at(QPointF at) const {
  int best = -1;
  double least = 14;
  for (int i = 0; i < items_.size(); ++i) {
    const double away = QLineF(place(items_[i]), at).length() + (items_[i].chosen ? 0 : 6);
    if (away < least) {
      least = away;
      best = i;
    }
  }
  return best;
}

void LatticeView::mousePressEvent(QMouseEvent* event) {
  lit_ = item_at(event->position());
  if (lit_ >= 0) emit item_asked(items_[lit_].id);
  update();
}

void LatticeView::keyPressEvent(QKeyEvent* event) {
  const int by = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
  if (by == 0) return QWidget::keyPressEvent(event);
  const int n = static_cast<int>(items_.size());
  for (int step = 1; step <= n; ++step) {
    const int i = ((lit_ + by * step) % n + n) % n;
    if (!items_[i].chosen) continue;
    lit_ = i;
    setAccessibleDescription(items_[i].words);
    emit item_asked(items_[i].id);
    break;
  }
  update();
}

bool LatticeView::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const int i = item_at(help->pos());
  QToolTip::showText(help->globalPos(), i >= 0 ? items_[i].words : QString(), this);
  return true;
}

}  // namespace yd::app
