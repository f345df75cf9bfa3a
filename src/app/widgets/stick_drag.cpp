// SPDX-License-Identifier: MIT
#include "widgets/stick_drag.h"

#include <QApplication>
#include <QDrag>
#include <QPainter>
#include <QPixmap>
#include <QWidget>

#include "widgets/stick_painter.h"

namespace yd::app {
namespace {

const QString kKind = QStringLiteral("application/x-yawning-dune-stick");
constexpr QSize kCarried{20, 62};

}  // namespace

bool drags(const QMouseEvent& event, QPointF from) {
  return event.buttons().testFlag(Qt::LeftButton) &&
         (event.position() - from).manhattanLength() >= QApplication::startDragDistance();
}

QMimeData* to_carry(const DraggedStick& stick) {
  auto* out = new QMimeData;
  out->setData(kKind, QString("%1 %2").arg(stick.stick).arg(stick.collection).toUtf8());
  return out;
}

void drag_stick(QWidget* from, const DraggedStick& stick, optics::Medium medium, const QColor& colour, double left) {
  QPixmap picture(kCarried);
  picture.fill(Qt::transparent);
  QPainter painter(&picture);
  painter.setRenderHint(QPainter::Antialiasing);
  paint_stick(painter, picture.rect(), medium, colour, left);
  painter.end();
  auto* drag = new QDrag(from);
  drag->setMimeData(to_carry(stick));
  drag->setPixmap(picture);
  drag->setHotSpot(picture.rect().center());
  drag->exec(Qt::LinkAction);
}

std::optional<int> stick_carried(const QMimeData* carried, const QString& collection) {
  if (!carried->hasFormat(kKind)) return std::nullopt;
  const QString said = QString::fromUtf8(carried->data(kKind));
  bool whole = false;
  const int stick = said.section(' ', 0, 0).toInt(&whole);
  if (!whole || stick < 0 || said.section(' ', 1) != collection) return std::nullopt;
  return stick;
}

}  // namespace yd::app
