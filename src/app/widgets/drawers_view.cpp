// SPDX-License-Identifier: MIT
#include "widgets/drawers_view.h"

#include <QDropEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "looks/greys.h"
#include "widgets/spoken.h"
#include "widgets/stick_drag.h"
#include "widgets/stick_painter.h"

namespace yd::app {
namespace {

constexpr double kSlot = 20;   // width of a stick's place
constexpr double kStick = 62;  // and its height
constexpr double kTitle = 24;
constexpr double kPad = 8;
constexpr double kNarrowest = 380;

}  // namespace

DrawersView::DrawersView(QWidget* parent) : QWidget(parent) {
  speak_as(this, QAccessible::List);
  setObjectName("drawers");
  setAccessibleName(tr("The collection by colour, each drawer from dark to light"));
  setFocusPolicy(Qt::StrongFocus);
  setAcceptDrops(true);
  QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Minimum);
  policy.setHeightForWidth(true);
  setSizePolicy(policy);
}

void DrawersView::set_drawers(std::vector<Drawer> drawers, const QString& collection) {
  drawers_ = std::move(drawers);
  collection_ = collection;
  places_ = lay_out(width());
  setMinimumHeight(static_cast<int>(std::ceil(places_.height)));
  updateGeometry();
  update();
}

int DrawersView::heightForWidth(int width) const { return static_cast<int>(std::ceil(lay_out(width).height)); }

DrawersView::Places DrawersView::lay_out(double width) const {
  Places out;
  const int across = std::max(1, static_cast<int>((width + kPad) / (kNarrowest + kPad)));
  const double each = (width - kPad * (across - 1)) / across;
  const int fit = std::max(1, static_cast<int>((each - 2 * kPad) / kSlot));
  double top = 0;
  for (std::size_t first = 0; first < drawers_.size(); first += static_cast<std::size_t>(across)) {
    const std::size_t end = std::min(drawers_.size(), first + static_cast<std::size_t>(across));
    int rows = 1;
    for (std::size_t d = first; d < end; ++d)
      rows = std::max(rows, (static_cast<int>(drawers_[d].sticks.size()) + fit - 1) / fit);
    const double height = kTitle + rows * (kStick + kPad) + kPad;
    for (std::size_t d = first; d < end; ++d) {
      const QRectF box(static_cast<double>(d - first) * (each + kPad), top, each, height);
      out.fronts.push_back({box, tr("%1, %2").arg(drawers_[d].name).arg(drawers_[d].sticks.size())});
      for (std::size_t i = 0; i < drawers_[d].sticks.size(); ++i) {
        const int column = static_cast<int>(i) % fit;
        const int row = static_cast<int>(i) / fit;
        out.lying.push_back(
            {QRectF(box.left() + kPad + column * kSlot, box.top() + kTitle + row * (kStick + kPad), kSlot, kStick), d,
             i});
      }
    }
    top += height + kPad;
  }
  out.height = top;
  return out;
}

void DrawersView::resizeEvent(QResizeEvent*) {
  places_ = lay_out(width());
  setMinimumHeight(static_cast<int>(std::ceil(places_.height)));
}

void DrawersView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const TrayGreys greys = tray_greys(palette());
  for (const Front& f : places_.fronts) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(greys.floor);
    painter.drawRoundedRect(f.box, 6, 6);
    painter.setPen(greys.ink);
    painter.drawText(f.box.adjusted(kPad, 2, -kPad, 0), Qt::AlignTop | Qt::AlignLeft, f.title);
  }
  for (const Slot& s : places_.lying) {
    const DrawerStick& stick = at(s);
    painter.setOpacity(stick.found ? stick.owned ? 1.0 : 0.45 : 0.12);
    paint_stick(painter, s.where, stick.medium, stick.colour, stick.left);
    painter.setOpacity(1);
    if (!stick.owned && stick.found) {
      painter.setPen(QPen(greys.ink, 1));
      painter.drawLine(s.where.bottomLeft() + QPointF(3, -2), s.where.topRight() + QPointF(-3, 14));
    }
    if (stick.favourite) painter.fillRect(QRectF(s.where.left() + 4, s.where.bottom() + 1, kSlot - 8, 3), accent());
    if (stick.stick != current_) continue;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(hasFocus() ? accent() : QColor(50, 50, 50), 2));
    painter.drawRoundedRect(s.where.adjusted(0, 2, 0, 3), 4, 4);
  }
}

const DrawersView::Slot* DrawersView::slot_at(QPointF where) const {
  for (const Slot& s : places_.lying) {
    if (s.where.contains(where)) return &s;
  }
  return nullptr;
}

void DrawersView::set_current(int stick) {
  current_ = stick;
  for (const Slot& s : places_.lying) {
    if (at(s).stick == stick) setAccessibleDescription(at(s).words);
  }
  update();
}

void DrawersView::mousePressEvent(QMouseEvent* event) {
  pressed_ = event->position();
  if (const Slot* s = slot_at(event->position())) {
    set_current(at(*s).stick);
    emit chosen(current_);
  }
}

void DrawersView::mouseMoveEvent(QMouseEvent* event) {
  const Slot* s = slot_at(pressed_);
  if (s == nullptr || !drags(*event, pressed_)) return;
  const DrawerStick stick = at(*s);
  drag_stick(this, {collection_, stick.stick}, stick.medium, stick.colour, stick.left);
}

void DrawersView::dragEnterEvent(QDragEnterEvent* event) {
  if (event->source() != this && stick_carried(event->mimeData(), collection_)) event->accept();
}

void DrawersView::dropEvent(QDropEvent* event) {
  if (const auto stick = stick_carried(event->mimeData(), collection_)) emit put_away(*stick);
}

void DrawersView::mouseDoubleClickEvent(QMouseEvent* event) {
  if (const Slot* s = slot_at(event->position())) emit owned_asked(at(*s).stick);
}

/// Past what the search did not find.
void DrawersView::step(int by) {
  const auto n = static_cast<int>(places_.lying.size());
  if (n == 0) return;
  const auto found =
      std::find_if(places_.lying.begin(), places_.lying.end(), [&](const Slot& s) { return at(s).stick == current_; });
  int place = found == places_.lying.end() ? (by > 0 ? -1 : n) : static_cast<int>(found - places_.lying.begin());
  do {
    place += by > 0 ? 1 : -1;
  } while (place >= 0 && place < n && !at(places_.lying[static_cast<std::size_t>(place)]).found);
  if (place < 0 || place >= n) return;
  set_current(at(places_.lying[static_cast<std::size_t>(place)]).stick);
  emit chosen(current_);
}

void DrawersView::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
    case Qt::Key_Right:
    case Qt::Key_Down:
      return step(1);
    case Qt::Key_Left:
    case Qt::Key_Up:
      return step(-1);
    case Qt::Key_Space:
      if (current_ >= 0) emit owned_asked(current_);
      return;
    default:
      QWidget::keyPressEvent(event);
  }
}

bool DrawersView::event(QEvent* event) {
  if (event->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(event);
    const Slot* s = slot_at(help->pos());
    QToolTip::showText(help->globalPos(), s == nullptr ? QString() : at(*s).words, this);
    return true;
  }
  return QWidget::event(event);
}

}  // namespace yd::app
