// SPDX-License-Identifier: MIT
#include "widgets/down_the_list.h"

#include <QKeyEvent>

namespace yd::app {

DownTheList::DownTheList(QTableView& table) : QStyledItemDelegate(&table), table_(table) {}

bool DownTheList::eventFilter(QObject* editor, QEvent* event) {
  const auto* key = event->type() == QEvent::KeyPress ? static_cast<QKeyEvent*>(event) : nullptr;
  if (key == nullptr || (key->key() != Qt::Key_Return && key->key() != Qt::Key_Enter))
    return QStyledItemDelegate::eventFilter(editor, event);
  auto* line = qobject_cast<QWidget*>(editor);
  const QModelIndex at = table_.currentIndex();
  emit commitData(line);
  emit closeEditor(line, NoHint);
  const QModelIndex below = at.siblingAtRow(at.row() + 1);
  if (!below.isValid()) return true;
  table_.setCurrentIndex(below);
  table_.edit(below);
  return true;
}

}  // namespace yd::app
