// SPDX-License-Identifier: MIT
#include "exports/printed_sheet.h"

#include <QBuffer>
#include <QFontMetricsF>
#include <QPainter>
#include <QPdfWriter>
#include <QSvgGenerator>
#include <functional>

#include "colour/light.h"
#include "exports/pass_words.h"
#include "print_words.h"
#include "exports/plan_pdf.h"
#include "printed/marks.h"
#include "words/names.h"
#include "pdf_same.h"

namespace yd::exports {
namespace {

constexpr double kDotsPerMm = 10;

QRectF rect(const printed::Box& b) { return {b.left, b.top, b.width, b.height}; }

void draw_mark(QPainter& painter, const printed::Box& box, int mark) {
  for (const printed::Box& black : printed::black_of(box, mark)) painter.fillRect(rect(black), Qt::black);
}

void write(QPainter& painter, const QRectF& room, const QString& text, int high_mm) {
  QFont font("Lato");
  font.setPixelSize(high_mm);
  painter.setFont(font);
  painter.setPen(QColor(40, 40, 40));
  const QFontMetricsF metrics(font, painter.device());
  painter.drawText(room, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextSingleLine,
                   metrics.elidedText(text, Qt::ElideRight, room.width()));
}

/// What is to be done, below everything.
QString advice(printed::Purpose purpose) {
  if (purpose == printed::Purpose::strokes)
    return Printed::tr(
        "Lay each stroke as its cell says. Leave the paper between them bare; photograph the whole sheet.");
  return Printed::tr("Each stick: left, press firmly and rub in, three times over; right, once lightly. Rest bare.");
}

void draw_cells(QPainter& painter, const printed::Layout& layout, const QStringList& labels) {
  const auto marks = printed::marks_of(layout.sheet);
  for (std::size_t i = 0; i < marks.size(); ++i) draw_mark(painter, layout.marks[i], marks[i]);
  painter.setPen(Qt::NoPen);
  for (const printed::Grey& g : layout.greys) {
    const int level = colour::level_of_light(g.light);
    painter.fillRect(rect(g.box), QColor(level, level, level));
  }
  for (std::size_t i = 0; i < layout.cells.size(); ++i) {
    const printed::Cell& cell = layout.cells[i];
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(QColor(190, 190, 190), 0.15));
    for (const printed::Box& b : cell.patches) painter.drawRect(rect(b));
    write(painter, rect(cell.label), labels.value(static_cast<qsizetype>(i)), 3);
  }
  const printed::Box& last = layout.marks[6];
  write(painter, QRectF(last.left + last.width / 10, last.bottom(), layout.sheet.width_mm - 2 * last.left, 4),
        advice(layout.sheet.purpose), 3);
}

/// One page of this size, drawn in millimetres.
QByteArray pdf_of(const QSizeF& page_mm, const std::function<void(QPainter&)>& draw) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QPdfWriter writer(&buffer);
  writer.setResolution(qRound(kDotsPerMm * 10 * subject::kInch_cm));
  writer.setTitle(Printed::tr("A sheet for strokes"));
  writer.setPageLayout(QPageLayout(QPageSize(page_mm, QPageSize::Millimeter), QPageLayout::Portrait, QMarginsF(),
                                   QPageLayout::Millimeter));
  QPainter painter(&writer);
  painter.scale(kDotsPerMm, kDotsPerMm);
  draw(painter);
  painter.end();
  return made_the_same(std::move(out));
}

}  // namespace

QStringList cell_numbers(const printed::Layout& layout) {
  QStringList out;
  for (std::size_t i = 0; i < layout.cells.size(); ++i) out << QString::number(i + 1);
  return out;
}

QStringList cell_sticks(const media::Collection& collection) {
  QStringList out;
  for (const media::Stick& s : collection.sticks) out << QString("%1 %2").arg(out.size() + 1).arg(words::stick_name(s));
  return out;
}

QStringList cell_strokes(std::span<const calibrate::OffcutStroke> strokes, const media::Collection& collection) {
  QStringList out;
  for (const calibrate::OffcutStroke& s : strokes) {
    const QString how = s.technique == plan::Technique::rubbed ? Printed::tr("%1, rubbed") : Printed::tr("%1");
    out << QString("%1 %2 · %3")
               .arg(out.size() + 1)
               .arg(how.arg(pressure_words(s.pressure)),
                    words::stick_name(collection.sticks[static_cast<std::size_t>(s.stick)]));
  }
  return out;
}

QByteArray printed_sheet_pdf(const printed::Layout& layout, const QStringList& labels) {
  return pdf_of({static_cast<double>(layout.sheet.width_mm), static_cast<double>(layout.sheet.height_mm)},
                [&](QPainter& painter) { draw_cells(painter, layout, labels); });
}

QByteArray printed_sheet(const QString& file, const printed::Layout& layout, const QStringList& labels) {
  return file.endsWith(".svg", Qt::CaseInsensitive) ? printed_sheet_svg(layout, labels)
                                                    : printed_sheet_pdf(layout, labels);
}

QByteArray corner_marks_pdf() {
  constexpr double kSide = 25;
  constexpr double kApart = 60;
  constexpr double kAround = 2;
  const QString places[] = {Printed::tr("top left"), Printed::tr("top right"), Printed::tr("bottom right"),
                            Printed::tr("bottom left")};
  const QPointF touches[] = {{1, 1}, {0, 1}, {0, 0}, {1, 0}};
  return pdf_of(page_mm(usual_print()), [&](QPainter& painter) {
    write(
        painter, QRectF(20, 20, 170, 6),
        Printed::tr("Cut out along the lines. Lay each mark outside the picture, its dotted corner on the picture's."),
        4);
    write(painter, QRectF(20, 27, 170, 6),
          Printed::tr("Its greys lie beside the picture: the light is put right by them."), 4);
    for (int corner = 0; corner < 4; ++corner) {
      const bool above = corner < 2;
      const printed::Box box{30 + kApart * (corner % 2), above ? 45.0 : 175.0, kSide, kSide};
      draw_mark(painter, box, printed::corner_mark(corner));
      QRectF card = rect(box);
      painter.setPen(Qt::NoPen);
      for (const printed::Grey& g : printed::card_greys(corner)) {
        const QRectF grey(box.left + kSide * g.box.left, box.top + kSide * g.box.top, kSide * g.box.width,
                          kSide * g.box.height);
        const int level = colour::level_of_light(g.light);
        painter.fillRect(grey, QColor(level, level, level));
        card |= grey.adjusted(0, above ? 0 : -kAround, 0, above ? kAround : 0);
      }
      painter.setBrush(Qt::NoBrush);
      painter.setPen(QPen(QColor(150, 150, 150), 0.15));
      painter.drawRect(card);
      painter.setPen(Qt::NoPen);
      painter.setBrush(QColor(90, 90, 90));
      painter.drawEllipse(QPointF(box.left + touches[corner].x() * kSide, box.top + touches[corner].y() * kSide), 1, 1);
      write(painter, QRectF(box.left, card.bottom() + 1, kApart, 5), places[corner], 4);
    }
  });
}

QByteArray printed_sheet_svg(const printed::Layout& layout, const QStringList& labels) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QSvgGenerator svg;
  svg.setOutputDevice(&buffer);
  svg.setTitle(Printed::tr("A sheet for strokes"));
  svg.setResolution(qRound(kDotsPerMm * 10 * subject::kInch_cm));
  svg.setSize(QSize(qRound(layout.sheet.width_mm * kDotsPerMm), qRound(layout.sheet.height_mm * kDotsPerMm)));
  svg.setViewBox(QRectF(0, 0, layout.sheet.width_mm, layout.sheet.height_mm));
  QPainter painter(&svg);
  draw_cells(painter, layout, labels);
  painter.end();
  return out;
}

}  // namespace yd::exports
