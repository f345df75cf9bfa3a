// SPDX-License-Identifier: MIT
#include "widgets/task_view.h"

#include <QPainter>
#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr double kTaskGap = 24;
constexpr double kTaskLabel = 24;

/// Text that can be read on a grey.
QColor ink_on(const QColor& ground) { return ground.lightnessF() > 0.5 ? QColor(20, 20, 20) : QColor(240, 240, 240); }

}  // namespace

TaskView::TaskView(QWidget* parent) : QWidget(parent) {
  setObjectName("task");
  setMinimumSize(360, 260);
}

void TaskView::set_drawing(const TaskDrawing& drawing) {
  drawing_ = drawing;
  update();
}

void TaskView::draw_row(QPainter& painter, const QList<TaskDrawing::Patch>& row, const QRectF& room) const {
  if (row.isEmpty()) return;
  const auto n = static_cast<double>(row.size());
  const bool labelled = std::any_of(row.begin(), row.end(), [](const auto& p) { return !p.label.isEmpty(); });
  const double high = room.height() - (labelled ? kTaskLabel : 0);
  const double wide = std::min((room.width() - kTaskGap * (n - 1)) / n, labelled ? 1.6 * high : high);
  double x = room.center().x() - (n * wide + (n - 1) * kTaskGap) / 2;
  for (const TaskDrawing::Patch& p : row) {
    const QRectF box(x, room.top(), wide, high);
    if (p.picture.isNull()) {
      painter.fillRect(box, p.colour);
    } else {
      const QSizeF size = QSizeF(p.picture.size()).scaled(box.size(), Qt::KeepAspectRatio);
      painter.drawImage(QRectF(box.center() - QPointF(size.width() / 2, size.height() / 2), size), p.picture);
    }
    painter.setPen(ink_on(drawing_.surround));
    const QRectF line(x - kTaskGap / 2, box.bottom(), wide + kTaskGap, kTaskLabel);
    painter.drawText(line, Qt::AlignCenter, fontMetrics().elidedText(p.label, Qt::ElideRight, int(line.width())));
    x += wide + kTaskGap;
  }
}

void TaskView::draw_pictures(QPainter& painter, const QRectF& room) const {
  const auto n = static_cast<double>(drawing_.pictures.size());
  const double wide = (room.width() - kTaskGap / 3 * (n - 1)) / n;
  double x = room.left();
  QRectF last;
  for (const QImage& picture : drawing_.pictures) {
    const QSizeF size = QSizeF(picture.size()).scaled({wide, room.height()}, Qt::KeepAspectRatio);
    last = QRectF({x + (wide - size.width()) / 2, room.center().y() - size.height() / 2}, size);
    painter.drawImage(last, picture);
    x += wide + kTaskGap / 3;
  }
  for (const TaskDrawing::Mark& mark : drawing_.marks) {
    const QPointF at = last.topLeft() + QPointF(mark.place.x() * last.width(), mark.place.y() * last.height());
    constexpr double kRadius = 13;
    painter.setPen(QPen(Qt::white, 2));
    painter.setBrush(QColor(20, 20, 20));
    painter.drawEllipse(at, kRadius, kRadius);
    painter.drawText(QRectF(at - QPointF(kRadius, kRadius), QSizeF(2 * kRadius, 2 * kRadius)), Qt::AlignCenter,
                     mark.label);
  }
}

void TaskView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  painter.fillRect(rect(), drawing_.surround.isValid() ? drawing_.surround : judging_grey());
  const QRectF room = QRectF(rect()).adjusted(kTaskGap, kTaskGap, -kTaskGap, -kTaskGap);
  if (!drawing_.pictures.isEmpty()) return draw_pictures(painter, room);
  if (drawing_.choices.isEmpty()) {
    // A patch as the eye meets one in a picture: not a wall of colour.
    constexpr double kMost = 260;
    const double high = std::min(kMost, 0.6 * room.height());
    const QRectF middle(room.left(), room.center().y() - high / 2, room.width(), high);
    return draw_row(painter, drawing_.shown, middle);
  }
  draw_row(painter, drawing_.shown, {room.left(), room.top(), room.width(), room.height() * 0.42});
  draw_row(painter, drawing_.choices,
           {room.left(), room.top() + room.height() * 0.5, room.width(), room.height() * 0.5});
}

}  // namespace yd::app
