#include "exports/plan_pdf.h"

#include <QCoreApplication>
#include <cmath>

#include "colour/words.h"
#include "exports/core_painter.h"
#include "exports/pass_words.h"
#include "page_writer.h"
#include "pictures/screen.h"
#include "plan_pictures.h"
#include "print_words.h"
#include "words/order.h"
#include "words/school.h"

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

QStringList summary(const PlanView& p) {
  QStringList out;
  out << on_paper("Paper: %1, %2. Picture %3 × %4 cm.")
             .arg(QString::fromStdString(p.paper.name), QString::fromStdString(colour::describe(p.paper.lab)))
             .arg(p.sheet.width_cm, 0, 'f', 1)
             .arg(p.sheet.height_cm, 0, 'f', 1);
  out << on_paper("School: %1. %2").arg(words::school(p.plan.school).title, words::advised(p.plan.advised));
  out << on_paper(
             "%1 sticks, %2 passes, about %3 in %4 sittings. Difference from the colours fitted %5 ΔE00 on average, "
             "from the "
             "subject as seen across the room %6.")
             .arg(p.plan.tray.size())
             .arg(p.plan.passes.size())
             .arg(minutes_words(p.plan.sequence.minutes))
             .arg(p.plan.sittings.size())
             .arg(p.figures.fitted.mean, 0, 'f', 1)
             .arg(p.figures.seen.mean, 0, 'f', 1);
  return out;
}

void cover(PageWriter& page, const PlanView& p, const QString& title) {
  page.paragraph(title, 0, 0, 20, true);
  page.down(6);
  const double half = (page.width() - 12) / 2;
  const double aspect = static_cast<double>(p.subject.image.height) / p.subject.image.width;
  const double height = std::min(half * aspect, 320.0);
  page.picture(subject_picture(p), QRectF(0, page.y(), half, height));
  page.picture(board_picture(p), QRectF(half + 12, page.y(), half, height));
  page.down(height + 4);
  page.line(on_paper("Subject"), 0, half, 9);
  page.line(on_paper("Board, as predicted"), half + 12, half, 9);
  page.down(18);
  page.swatch(pictures::to_colour(p.paper.lab), 0, page.width(), 16);
  page.down(22);
  for (const QString& s : summary(p)) page.paragraph(s);
}

void pull_list(PageWriter& page, const PlanView& p) {
  page.heading(on_paper("Pull these sticks"));
  int place = 0;
  for (const int i : tray_by_place(p)) {
    const media::Stick& s = p.collection.sticks[static_cast<std::size_t>(i)];
    page.need(18);
    page.line(QString::number(++place), 0, 18, 9, Qt::AlignRight);
    page.swatch(pictures::to_colour(s.lab), 24, 34, 13);
    page.line(QString::fromStdString(s.name), 64, 170, 9, Qt::AlignLeft, true);
    page.line(QString::fromStdString(colour::describe(s.lab)), 240, 160);
    page.line(on_paper("value %1").arg(colour::value_step(s.lab.l), 0, 'f', 1), page.width() - 130, 60, 9,
              Qt::AlignRight);
    page.line(on_paper(std::string(optics::name(s.medium)).c_str()), page.width() - 60, 60, 9, Qt::AlignRight);
    page.down(16);
  }
}

QString sitting_at(const PlanView& p, int pass) {
  for (std::size_t s = 0; s < p.plan.sittings.size(); ++s) {
    if (p.plan.sittings[s].first == pass)
      return on_paper("Sitting %1, about %2. It ends after pass %3: %4")
          .arg(s + 1)
          .arg(minutes_words(p.plan.sittings[s].minutes))
          .arg(p.plan.sittings[s].last + 1)
          .arg(words::ends(p.plan.sittings[s]));
  }
  return {};
}

Status pass_list(PageWriter& page, const PlanView& p, Observer& observer) {
  page.heading(on_paper("Passes"));
  const double w = page.width();
  QString passage;
  for (std::size_t i = 0; i < p.plan.passes.size(); ++i) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "print", "stopped"};
    const plan::Pass& pass = p.plan.passes[i];
    const PassWords words = words_of(p, static_cast<int>(i));
    const QString sitting = sitting_at(p, static_cast<int>(i));
    if (!sitting.isEmpty()) page.paragraph(sitting, 0, 0, 9, true);
    if (words.passage != passage) {
      passage = words.passage;
      page.need(46);
      page.paragraph(passage, 0, 0, 10, true);
    }
    page.need(28);
    page.line(QString::number(pass.number), 0, 18, 9.5, Qt::AlignRight, true);
    page.swatch(words.colour, 24, 30, 20);
    page.swatch(words.after, 56, 14, 20);
    page.line(words.title, 76, 150, 9, Qt::AlignLeft, true);
    page.line(words.how, 230, 106);
    page.line(on_paper("in %1").arg(words.numbers), 340, w - 340 - 92);
    page.line(on_paper("tooth %1 %").arg(qRound(100 * words.tooth_left)), w - 88, 44, 8, Qt::AlignRight);
    page.line(minutes_words(pass.minutes), w - 42, 42, 9, Qt::AlignRight);
    page.down(12);
    const QString wait = words.drying.isEmpty() ? QString() : words.drying + " ";
    const QString purpose = words.purpose.isEmpty() ? QString() : on_paper("Laid %1.").arg(words.purpose) + " ";
    const QString delicate = words.delicate.isEmpty() ? QString() : words.delicate + " ";
    page.paragraph(purpose + delicate + words.where, 76, 0, 8);
    page.line(wait + words::reason(pass.reason, p.subject.masses), 76, w - 76, 7.5);
    page.down(13);
    if (!words.finished_when.isEmpty()) page.paragraph(words.finished_when, 76, 0, 8, true);
    const bool back =
        std::find(p.plan.step_backs.begin(), p.plan.step_backs.end(), static_cast<int>(i)) != p.plan.step_backs.end();
    if (back)
      page.paragraph(on_paper("Step back: compare value first, then temperature, then chroma."), 76, 0, 8, true);
    observer.progress(static_cast<double>(i + 1) / static_cast<double>(p.plan.passes.size()), "writing passes");
  }
  return success();
}

void mass_map(PageWriter& page, const PlanView& p) {
  page.new_page();
  page.heading(on_paper("Masses"));
  const double aspect = static_cast<double>(p.subject.image.height) / p.subject.image.width;
  const double height = std::min(page.width() * aspect, 340.0);
  page.picture(numbered_masses(p), QRectF(0, page.y(), page.width(), height));
  page.down(height + 8);
  for (std::size_t m = 0; m < p.subject.masses.size(); ++m) {
    const subject::Mass& mass = p.subject.masses[m];
    page.need(30);
    page.paragraph(QString("%1  %2").arg(mass.id + 1).arg(QString::fromStdString(mass.name)), 0, 0, 9, true);
    for (const QString& l : friend_words(p, static_cast<int>(m))) page.paragraph(l, 14, 0, 8.5);
  }
}

void cross_sections(PageWriter& page, const PlanView& p) {
  page.need(250);
  page.heading(on_paper("Cross-sections, in working order"));
  const CoreDrawing core = draw_core(p);
  const double room = 150;
  const double unit = room / std::max(0.1, tallest_stack(core) + core.tooth * 0.3);
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
  page.paragraph(on_paper("Hatched: laid broken. Plain: rubbed in. Dotted line: the tooth is full."), 0, 0, 8);
}

void safety(PageWriter& page, const PlanView& p) {
  page.need(160);
  page.heading(on_paper("Safety"));
  for (const QString& line : safety_page(p)) page.paragraph(line, 0, 0, 9);
}

}  // namespace

Result<QByteArray> plan_pdf(const PlanView& plan, const PdfOptions& options, Observer& observer) {
  QByteArray out;
  {
    PageWriter page(out, options);
    cover(page, plan, options.title);
    pull_list(page, plan);
    page.new_page();
    const Status listed = pass_list(page, plan, observer);
    if (!listed) return listed.error();
    mass_map(page, plan);
    cross_sections(page, plan);
    safety(page, plan);
  }
  return out;
}

}  // namespace yd::exports
