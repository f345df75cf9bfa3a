// SPDX-License-Identifier: MIT
#include "models/sheets.h"

#include <QPainter>

#include "board/board.h"
#include "colour/appearance.h"
#include "colour/words.h"
#include "looks/images.h"
#include "looks/greys.h"
#include "looks/translate.h"
#include "words/seen.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

constexpr QSize kStrip(216, 96);
constexpr double kStripPxPerMm = 5;

/// A strip with its speckle, on the sheet or on the common grey.
QImage strip_image(const plan::OffcutSheet::Strip& strip, double grain_mm, const QColor& around) {
  if (strip.stick < 0) return {};
  QImage out(kStrip, QImage::Format_RGB888);
  out.fill(around);
  constexpr int kMargin = 16;
  const QSize inner(kStrip.width() - 2 * kMargin, kStrip.height() - 2 * kMargin);
  const auto strata = board::speckle(inner.width(), inner.height(), grain_mm * kStripPxPerMm);
  const auto colours = board::screen_colours(strip.strata, colour::Illuminant::d50);
  for (int y = 0; y < inner.height(); ++y) {
    for (int x = 0; x < inner.width(); ++x) {
      const colour::Rgb8 c = colours[strata.at(x, y)];
      out.setPixelColor(x + kMargin, y + kMargin, QColor(c.r, c.g, c.b));
    }
  }
  return out;
}

}  // namespace

QList<SheetPicture> subject_on_papers(const subject::Subject& s, const std::vector<media::Paper>& papers,
                                      const std::vector<plan::GroundVerdict>& ranked, int width) {
  const int height = std::max(1, width * s.image.height / s.image.width);
  const QImage whole = to_image(s.image).scaled(width, height, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
  QList<SheetPicture> out;
  int place = 0;
  for (const plan::GroundVerdict& v : ranked) {
    const media::Paper& paper = papers[v.paper];
    QImage image = whole;
    const QColor sheet = to_colour(paper.lab);
    for (int y = 0; y < height; ++y) {
      for (int x = 0; x < width; ++x) {
        const auto mass = s.labels.at(x * s.labels.width / width, y * s.labels.height / height);
        if (s.masses[mass].plane == subject::Plane::background) image.setPixelColor(x, y, sheet);
      }
    }
    out.append({image, tr("%1. %2").arg(++place).arg(words::paper_name(paper)), QString::fromStdString(paper.id)});
  }
  return out;
}

OffcutDrawing offcut_drawing(const GroundAdvice& advice, const Planned& planned,
                             const std::vector<media::Paper>& papers, bool masked) {
  OffcutDrawing out;
  const plan::OffcutSheet& sheet = advice.offcuts;
  out.media = {tr("pan"), tr("pencil"), tr("stick")};
  for (const std::size_t p : sheet.papers)
    out.papers.append({to_colour(papers[p].lab), words::paper_name(papers[p]), QString::fromStdString(papers[p].id)});
  for (std::size_t t = 0; t < sheet.targets.size(); ++t) {
    const colour::Lab& target = planned.plan.targets[static_cast<std::size_t>(sheet.targets[t])].target;
    const QString name = words::colour_name(target);
    out.colours.append({to_colour(target), name});
    for (std::size_t p = 0; p < sheet.papers.size(); ++p) {
      const media::Paper& paper = papers[sheet.papers[p]];
      for (std::size_t m = 0; m < plan::kCompared.size(); ++m) {
        const auto& strip = sheet.strip(t, p, m);
        const QString medium = out.media[static_cast<int>(m)];
        const QString words = strip.stick < 0
                                  ? tr("%1: the collection has none of this kind").arg(medium)
                                  : tr("%1 by %2 on %3: %4; %5")
                                        .arg(name, medium, words::paper_name(paper),
                                             words::difference(strip.lab, target), words::seen_with_number(strip.off));
        out.strips.append({strip_image(strip, paper.grain_mm, masked ? judging_grey() : to_colour(paper.lab)), words});
      }
    }
  }
  return out;
}

TestPatch test_patch(const subject::Subject& s, int x, int y) {
  TestPatch out;
  if (x < 0 || y < 0 || x >= s.squinted.width || y >= s.squinted.height) return out;
  const colour::LabPixel& p = s.squinted.at(x, y);
  const colour::Lab here{p.l, p.a, p.b};
  // The surround: the mean over a tenth of the picture around the place.
  const int reach = std::max(4, std::max(s.squinted.width, s.squinted.height) / 20);
  colour::Lab around;
  int n = 0;
  for (int v = std::max(0, y - reach); v < std::min(s.squinted.height, y + reach); v += 3) {
    for (int u = std::max(0, x - reach); u < std::min(s.squinted.width, x + reach); u += 3, ++n) {
      const colour::LabPixel& q = s.squinted.at(u, v);
      around = {around.l + q.l, around.a + q.a, around.b + q.b};
    }
  }
  around = {around.l / n, around.a / n, around.b / n};
  const colour::Lab seems = colour::seems_on(here, around);
  out.image = QImage(300, 70, QImage::Format_RGB888);
  out.image.fill(judging_grey());
  QPainter painter(&out.image);
  painter.fillRect(QRect(150, 0, 150, 70), to_colour(around));
  painter.fillRect(QRect(50, 18, 50, 34), to_colour(here));
  painter.fillRect(QRect(200, 18, 50, 34), to_colour(here));
  const QString words = words::difference(seems, here);
  out.words = tr("%1, value %2. In its place it seems %3.")
                  .arg(words::colour_name(here))
                  .arg(words::number(colour::value_step(here.l), 1))
                  .arg(words == "matches" ? tr("just so") : QString(words).replace("too ", ""));
  return out;
}

}  // namespace yd::app
