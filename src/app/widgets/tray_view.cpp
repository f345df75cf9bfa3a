// SPDX-License-Identifier: MIT
#include "widgets/tray_view.h"

#include <QDropEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QStyle>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "looks/greys.h"
#include "widgets/spoken.h"
#include "widgets/stick_drag.h"
#include "widgets/stick_painter.h"

namespace yd::app {
namespace {

constexpr double kInset = 10;
constexpr double kLeastSlot = 20;
constexpr double kMostSlot = 34;
constexpr double kLift = 14;
constexpr double kLabel = 20;  // of the paper band with the number

}  // namespace

TrayView::TrayView(const QString& name, QWidget* parent) : QWidget(parent) {
  speak_as(this, QAccessible::List);
  setObjectName(name);
  setAccessibleName(tr("The tray, from dark to light"));
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  constexpr int kLift_ms = 220;
  lift_.setDuration(kLift_ms);
  lift_.setStartValue(0.0);
  lift_.setEndValue(1.0);
  lift_.setEasingCurve(QEasingCurve::OutCubic);
  connect(&lift_, &QVariantAnimation::valueChanged, this, [this](const QVariant& share) {
    lifted_ = share.toDouble();
    update();
  });
}

void TrayView::set_sticks(const QList<LyingStick>& sticks) {
  const auto in_hand = [](const QList<LyingStick>& list) {
    QList<int> out;
    for (const LyingStick& s : list) {
      if (s.lifted) out << s.stick;
    }
    return out;
  };
  // Another stick is taken up before one's eyes, unless the desktop asks for less motion.
  const bool moves = isVisible() && style()->styleHint(QStyle::SH_Widget_Animation_Duration, nullptr, this) > 0;
  if (moves && !in_hand(sticks).isEmpty() && in_hand(sticks) != in_hand(sticks_)) lift_.start();
  sticks_ = sticks;
  if (current_ >= sticks_.size()) current_ = -1;
  QStringList words;
  for (const LyingStick& s : sticks_) words << (s.lifted ? tr("%1, in the hand").arg(s.words) : s.words);
  setAccessibleDescription(words.join(". "));
  updateGeometry();
  update();
}

int TrayView::current_stick() const { return current_ < 0 ? -1 : sticks_[current_].stick; }

int TrayView::columns() const {
  const int fit = std::max(1, static_cast<int>((width() - 2 * kInset) / kLeastSlot));
  const int n = std::max(1, static_cast<int>(sticks_.size()));
  const int rows = (n + fit - 1) / fit;
  return (n + rows - 1) / rows;
}

QRectF TrayView::slot_of(int place) const {
  const int n = columns();
  const int rows = (static_cast<int>(sticks_.size()) + n - 1) / std::max(1, n);
  const double w = std::min(kMostSlot, (width() - 2 * kInset) / n);
  const double left = (width() - w * n) / 2;
  const double h = (height() - 2 * kInset) / std::max(1, rows);
  const int row = place / n;
  const QRectF cell(left + w * (place % n), kInset + h * row, w, h);
  return cell.adjusted(0, kLift + 4, 0, -kLabel);
}

int TrayView::at(QPointF where) const {
  for (int i = 0; i < sticks_.size(); ++i) {
    if (slot_of(i).adjusted(0, -kLift, 0, kLabel).contains(where)) return i;
  }
  return -1;
}

void TrayView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const TrayGreys greys = tray_greys(palette());
  painter.setPen(Qt::NoPen);
  painter.setBrush(greys.floor);
  painter.drawRoundedRect(rect().adjusted(0, 0, -1, -1), 6, 6);
  QFont small = font();
  small.setPointSizeF(points(Type::small));
  painter.setFont(small);
  for (int i = 0; i < sticks_.size(); ++i) {
    const LyingStick& s = sticks_[i];
    const QRectF slot = slot_of(i);
    paint_stick(painter, s.lifted ? slot.translated(0, -lifted_ * kLift) : slot, s.medium, s.colour, s.left);
    painter.setPen(greys.ink);
    QRectF number(slot.left(), slot.bottom() + 2, slot.width(), kLabel - 4);
    painter.drawText(number, Qt::AlignCenter, QString::number(s.place));
    if (s.lifted) painter.fillRect(QRectF(slot.left() + 3, slot.bottom() + kLabel - 3, slot.width() - 6, 3), accent());
    if (i != current_) continue;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(hasFocus() ? accent() : QColor(60, 60, 60), 2));
    painter.drawRoundedRect(slot.adjusted(1, -kLift, -1, kLabel - 2), 4, 4);
  }
  if (hasFocus() && current_ < 0) {
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(accent(), 2));
    painter.drawRoundedRect(rect().adjusted(1, 1, -2, -2), 6, 6);
  }
}

void TrayView::point_out(int place) {
  if (place < 0 || place >= sticks_.size()) return;
  current_ = place;
  setAccessibleDescription(sticks_[place].words);
  update();
  emit stick_asked(sticks_[place].stick);
}

void TrayView::keyPressEvent(QKeyEvent* event) {
  const int by = event->key() == Qt::Key_Right  ? 1
                 : event->key() == Qt::Key_Left ? -1
                 : event->key() == Qt::Key_Down ? columns()
                 : event->key() == Qt::Key_Up   ? -columns()
                                                : 0;
  if (by == 0 || sticks_.isEmpty()) return QWidget::keyPressEvent(event);
  point_out(current_ < 0 ? 0 : std::clamp(current_ + by, 0, static_cast<int>(sticks_.size()) - 1));
}

void TrayView::mousePressEvent(QMouseEvent* event) {
  pressed_ = event->position();
  point_out(at(pressed_));
}

void TrayView::take_sticks_of(const QString& collection) {
  collection_ = collection;
  setAcceptDrops(!collection_.isEmpty());
}

void TrayView::mouseMoveEvent(QMouseEvent* event) {
  const int place = at(pressed_);
  if (place < 0 || collection_.isEmpty() || !drags(*event, pressed_)) return;
  const LyingStick s = sticks_[place];
  drag_stick(this, {collection_, s.stick}, s.medium, s.colour, s.left);
}

void TrayView::dragEnterEvent(QDragEnterEvent* event) {
  if (event->source() != this && stick_carried(event->mimeData(), collection_)) event->accept();
}

void TrayView::dropEvent(QDropEvent* event) {
  if (const auto stick = stick_carried(event->mimeData(), collection_)) emit stick_brought(*stick);
}

bool TrayView::event(QEvent* event) {
  if (event->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(event);
    const int place = at(help->pos());
    if (place < 0) {
      QToolTip::hideText();
    } else {
      QToolTip::showText(help->globalPos(), sticks_[place].words, this);
    }
    return true;
  }
  return QWidget::event(event);
}

}  // namespace yd::app
