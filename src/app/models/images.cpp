#include "models/images.h"

#include <QPainter>
#include <QtConcurrent>
#include <cstring>
#include <numeric>

#include "colour/profile.h"

namespace yd::app {
namespace {

void convert_rows(const subject::LabImage& image, QImage& out) {
  std::vector<int> rows(static_cast<std::size_t>(image.height));
  std::iota(rows.begin(), rows.end(), 0);
  uchar* bits = out.bits();
  const auto stride = out.bytesPerLine();
  QtConcurrent::blockingMap(rows, [&](int y) {
    colour::picture_to_srgb(&image.at(0, y), reinterpret_cast<colour::Rgb8*>(bits + y * stride),
                            static_cast<std::size_t>(image.width));
  });
}

QImage values_image(const subject::Subject& s) {
  std::array<uchar, 10> grey{};
  for (int step = 1; step <= 9; ++step)
    grey[static_cast<std::size_t>(step)] = colour::to_srgb({(step - 1) * 12.5, 0, 0}).r;
  QImage out(s.squinted.width, s.squinted.height, QImage::Format_Grayscale8);
  for (int y = 0; y < s.squinted.height; ++y) {
    uchar* row = out.scanLine(y);
    for (int x = 0; x < s.squinted.width; ++x)
      row[x] = grey[static_cast<std::size_t>(subject::nine_step(s.squinted.at(x, y).l))];
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

}  // namespace

QImage to_image(const board::BoardImage& pixels) {
  QImage out(pixels.width, pixels.height, QImage::Format_RGB888);
  for (int y = 0; y < pixels.height; ++y) {
    std::memcpy(out.scanLine(y), &pixels.at(0, y), 3 * static_cast<std::size_t>(pixels.width));
  }
  return out;
}

QImage to_image(const subject::LabImage& image) {
  QImage out(image.width, image.height, QImage::Format_RGB888);
  convert_rows(image, out);
  return out;
}

QColor to_colour(const colour::Lab& lab) {
  const colour::Rgb8 c = colour::to_srgb(lab);
  return {c.r, c.g, c.b};
}

QImage subject_image(const subject::Subject& subject, SubjectView view) {
  switch (view) {
    case SubjectView::picture:
      return to_image(subject.image);
    case SubjectView::squint:
      return to_image(subject.squinted);
    case SubjectView::values:
      return values_image(subject);
    case SubjectView::masses:
      return masses_image(subject);
  }
  return {};
}

QImage mass_mask(const subject::Subject& subject, const std::vector<int>& masses) {
  std::vector<uchar> lit(subject.masses.size(), 0);
  for (const int m : masses) lit[static_cast<std::size_t>(m)] = 255;
  QImage out(subject.labels.width, subject.labels.height, QImage::Format_Grayscale8);
  for (int y = 0; y < out.height(); ++y) {
    uchar* row = out.scanLine(y);
    for (int x = 0; x < out.width(); ++x) row[x] = lit[subject.labels.at(x, y)];
  }
  return out;
}

}  // namespace yd::app
