// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>

#include "board/painted.h"
#include "exports/mark_painter.h"
#include "exports/numbered_map.h"
#include "exports/pass_words.h"
#include "pictures/screen.h"
#include "print_parts.h"
#include "print_words.h"
#include "words/order.h"
#include "words/school.h"
#include "words/sentence.h"

namespace yd::exports {
namespace {

constexpr double kPictures = 216;  // points, the column of pictures: a map is read at arm's length
constexpr double kTallest = 190;
constexpr double kFigure = 0.055;  // of a map's width, its numbers
constexpr double kGap = 14;
constexpr int kPicture_px = 560;
constexpr double kText = 10;
constexpr double kTitle = 13;
constexpr double kBoxWidth = 46;
constexpr double kTogether = 460;  // of a passage, what stays on one page with its name

QString sitting_at(const PlanView& p, int pass) {
  for (std::size_t s = 0; s < p.plan.sittings.size(); ++s) {
    if (p.plan.sittings[s].first == pass)
      return Printed::tr("Sitting %1, about %2. It ends after pass %3: %4")
          .arg(s + 1)
          .arg(minutes_words(p.plan.sittings[s].minutes))
          .arg(p.plan.sittings[s].last + 1)
          .arg(words::ends(p.plan.sittings[s]));
  }
  return {};
}

QImage small(const board::BoardImage& picture) {
  return pictures::to_image(picture).scaled(kPicture_px, kPicture_px, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

/// A line of text with how it is set.
struct Said {
  QString text;
  bool bold = false;
  double in = 0;  ///< from the left of the column
};

class PassagePrinter {
 public:
  PassagePrinter(PageWriter& page, const PlanView& p)
      : page_(page), p_(p), stages_(p.map, p.plan, p.paper, p.collection, p.parameters), x_(kPictures + kGap) {}

  void print(std::size_t number) {
    const plan::Passage& passage = p_.guide.passages[number];
    const double title = page_.height_of(words::title(passage, p_.job()), page_.width() - 90, kTitle, true);
    const bool one = passage.has_passes() && passage.first == passage.last;
    const double first =
        passage.has_passes() ? std::max(tall(passage.first), picture_height() * (one ? 2 : 1)) : tall_after(passage);
    page_.need(std::min(first + title + 14, kTogether));
    for (int i = passage.first; i <= passage.last; ++i) {
      const QString sitting = sitting_at(p_, i);
      if (!sitting.isEmpty()) page_.paragraph(sitting, 0, 0, kText, true);
    }
    head(passage, number);
    const auto rest = [&] {
      const double x = passage.has_passes() ? x_ : 24;
      for (const Said& s : after(passage)) page_.paragraph(s.text, x + s.in, 0, kText, s.bold);
    };
    for (int i = passage.first; i < passage.last; ++i) beside({{map_of(i), {}}}, tall(i), [&] { pass(i); });
    if (passage.has_passes()) {
      const QImage board = small(stages_.after(passage.last + 1));
      beside({{map_of(passage.last), {}}, {board, Printed::tr("The Board after it")}},
             tall(passage.last) + tall_after(passage), [&] {
               pass(passage.last);
               rest();
             });
    } else {
      rest();
    }
    page_.down(12);
  }

 private:
  double picture_height() const {
    return std::min(kTallest, kPictures * p_.subject.image.height / p_.subject.image.width);
  }

  void head(const plan::Passage& passage, std::size_t number) {
    page_.rule();
    page_.line(QString::number(number + 1), 0, 20, kTitle, Qt::AlignLeft, true);
    page_.line(minutes_words(passage.minutes), page_.width() - 64, 64, kText, Qt::AlignRight);
    page_.down(3);  // on the line of its number
    page_.paragraph(words::title(passage, p_.job()), 24, page_.width() - 90, kTitle, true);
  }

  QImage map_of(int pass) const {
    const std::array<int, 1> only{pass};
    return numbered_map(p_.subject, p_.plan, only, kPicture_px, static_cast<int>(kFigure * kPicture_px));
  }

  struct Shown {
    QImage picture;
    QString below;
  };

  /// Pictures below each other at the left and what is said at their right, as tall as the taller of both.
  template <class Tell>
  void beside(const std::vector<Shown>& pictures, double tall, const Tell& tell) {
    constexpr double kGapBelow = 8, kLine = 12, kBetween = 4;
    double high = 0;
    for (const Shown& p : pictures) high += picture_height() + kBetween + (p.below.isEmpty() ? 0 : kLine);
    page_.need(std::max(high, tall) + kGapBelow);
    const double top = page_.y();
    const int sheet = page_.number();
    for (const Shown& p : pictures) {
      page_.picture(p.picture, QRectF(0, page_.y(), kPictures, picture_height()));
      page_.down(picture_height() + 1);
      if (!p.below.isEmpty()) page_.line(p.below, 0, kPictures, 8.5);
      page_.down(kBetween - 1 + (p.below.isEmpty() ? 0 : kLine));
    }
    page_.down(top - page_.y());
    tell();
    if (page_.number() == sheet && page_.y() < top + high) page_.down(top + high - page_.y());
    page_.down(kGapBelow);
  }

  std::vector<Said> of_pass(const PassWords& w) const {
    std::vector<Said> out;
    QStringList how{w.how};
    if (!w.run.isEmpty()) how << w.run;
    if (!w.purpose.isEmpty()) how << w.purpose;
    out.push_back({words::begun(how.join(", ")) + ".", false, 0});
    out.push_back({Printed::tr("Where: %1.").arg(w.where), false, 0});
    if (!w.mark.isEmpty()) out.push_back({Printed::tr("Mark: %1.").arg(with_direction(w)), false, 0});
    if (!w.rubbing.isEmpty()) out.push_back({w.rubbing, false, 0});
    if (!w.delicate.isEmpty()) out.push_back({w.delicate, false, 0});
    if (!w.drying.isEmpty()) out.push_back({w.drying, false, 0});
    if (!w.why_now.isEmpty()) out.push_back({Printed::tr("Why now: %1").arg(w.why_now), false, 0});
    return out;
  }
  static QString with_direction(const PassWords& w) {
    return w.direction.isEmpty() ? w.mark : Printed::tr("%1; the marks run %2").arg(w.mark, w.direction);
  }

  void pass(int i) {
    const PassWords w = words_of(p_, i);
    paint_mark(page_.painter(), QRectF(x_, page_.y(), kBoxWidth, 24), mark_drawing(p_, i));
    page_.line(QString("%1  %2").arg(i + 1).arg(w.title), x_ + kBoxWidth + 8, page_.width() - x_ - kBoxWidth - 8, 11,
               Qt::AlignLeft, true);
    page_.down(14);
    const QString place = w.tray.isEmpty() ? w.medium : Printed::tr("Stick %1; %2").arg(w.tray_place).arg(w.medium);
    page_.line(place, x_ + kBoxWidth + 8, page_.width() - x_ - kBoxWidth - 8, 9);
    page_.down(15);
    for (const Said& s : of_pass(w)) page_.paragraph(s.text, x_, 0, kText, s.bold);
    page_.down(4);
  }

  std::vector<Said> after(const plan::Passage& passage) const {
    std::vector<Said> out;
    for (const QString& s : words::steps(passage, p_.job())) out.push_back({s, false, 0});
    const QString finished = words::finished_when(passage, p_.job());
    if (!finished.isEmpty()) out.push_back({finished, true, 0});
    return out;
  }

  double tall(int pass) {
    constexpr double kHead = 34;
    double sum = kHead;
    for (const Said& s : of_pass(words_of(p_, pass)))
      sum += page_.height_of(s.text, page_.width() - x_, kText, s.bold) + 3;
    return sum;
  }

  double tall_after(const plan::Passage& passage) {
    const double width = page_.width() - (passage.has_passes() ? x_ : 24);
    double sum = 0;
    for (const Said& s : after(passage)) sum += page_.height_of(s.text, width, kText, s.bold) + 3;
    return sum;
  }

  PageWriter& page_;
  const PlanView& p_;
  board::Stages stages_;
  double x_;
};

}  // namespace

Status print_passages(PageWriter& page, const PlanView& p, Observer& observer) {
  page.heading(Printed::tr("Passages"));
  const words::School school = words::school(p.plan.school);
  if (!school.order.isEmpty()) page.paragraph(Printed::tr("%1: %2").arg(school.title, school.order), 0, 0, kText);
  PassagePrinter printer(page, p);
  for (std::size_t i = 0; i < p.guide.passages.size(); ++i) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "print", "stopped"};
    printer.print(i);
    observer.progress(static_cast<double>(i + 1) / static_cast<double>(p.guide.passages.size()), "writing passages");
  }
  return success();
}

}  // namespace yd::exports
