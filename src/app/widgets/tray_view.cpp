#include "widgets/tray_view.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr double kInset = 10;
constexpr double kLeastSlot = 20;
constexpr double kMostSlot = 34;
constexpr double kLift = 14;
constexpr double kLabel = 20;  // of the paper band with the number

struct Shape {
  double width = 0;  ///< of the slot
  double length = 0; ///< of the tray, when new
};

Shape shape_of(optics::Medium medium) {
  switch (medium) {
    case optics::Medium::soft:
      return {0.74, 0.8};
    case optics::Medium::hard:
      return {0.56, 0.86};
    case optics::Medium::pencil:
      return {0.34, 1.0};
    case optics::Medium::pan:
      return {0.92, 0.3};
    case optics::Medium::charcoal:
      return {0.42, 0.9};
  }
  return {0.7, 0.8};
}

/// The body with its light on the left side; a bar is flat, a stub and a pencil are round.
QBrush body(const QColor& colour, const QRectF& box, bool round) {
  QLinearGradient g(box.topLeft(), box.topRight());
  g.setColorAt(0, colour.darker(round ? 118 : 106));
  g.setColorAt(round ? 0.35 : 0.5, colour.lighter(round ? 110 : 100));
  g.setColorAt(1, colour.darker(round ? 140 : 122));
  return g;
}

void draw_stick(QPainter& painter, const LyingStick& s, const QRectF& slot) {
  const Shape shape = shape_of(s.medium);
  const double least = s.medium == optics::Medium::pan ? 1 : 0.18;
  const double length = slot.height() * shape.length * std::max(least, s.left);
  const double w = slot.width() * shape.width;
  QRectF box(slot.center().x() - w / 2, slot.bottom() - length, w, length);
  painter.setPen(Qt::NoPen);
  painter.setBrush(QColor(0, 0, 0, 46));
  painter.drawRoundedRect(box.translated(2, 2), 3, 3);
  switch (s.medium) {
    case optics::Medium::pan: {
      painter.setBrush(QColor(70, 70, 70));
      painter.drawEllipse(box.center(), w / 2, w / 2);
      painter.setBrush(s.colour);
      painter.drawEllipse(box.center(), w / 2 - 3, w / 2 - 3);
      return;
    }
    case optics::Medium::pencil: {
      // Wood, a cone of wood, a point of colour.
      const QColor wood(196, 178, 150);
      const double cone = std::min(length * 0.3, 2.2 * w);
      painter.setBrush(body(s.colour, box, true));
      painter.drawRect(box.adjusted(0, cone, 0, 0));
      QPainterPath tip(QPointF(box.center().x(), box.top()));
      tip.lineTo(box.right(), box.top() + cone);
      tip.lineTo(box.left(), box.top() + cone);
      tip.closeSubpath();
      painter.fillPath(tip, body(wood, box, true));
      QPainterPath lead(QPointF(box.center().x(), box.top()));
      lead.lineTo(box.center().x() + 0.22 * w, box.top() + 0.45 * cone);
      lead.lineTo(box.center().x() - 0.22 * w, box.top() + 0.45 * cone);
      lead.closeSubpath();
      painter.fillPath(lead, s.colour);
      break;
    }
    case optics::Medium::hard:
      painter.setBrush(body(s.colour, box, false));
      painter.drawRect(box);
      painter.setBrush(s.colour.lighter(115));
      painter.drawRect(QRectF(box.left(), box.top(), w, 3));
      break;
    case optics::Medium::soft:
    case optics::Medium::charcoal:
      painter.setBrush(body(s.colour, box, true));
      painter.drawRoundedRect(box, 2, 2);
      painter.setBrush(s.colour.lighter(112));
      painter.drawEllipse(QRectF(box.left(), box.top() - w * 0.14, w, w * 0.28));
      break;
  }
  if (s.medium != optics::Medium::soft || length < 2.4 * kLabel) return;
  // The paper band of a stub.
  painter.setBrush(body(QColor(228, 228, 226), box, true));
  painter.drawRect(QRectF(box.left() - 0.5, box.bottom() - 0.62 * length, w + 1, kLabel));
}

}  // namespace

TrayView::TrayView(const QString& name, QWidget* parent) : QWidget(parent) {
  setObjectName(name);
  setAccessibleName(tr("The tray, from dark to light"));
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
}

void TrayView::set_sticks(const QList<LyingStick>& sticks) {
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
  const QRectF cell(left + w * (place % n), kInset + h * (place / n), w, h);
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
  const QColor base = palette().color(QPalette::Base);
  painter.setPen(Qt::NoPen);
  painter.setBrush(base.darker(base.lightness() > 128 ? 118 : 60).toRgb());
  painter.setBrush(base.lightness() > 128 ? QColor(178, 178, 178) : QColor(84, 84, 84));
  painter.drawRoundedRect(rect().adjusted(0, 0, -1, -1), 6, 6);
  QFont small = font();
  small.setPointSizeF(points(Type::small));
  painter.setFont(small);
  for (int i = 0; i < sticks_.size(); ++i) {
    const LyingStick& s = sticks_[i];
    const QRectF slot = slot_of(i);
    draw_stick(painter, s, s.lifted ? slot.translated(0, -kLift) : slot);
    painter.setPen(base.lightness() > 128 ? QColor(20, 20, 20) : QColor(240, 240, 240));
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

void TrayView::mousePressEvent(QMouseEvent* event) { point_out(at(event->position())); }

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
