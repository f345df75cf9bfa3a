// SPDX-License-Identifier: MIT
#include "widgets/course_delegate.h"

#include <QPainter>
#include <algorithm>

#include "widgets/style.h"

namespace yd::app {
namespace {

QFont small(QFont font) {
  font.setPointSizeF(points(Type::small));
  return font;
}

}  // namespace

void CourseDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const {
  painter->save();
  const bool chosen = option.state & QStyle::State_Selected;
  const QRect inner = option.rect.adjusted(kSpace, 4, -kSpace, -5);
  QFont name = option.font;
  name.setBold(chosen);
  painter->setFont(name);
  painter->setPen(option.palette.color(QPalette::WindowText));
  const auto shortened = [&](int role) {
    return painter->fontMetrics().elidedText(index.data(role).toString(), Qt::ElideRight, inner.width());
  };
  painter->drawText(inner, Qt::AlignTop | Qt::AlignLeft, shortened(Qt::DisplayRole));
  painter->setFont(small(option.font));
  painter->setPen(option.palette.color(QPalette::PlaceholderText));
  painter->drawText(inner, Qt::AlignBottom | Qt::AlignLeft, shortened(Qt::UserRole));
  if (chosen) painter->fillRect(QRect(inner.left(), option.rect.bottom() - 2, inner.width(), 3), accent());
  if (option.state & QStyle::State_HasFocus) {
    painter->setPen(QPen(accent(), 1));
    painter->drawRect(option.rect.adjusted(1, 1, -2, -4));
  }
  painter->restore();
}

QSize CourseDelegate::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const {
  const QSize item = wished(option, index);
  if (option.widget == nullptr) return item;
  const double squeezed = static_cast<double>(option.widget->width()) / std::max(1, option.widget->sizeHint().width());
  return {static_cast<int>(item.width() * std::min(1.0, squeezed)), item.height()};
}

QSize CourseDelegate::wished(const QStyleOptionViewItem& option, const QModelIndex& index) {
  QFont bold = option.font;
  bold.setBold(true);
  const int name = QFontMetrics(bold).horizontalAdvance(index.data().toString());
  const int state = QFontMetrics(small(option.font)).horizontalAdvance(index.data(Qt::UserRole).toString());
  return {std::max(name, state) + 3 * kSpace,
          option.fontMetrics.height() + QFontMetrics(small(option.font)).height() + 11};
}

}  // namespace yd::app
