// SPDX-License-Identifier: MIT
#include <algorithm>

#include "colour/words.h"
#include "exports/mark_painter.h"
#include "exports/pass_words.h"
#include "pictures/screen.h"
#include "plan_pictures.h"
#include "print_parts.h"
#include "print_words.h"
#include "words/rests_on.h"
#include "words/school.h"
#include "words/seen.h"
#include "words/lengths.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::exports {
namespace {

template <class List>
int count(const List& list) {
  return static_cast<int>(list.size());
}

QStringList summary(const PlanView& p) {
  QStringList out;
  out << Printed::tr("Paper: %1, %2. Picture %3.")
             .arg(words::paper_name(p.paper), words::colour_name(p.paper.lab))
             .arg(words::size(p.sheet.width_cm, p.sheet.height_cm));
  out << Printed::tr("School: %1. %2")
             .arg(words::school(p.plan.school).title, words::advised(p.plan.advised, p.subject.masses));
  out << Printed::tr(
             "%1, %2 with %3, about %4 of painting in %5. Across the room the difference from the subject is, on "
             "average, %6.")
             .arg(Printed::tr("%n stick(s)", nullptr, count(p.plan.tray)),
                  Printed::tr("%n passage(s)", nullptr, count(p.guide.passages)),
                  Printed::tr("%n pass(es)", nullptr, count(p.plan.passes)), minutes_words(p.plan.sequence.minutes),
                  Printed::tr("%n sitting(s)", nullptr, count(p.plan.sittings)),
                  words::seen_with_number(p.figures.seen.mean));
  if (const QString by = words::rests_on(p.plan.rests_on); !by.isEmpty())
    out << Printed::tr("Hand and sticks as measured: %1.").arg(by);
  return out;
}

/// A picture with its name below, as large as the box allows; returns its height with the name.
double named_picture(PageWriter& page, const QImage& image, const QString& name, const QRectF& box) {
  const QSizeF size = QSizeF(image.size()).scaled(box.size(), Qt::KeepAspectRatio);
  page.picture(image, box);
  const double back = page.y();
  page.down(size.height() + 2);
  page.line(name, box.left(), box.width(), 10);
  page.down(back - page.y());
  return size.height() + 19;
}

/// One below the other for a wide picture, side by side for a tall one.
double pictures(PageWriter& page, const PlanView& p, double width, bool wide) {
  constexpr double kTall = 225;
  const double each = wide ? width : (width - 12) / 2;
  double height =
      named_picture(page, subject_picture(p), Printed::tr("Subject"), {0, page.y(), each, wide ? kTall : 300});
  if (wide) page.down(height);
  const double down = wide ? height : 0;
  height = named_picture(page, board_picture(p), Printed::tr("Board, as predicted"),
                         {wide ? 0 : each + 12, page.y(), each, wide ? kTall : 300});
  page.down(-down);
  return down + height;
}

constexpr double kTrayRow = 27;

/// From dark to light, in the order the sticks lie: the place, a stroke on this paper, name, kind and value.
void tray(PageWriter& page, const PlanView& p, double x, double width, std::size_t columns) {
  const std::vector<int> sticks = tray_by_place(p);
  const std::size_t rows = (sticks.size() + columns - 1) / columns;
  const double each = width / static_cast<double>(columns);
  const double top = page.y();
  for (std::size_t i = 0; i < sticks.size(); ++i) {
    const media::Stick& s = p.collection.sticks[static_cast<std::size_t>(sticks[i])];
    const std::size_t column = i / rows;
    const double left = x + each * static_cast<double>(column);
    page.down(top + kTrayRow * static_cast<double>(i % rows) - page.y());
    page.line(QString::number(i + 1), left, 16, 11, Qt::AlignRight, true);
    MarkDrawing stroke;
    stroke.colour = pictures::to_colour(s.lab);
    stroke.paper = pictures::to_colour(p.paper.lab);
    stroke.least = 0.2;
    paint_mark(page.painter(), QRectF(left + 22, page.y(), 40, 22), stroke);
    page.swatch(stroke.colour, left + 62, 10, 22);
    page.line(words::stick_name(s), left + 78, each - 84, 10, Qt::AlignLeft, true);
    page.down(13);
    page.line(Printed::tr("%1, value %2").arg(medium_name(s.medium)).arg(words::number(colour::value_step(s.lab.l), 1)),
              left + 78, each - 84, 8.5);
  }
  page.down(top + kTrayRow * static_cast<double>(rows) - page.y());
}

void job(PageWriter& page, const PlanView& p) {
  page.heading(Printed::tr("The job"));
  const std::size_t rows = (p.guide.passages.size() + 1) / 2;
  const double half = (page.width() - 14) / 2;
  const double top = page.y();
  constexpr double kRow = 15;
  for (std::size_t i = 0; i < p.guide.passages.size(); ++i) {
    const plan::Passage& passage = p.guide.passages[i];
    const double x = i < rows ? 0 : half + 14;
    page.down(top + kRow * static_cast<double>(i % rows) - page.y());
    page.line(QString::number(i + 1), x, 18, 10, Qt::AlignRight, true);
    page.line(words::title(passage, p.job()), x + 24, half - 72, 10);
    page.line(minutes_words(passage.minutes), x + half - 46, 46, 10, Qt::AlignRight);
  }
  page.down(top + kRow * static_cast<double>(rows) - page.y());
}

}  // namespace

void print_cover(PageWriter& page, const PlanView& p, const QString& title) {
  page.paragraph(title, 0, 0, 18, true);
  page.down(2);
  const bool wide = p.subject.image.width >= p.subject.image.height;
  const double top = page.y();
  const double column = wide ? page.width() * 0.63 : page.width();
  const double below = top + pictures(page, p, column, wide);
  if (wide) {
    page.line(Printed::tr("Pull these sticks, and lay them so"), column + 16, page.width() - column - 16, 10.5,
              Qt::AlignLeft, true);
    page.down(20);
    tray(page, p, column + 12, page.width() - column - 12, 1);
    page.down(std::max(below, page.y()) - page.y());
  } else {
    page.down(below - page.y());
    page.heading(Printed::tr("Pull these sticks, and lay them so"));
    tray(page, p, 0, page.width(), 2);
  }
  page.swatch(pictures::to_colour(p.paper.lab), 0, page.width(), 12);
  page.down(16);
  for (const QString& s : summary(p)) page.paragraph(s, 0, 0, 10);
  job(page, p);
}

}  // namespace yd::exports
