// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>

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
             .arg(Printed::tr("%n stick(s)", nullptr, count(plan::in_hand(p.plan))),
                  Printed::tr("%n passage(s)", nullptr, count(p.guide.passages)),
                  Printed::tr("%n pass(es)", nullptr, count(p.plan.passes)), minutes_words(p.plan.sequence.minutes),
                  Printed::tr("%n sitting(s)", nullptr, count(p.plan.sittings)),
                  words::seen_with_number(p.figures.seen.mean));
  if (const QString by = words::rests_on(p.plan.rests_on); !by.isEmpty())
    out << Printed::tr("Hand and sticks as measured: %1.").arg(by);
  return out;
}

constexpr double kCaption = 19;

/// A picture with its name below, as large as the box allows; returns its height with the name.
double named_picture(PageWriter& page, const QImage& image, const QString& name, const QRectF& box) {
  const QSizeF size = QSizeF(image.size()).scaled(box.size(), Qt::KeepAspectRatio);
  page.picture(image, box);
  const double back = page.y();
  page.down(size.height() + 2);
  page.line(name, box.left(), box.width(), 10);
  page.down(back - page.y());
  return size.height() + kCaption;
}

/// One below the other for a wide picture, none of them higher than `tall`; side by side for a tall one.
double pictures(PageWriter& page, const PlanView& p, double width, bool wide, double tall) {
  const double each = wide ? width : (width - 12) / 2;
  double height = named_picture(page, subject_picture(p), Printed::tr("Subject"), {0, page.y(), each, tall});
  if (wide) page.down(height);
  const double down = wide ? height : 0;
  height = named_picture(page, board_picture(p), Printed::tr("Board, as predicted"),
                         {wide ? 0 : each + 12, page.y(), each, tall});
  page.down(-down);
  return down + height;
}

/// In three and five values: whether the masses carry. `room`: height at most; false where that is too little.
bool thumbnails(PageWriter& page, const PlanView& p, double x, double width, double room) {
  constexpr double kGap = 8, kLeast = 40, kAbove = 4;
  const double each = (width - kGap) / 2, tall = room - kCaption - kAbove;
  if (tall < kLeast) return false;
  page.down(kAbove);
  const double height = std::max(
      named_picture(page, thumbnail(p, 3), Printed::tr("In three values"), {x, page.y(), each, tall}),
      named_picture(page, thumbnail(p, 5), Printed::tr("In five values"), {x + each + kGap, page.y(), each, tall}));
  page.down(height);
  return true;
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

/// The passages in two columns, their titles wrapped. Returns the height they take; `draw` false: that only.
double job(PageWriter& page, const PlanView& p, bool draw) {
  constexpr double kNumber = 24;
  constexpr double kMinutes = 46;
  constexpr double kGap = 14;
  const std::size_t rows = (p.guide.passages.size() + 1) / 2;
  const double half = (page.width() - kGap) / 2;
  const double top = page.y();
  std::array<double, 2> height{};
  for (std::size_t i = 0; i < p.guide.passages.size(); ++i) {
    const plan::Passage& passage = p.guide.passages[i];
    const QString title = words::title(passage, p.job());
    const double x = i < rows ? 0 : half + kGap;
    double& down = height[i < rows ? 0 : 1];
    if (draw) {
      page.down(top + down - page.y());
      page.line(QString::number(i + 1), x, kNumber - 6, 10, Qt::AlignRight, true);
      page.line(minutes_words(passage.minutes), x + half - kMinutes, kMinutes, 10, Qt::AlignRight);
      page.down(1.5);  // on the line of its number
      page.paragraph(title, x + kNumber, half - kNumber - kMinutes - 2, 10);
    }
    down += page.height_of(title, half - kNumber - kMinutes - 2, 10, false) + 3;
  }
  const double all = std::max(height[0], height[1]);
  if (draw) page.down(top + all - page.y());
  return all;
}

/// Of all that stands below the pictures.
double below_pictures(PageWriter& page, const PlanView& p) {
  constexpr double kPaperAndHeading = 28 + 36;
  double out = kPaperAndHeading + job(page, p, false);
  for (const QString& s : summary(p)) out += page.height_of(s, page.width(), 10, false) + 3;
  return out;
}

}  // namespace

void print_cover(PageWriter& page, const PlanView& p, const QString& title) {
  page.paragraph(title, 0, 0, 18, true);
  page.down(2);
  const bool wide = p.subject.image.width >= p.subject.image.height;
  const double top = page.y();
  const double column = wide ? page.width() * 0.6 : page.width();
  // The whole job on the first page, if the pictures stay worth looking at.
  const std::size_t rows = wide ? 0 : (plan::in_hand(p.plan).size() + 1) / 2;
  const double sticks = wide ? 0 : 36 + kTrayRow * static_cast<double>(rows);
  const double room = page.left_over() - below_pictures(page, p) - sticks;
  const double tall = wide ? std::clamp(room / 2 - kCaption, 130.0, 225.0) : std::clamp(room - kCaption, 200.0, 300.0);
  const double below = top + pictures(page, p, column, wide, tall);
  bool shown = false;
  if (wide) {
    page.line(Printed::tr("Pull these sticks, and lay them so"), column + 16, page.width() - column - 16, 10.5,
              Qt::AlignLeft, true);
    page.down(20);
    tray(page, p, column + 12, page.width() - column - 12, 1);
    shown = thumbnails(page, p, column + 16, page.width() - column - 16, below - page.y());
    page.down(std::max(below, page.y()) - page.y());
  } else {
    page.down(below - page.y());
    page.heading(Printed::tr("Pull these sticks, and lay them so"));
    tray(page, p, 0, page.width(), 2);
  }
  page.swatch(pictures::to_colour(p.paper.lab), 0, page.width(), 12);
  page.down(16);
  for (const QString& s : summary(p)) page.paragraph(s, 0, 0, 10);
  page.need(job(page, p, false) + 36);
  page.heading(Printed::tr("The job"));
  job(page, p, true);
  if (shown) return;
  constexpr double kTall = 110;
  page.need(kTall);
  thumbnails(page, p, 0, page.width() * 0.55, kTall);
}

}  // namespace yd::exports
