// SPDX-License-Identifier: MIT
#include "widgets/stroke_rows.h"

#include <QPainter>
#include <algorithm>

#include "looks/greys.h"

namespace yd::app {

StrokeRows::StrokeRows(QWidget* parent) : QWidget(parent) {
  setObjectName("stroke_rows");
  setAccessibleName(tr("The strokes of the passage"));
  QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  policy.setHeightForWidth(true);
  setSizePolicy(policy);
}

void StrokeRows::set_rows(const QList<StrokeRow>& rows) {
  rows_ = rows;
  QStringList words;
  for (const StrokeRow& r : rows) words << tr("%1: %2, %3").arg(r.stick, r.how, r.where);
  setAccessibleDescription(words.join(". "));
  setVisible(!rows.isEmpty());
  setFixedHeight(heightForWidth(std::max(160, width())));
  update();
}

int StrokeRows::text_left() const {
  int widest = 0;
  for (const StrokeRow& r : rows_) widest = std::max(widest, r.chip.width());
  return widest + kSpace;
}

int StrokeRows::row_height(const StrokeRow& row, int width) const {
  const QRect where =
      fontMetrics().boundingRect(QRect(0, 0, std::max(80, width - text_left()), 1000), Qt::TextWordWrap, row.where);
  return std::max(row.chip.height(), 2 * fontMetrics().height() + where.height()) + kSpace;
}

int StrokeRows::heightForWidth(int width) const {
  int out = 0;
  for (const StrokeRow& r : rows_) out += row_height(r, width);
  return out;
}

void StrokeRows::resizeEvent(QResizeEvent*) { setFixedHeight(heightForWidth(width())); }

void StrokeRows::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  int y = 0;
  const int left = text_left();
  const int line = fontMetrics().height();
  QFont bold = font();
  bold.setBold(true);
  for (const StrokeRow& r : rows_) {
    const int h = row_height(r, width());
    painter.drawPixmap(0, y + 2, r.chip);
    painter.setPen(palette().color(QPalette::WindowText));
    painter.setFont(bold);
    painter.drawText(QRect(left, y, width() - left, line), Qt::AlignLeft | Qt::AlignVCenter,
                     QFontMetrics(bold).elidedText(r.stick, Qt::ElideRight, width() - left));
    painter.setFont(font());
    painter.drawText(QRect(left, y + line, width() - left, line), Qt::AlignLeft | Qt::AlignVCenter,
                     fontMetrics().elidedText(r.how, Qt::ElideRight, width() - left));
    painter.setPen(palette().color(QPalette::PlaceholderText));
    painter.drawText(QRect(left, y + 2 * line, width() - left, h - 2 * line), Qt::TextWordWrap, r.where);
    y += h;
  }
}

}  // namespace yd::app
