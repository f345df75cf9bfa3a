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
  /// The room its words need; in a narrower view all stages share what there is.
  static QSize wished(const QStyleOptionViewItem& option, const QModelIndex& index);
};

}  // namespace yd::app
