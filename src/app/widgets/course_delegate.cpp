#include "widgets/course_delegate.h"

#include <QPainter>

#include "widgets/style.h"

namespace yd::app {

void CourseDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const {
  painter->save();
  const bool chosen = option.state & QStyle::State_Selected;
  if (chosen) {
    painter->fillRect(option.rect, option.palette.color(QPalette::Highlight));
    painter->fillRect(QRect(option.rect.topLeft(), QSize(4, option.rect.height())), accent());
  }
  const QRect inner = option.rect.adjusted(12, 6, -4, -6);
  QFont bold = option.font;
  bold.setBold(true);
  painter->setFont(bold);
  painter->setPen(option.palette.color(QPalette::Text));
  painter->drawText(inner, Qt::AlignTop | Qt::AlignLeft, index.data().toString());
  painter->setFont(option.font);
  if (!chosen) painter->setPen(option.palette.color(QPalette::PlaceholderText));
  painter->drawText(inner, Qt::AlignBottom | Qt::AlignLeft, index.data(Qt::UserRole).toString());
  painter->restore();
}

QSize CourseDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const {
  return {100, 2 * option.fontMetrics.height() + 16};
}

}  // namespace yd::app
