// SPDX-License-Identifier: MIT
#include "exports/plan_pdf.h"

#include <QCoreApplication>
#include <cmath>

#include "colour/words.h"
#include "exports/core_painter.h"
#include "exports/pass_words.h"
#include "page_writer.h"
#include "pictures/screen.h"
#include "print_parts.h"
#include "print_words.h"
#include "words/names.h"
#include "words/lengths.h"
#include "pdf_same.h"

namespace yd::exports {
namespace {

QImage numbered_masses(const PlanView& p) {
  QImage out = pictures::to_image(board::mass_picture(p.subject));
  QPainter painter(&out);
  QFont font("Lato");
  font.setPixelSize(std::max(14, out.width() / 40));
  font.setBold(true);
  painter.setFont(font);
  for (const subject::Mass& m : p.subject.masses) {
    const QRectF box(QPointF(m.centre_x * out.width() - 60, m.centre_y * out.height() - 30), QSizeF(120, 60));
    painter.setPen(m.mean.l > 55 ? QColor(10, 10, 10) : QColor(250, 250, 250));
    painter.drawText(box, Qt::AlignCenter, QString::number(m.id + 1));
  }
  return out;
}

void mass_map(PageWriter& page, const PlanView& p) {
  page.new_page();
  page.heading(Printed::tr("Masses"));
  const double aspect = static_cast<double>(p.subject.image.height) / p.subject.image.width;
  const double height = std::min(page.width() * aspect, 340.0);
  page.picture(numbered_masses(p), QRectF(0, page.y(), page.width(), height));
  page.down(height + 8);
  for (std::size_t m = 0; m < p.subject.masses.size(); ++m) {
    const subject::Mass& mass = p.subject.masses[m];
    page.need(30);
    page.paragraph(words::numbered_name(mass), 0, 0, 9, true);
    for (const QString& l : friend_words(p, static_cast<int>(m))) page.paragraph(l, 14, 0, 8.5);
  }
}

void cross_sections(PageWriter& page, const PlanView& p) {
  page.need(250);
  page.heading(Printed::tr("Cross-sections, in working order"));
  const CoreDrawing core = draw_core(p);
  const double room = 150;
  const double unit = room / std::max({0.1, tallest_stack(core) + core.tooth * 0.3, core.capacity * 1.05});
  const double w = page.width() / static_cast<double>(std::max<std::size_t>(1, core.columns.size()));
  const double floor = page.y() + room;
  page.painter().fillRect(QRectF(0, floor, page.width(), 12), core.paper);
  for (std::size_t c = 0; c < core.columns.size(); ++c) {
    const CoreColumn& column = core.columns[c];
    const double sw = (w - 3) / static_cast<double>(std::max<std::size_t>(1, column.stacks.size()));
    for (std::size_t s = 0; s < column.stacks.size(); ++s) {
      double y = floor;
      for (const CoreBlock& b : column.stacks[s].blocks) {
        const double h = std::max(2.0, b.load * unit);
        paint_block(page.painter(),
                    QRectF(w * static_cast<double>(c) + sw * static_cast<double>(s), y - h, sw - 0.5, h), b, true);
        y -= h;
      }
    }
  }
  page.painter().setPen(QPen(QColor(60, 60, 60), 0.6, Qt::DotLine));
  page.painter().drawLine(QPointF(0, floor - core.capacity * unit),
                          QPointF(page.width(), floor - core.capacity * unit));
  page.down(room + 14);
  for (std::size_t c = 0; c < core.columns.size(); ++c)
    page.line(core.columns[c].label, w * static_cast<double>(c), w - 3, 8, Qt::AlignHCenter);
  page.down(14);
  page.paragraph(Printed::tr("Hatched: laid broken. Plain: rubbed in. Dotted line: the tooth is full."), 0, 0, 8);
}

void safety(PageWriter& page, const PlanView& p) {
  page.need(160);
  page.heading(Printed::tr("Safety"));
  for (const QString& line : safety_page(p)) page.paragraph(line, 0, 0, 9);
}

}  // namespace

Print usual_print() { return words::on_letter() ? Print::letter : Print::a4; }
QSizeF page_mm(Print print) { return print == Print::a4 ? QSizeF(210, 297) : QSizeF(215.9, 279.4); }

Result<QByteArray> plan_pdf(const PlanView& plan, const PdfOptions& options, Observer& observer) {
  QByteArray out;
  {
    PageWriter page(out, options);
    print_cover(page, plan, options.title);
    page.new_page();
    const Status listed = print_passages(page, plan, observer);
    if (!listed) return listed.error();
    mass_map(page, plan);
    cross_sections(page, plan);
    safety(page, plan);
  }
  return made_the_same(std::move(out));
}

}  // namespace yd::exports
