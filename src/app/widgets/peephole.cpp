#include "widgets/peephole.h"

#include <QPainter>

#include "looks/images.h"
#include "widgets/style.h"

namespace yd::app {
namespace {

constexpr int kDisc = 52;

void draw_colour(QPainter& painter, const QRect& cell, const PeepholeColour& c) {
  const QRect disc(cell.left() + 12, cell.center().y() - kDisc / 2, kDisc, kDisc);
  painter.setPen(Qt::NoPen);
  painter.setBrush(c.colour);
  painter.drawEllipse(disc);
  painter.setPen(QColor(250, 250, 250));
  const QRect text = cell.adjusted(kDisc + 24, 14, -4, -14);
  const QFontMetrics metrics = painter.fontMetrics();
  const QStringList lines{c.title, QObject::tr("value %1").arg(c.value), c.words};
  int y = text.center().y() - metrics.height() * 3 / 2 + metrics.ascent();
  for (const QString& line : lines) {
    painter.drawText(text.left(), y, metrics.elidedText(line, Qt::ElideRight, text.width()));
    y += metrics.height();
  }
}

}  // namespace

Peephole::Peephole(QWidget* parent) : QWidget(parent) {
  setObjectName("peephole");
  setAccessibleName(tr("Peephole: colours under the pointer"));
  setFixedHeight(92);
}

void Peephole::show_reading(const std::optional<Reading>& reading) {
  reading_ = reading;
  QString spoken;
  if (reading) {
    for (const PeepholeColour& c : reading->colours) spoken += tr("%1: %2, value %3. ").arg(c.title, c.words, c.value);
    spoken += reading->difference;
  }
  setAccessibleDescription(spoken);
  update();
}

void Peephole::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), judging_grey());
  painter.setPen(QColor(250, 250, 250));
  if (!reading_) {
    painter.drawText(rect(), Qt::AlignCenter, tr("Point at the picture to cut a colour off from its surroundings."));
    return;
  }
  const int cells = 4;
  const int w = width() / cells;
  int x = 0;
  for (const PeepholeColour& c : reading_->colours) {
    draw_colour(painter, QRect(x, 0, w, height()), c);
    x += w;
  }
  const QRect last(x + 8, 10, width() - x - 16, height() - 20);
  QString text = reading_->mass;
  if (!reading_->difference.isEmpty()) {
    text += "\n" + reading_->difference + "\n" + tr("difference %1 ΔE00").arg(reading_->de00, 0, 'f', 1);
  }
  painter.setPen(QColor(250, 250, 250));
  painter.drawText(last, Qt::AlignVCenter | Qt::TextWordWrap, text);
}

}  // namespace yd::app
