// SPDX-License-Identifier: MIT
#include "widgets/peephole.h"

#include <QPainter>

#include "looks/images.h"
#include "words/seen.h"

namespace yd::app {
namespace {

constexpr int kDisc = 40;
constexpr int kRow = 48;
constexpr int kWidth = 288;
constexpr int kFoot = 52;

void draw_colour(QPainter& painter, const QRect& row, const PeepholeColour& c) {
  const QRect disc(row.left(), row.center().y() - kDisc / 2, kDisc, kDisc);
  painter.setPen(Qt::NoPen);
  painter.setBrush(c.colour);
  painter.drawEllipse(disc);
  painter.setPen(judging_ink());
  const QRect text = row.adjusted(kDisc + kSpace + 4, 4, 0, -4);
  QFont bold = painter.font();
  const QFont plain = bold;
  bold.setBold(true);
  const QString value = QObject::tr("value %1").arg(c.value);
  painter.drawText(text, Qt::AlignTop | Qt::AlignRight, value);
  painter.setFont(bold);
  const int room = text.width() - QFontMetrics(plain).horizontalAdvance(value) - kSpace;
  painter.drawText(text, Qt::AlignTop | Qt::AlignLeft, painter.fontMetrics().elidedText(c.title, Qt::ElideRight, room));
  painter.setFont(plain);
  painter.drawText(text, Qt::AlignBottom | Qt::AlignLeft,
                   painter.fontMetrics().elidedText(c.words, Qt::ElideRight, text.width()));
}

}  // namespace

Peephole::Peephole(QWidget* parent) : QWidget(parent) {
  setObjectName("peephole");
  setAccessibleName(tr("Card with holes: the colours under the pointer"));
  setAttribute(Qt::WA_TransparentForMouseEvents);
  hide();
}

QSize Peephole::sizeHint() const {
  const int rows = reading_ ? static_cast<int>(reading_->colours.size()) : 3;
  return {kWidth, rows * kRow + kFoot + 2 * kSpace};
}

void Peephole::show_reading(const std::optional<Reading>& reading) {
  reading_ = reading;
  QString spoken;
  if (reading) {
    for (const PeepholeColour& c : reading->colours) spoken += tr("%1: %2, value %3. ").arg(c.title, c.words, c.value);
    spoken += reading->difference;
  }
  setAccessibleDescription(spoken);
  setVisible(reading.has_value());
  update();
}

void Peephole::paintEvent(QPaintEvent*) {
  if (!reading_) return;
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QColor(90, 90, 90));
  painter.setBrush(judging_grey());
  painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
  QRect row(12, kSpace, width() - 24, kRow);
  for (const PeepholeColour& c : reading_->colours) {
    draw_colour(painter, row, c);
    row.translate(0, kRow);
  }
  painter.setPen(judging_ink());
  QStringList lines{reading_->mass};
  if (!reading_->difference.isEmpty())
    lines << tr("Board: %1; %2").arg(reading_->difference, words::seen_with_number(reading_->de00));
  row.setHeight(height() - row.top() - kSpace);
  painter.drawText(row, Qt::AlignTop | Qt::TextWordWrap, lines.join("\n"));
}

}  // namespace yd::app
