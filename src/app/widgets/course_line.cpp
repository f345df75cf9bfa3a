// SPDX-License-Identifier: MIT
#include "widgets/course_line.h"

#include "looks/greys.h"
#include "widgets/course_delegate.h"

namespace yd::app {

CourseLine::CourseLine(QWidget* parent) : QListView(parent) {
  setItemDelegate(new CourseDelegate(this));
  setFlow(QListView::LeftToRight);
  setWrapping(false);
  setFrameShape(QFrame::NoFrame);
  viewport()->setAutoFillBackground(false);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setEditTriggers(QAbstractItemView::NoEditTriggers);
}

QSize CourseLine::sizeHint() const {
  QSize out(kSpace, 0);
  QStyleOptionViewItem option;
  initViewItemOption(&option);
  for (int row = 0; model() != nullptr && row < model()->rowCount(); ++row) {
    const QSize item = CourseDelegate::wished(option, model()->index(row, 0));
    out = {out.width() + item.width(), std::max(out.height(), item.height() + kSpace)};
  }
  return out;
}

void CourseLine::resizeEvent(QResizeEvent* event) {
  QListView::resizeEvent(event);
  scheduleDelayedItemsLayout();
}

}  // namespace yd::app
