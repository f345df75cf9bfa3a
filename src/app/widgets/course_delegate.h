// SPDX-License-Identifier: MIT
#pragma once

#include <QStyledItemDelegate>

namespace yd::app {

/// A stage of the course: its name, and its state in a word below.
class CourseDelegate : public QStyledItemDelegate {
  Q_OBJECT
 public:
  using QStyledItemDelegate::QStyledItemDelegate;
  void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
  QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
};

}  // namespace yd::app
