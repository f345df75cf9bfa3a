// SPDX-License-Identifier: MIT
#include "looks/images.h"

#include <QPainter>
#include <cstring>

#include "board/where.h"
#include "colour/profile.h"
#include "looks/translate.h"
#include "subject/squint.h"
#include "subject/values.h"

namespace yd::app {
namespace {

/// Warmer than its surroundings drawn orange, cooler blue, by how much; each mass says it in a word too.
QImage warmth_image(const subject::Subject& s) {
  const auto warmth = subject::relative_warmth(s.squinted);
  subject::LabImage lab(warmth.width, warmth.height);
  for (std::size_t i = 0; i < lab.size(); ++i) {
    const float w = std::clamp(warmth.data[i], -25.0F, 25.0F);
    lab.data[i] = {55 + 0.25F * (s.squinted.data[i].l - 50), 0.5F * w, w};
  }
  QImage out = to_image(lab);
  QPainter painter(&out);
  QFont font = painter.font();
  font.setPixelSize(std::max(12, out.width() / 55));
  painter.setFont(font);
  for (const subject::Mass& m : s.masses) {
    const QRectF box(QPointF(m.centre_x * out.width() - 80, m.centre_y * out.height() - 20), QSizeF(160, 40));
    painter.setPen(QColor(245, 245, 245));
    const QString word = std::abs(m.warmer) < 2 ? QStringLiteral("=") : m.warmer > 0 ? tr("warmer") : tr("cooler");
    painter.drawText(box, Qt::AlignCenter, word);
  }
  return out;
}

void number_masses(const subject::Subject& s, QImage& image) {
  QPainter painter(&image);
  QFont font = painter.font();
  font.setPixelSize(std::max(12, image.width() / 50));
  font.setBold(true);
  painter.setFont(font);
  for (const subject::Mass& m : s.masses) {
    const QRectF box(QPointF(m.centre_x * image.width() - 40, m.centre_y * image.height() - 20), QSizeF(80, 40));
    painter.setPen(m.mean.l > 55 ? QColor(20, 20, 20) : QColor(240, 240, 240));
    painter.drawText(box, Qt::AlignCenter, QString::number(m.id + 1));
  }
}

QImage masses_image(const subject::Subject& s) {
  QImage out = to_image(board::mass_picture(s));
  number_masses(s, out);
  return out;
}

QImage lit_mask(const subject::Grid<std::uint16_t>& labels, const std::vector<uchar>& lit) {
  QImage out(labels.width, labels.height, QImage::Format_Grayscale8);
  for (int y = 0; y < out.height(); ++y) {
    uchar* row = out.scanLine(y);
    for (int x = 0; x < out.width(); ++x) row[x] = lit[labels.at(x, y)];
  }
  return out;
}

}  // namespace

QImage subject_image(const subject::Subject& subject, SubjectView view, int steps) {
  switch (view) {
    case SubjectView::picture:
      return to_image(subject.image);
    case SubjectView::squint:
      return to_image(subject.squinted);
    case SubjectView::values:
      return pictures::in_values(subject.squinted, steps);
    case SubjectView::masses:
      return masses_image(subject);
    case SubjectView::warmth:
      return warmth_image(subject);
  }
  return {};
}

QImage squint_preview(const subject::LabImage& small, double strength, SubjectView view, int steps) {
  const subject::LabImage squinted = subject::squint(small, strength);
  return view == SubjectView::values ? pictures::in_values(squinted, steps) : to_image(squinted);
}

QImage speckle_patch(const optics::StrataSpectra& strata, QSize size, double grain_px, colour::Illuminant light) {
  const auto colours = board::screen_colours(strata, light);
  const auto tooth = board::speckle(size.width(), size.height(), grain_px);
  board::BoardImage pixels(tooth.width, tooth.height);
  for (std::size_t i = 0; i < pixels.size(); ++i) pixels.data[i] = colours[tooth.data[i]];
  return to_image(pixels);
}

QImage pass_mask(const board::BoardMap& map, const plan::Plan& plan, int first, int last) {
  constexpr float kLightest = 120;  // the hand hardly touching
  std::vector<int> passes;
  for (int i = first; i <= last; ++i) passes.push_back(i);
  const subject::Grid<float> pressure = board::firmest(plan, passes, map.target);
  QImage mask(pressure.width, pressure.height, QImage::Format_Grayscale8);
  for (int y = 0; y < pressure.height; ++y) {
    uchar* row = mask.scanLine(y);
    for (int x = 0; x < pressure.width; ++x) {
      const float p = std::min(1.0F, pressure.at(x, y));
      row[x] = p > 0 ? static_cast<uchar>(kLightest + (255 - kLightest) * p) : 0;
    }
  }
  return mask;
}

QImage shades_mask(const board::BoardMap& map, const plan::Plan& plan, int mass, std::span<const int> shades) {
  std::vector<uchar> lit(plan.targets.size(), 0);
  for (const int t : shades) lit[static_cast<std::size_t>(t)] = 255;
  for (std::size_t t = 0; t < lit.size(); ++t) {
    if (shades.empty() && plan.targets[t].mass == mass) lit[t] = 255;
  }
  return lit_mask(map.target, lit);
}

}  // namespace yd::app
