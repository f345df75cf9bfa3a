// SPDX-License-Identifier: MIT
#include "widgets/pass_table.h"

#include <QKeyEvent>

namespace yd::app {

PassTable::PassTable(QWidget* parent) : QTableView(parent) {
  setDragEnabled(true);
  setAcceptDrops(true);
  setDropIndicatorShown(true);
  setDragDropMode(QAbstractItemView::InternalMove);
  setDragDropOverwriteMode(false);
  setDefaultDropAction(Qt::MoveAction);
  setToolTip(tr("Drag a pass to another place, or press Alt with up or down."));
}

void PassTable::keyPressEvent(QKeyEvent* event) {
  const bool vertical = event->key() == Qt::Key_Up || event->key() == Qt::Key_Down;
  if (!vertical || !(event->modifiers() & Qt::AltModifier) || !currentIndex().isValid())
    return QTableView::keyPressEvent(event);
  const int from = currentIndex().row();
  emit move_asked(from, from + (event->key() == Qt::Key_Up ? -1 : 1));
}

}  // namespace yd::app
