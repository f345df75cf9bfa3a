// SPDX-License-Identifier: MIT
#include "pictures/screen.h"

#include <QBuffer>
#include <QColorSpace>
#include <array>
#include <cstring>

#include "colour/profile.h"
#include "kind.h"
#include "subject/values.h"

namespace yd::pictures {

QImage to_image(const subject::Grid<colour::Rgb8>& pixels) {
  QImage out(pixels.width, pixels.height, QImage::Format_RGB888);
  for (int y = 0; y < pixels.height; ++y)
    std::memcpy(out.scanLine(y), &pixels.at(0, y), 3 * static_cast<std::size_t>(pixels.width));
  out.setColorSpace(QColorSpace::SRgb);
  return out;
}

QImage to_image(const subject::LabImage& image) { return to_image(subject::to_srgb(image)); }

QImage in_values(const subject::LabImage& image, int steps) {
  std::array<uchar, 10> grey{};
  for (int step = 1; step <= steps; ++step)
    grey[static_cast<std::size_t>(step)] = colour::to_srgb({subject::lightness_of_step(step, steps), 0, 0}).r;
  QImage out(image.width, image.height, QImage::Format_Grayscale8);
  for (int y = 0; y < image.height; ++y) {
    uchar* row = out.scanLine(y);
    for (int x = 0; x < image.width; ++x)
      row[x] = grey[static_cast<std::size_t>(subject::value_in_steps(image.at(x, y).l, steps))];
  }
  return out;
}

QColor to_colour(const colour::Lab& lab) {
  const colour::Rgb8 c = colour::to_srgb(lab);
  return {c.r, c.g, c.b};
}

QSize fitted(QSize size, QSize within) {
  const bool fits = size.width() <= within.width() && size.height() <= within.height();
  return fits ? size : size.scaled(within, Qt::KeepAspectRatio).expandedTo({1, 1});
}

QImage kept_picture(const QByteArray& bytes) {
  const QByteArray reader = reader_for(bytes);
  return reader.isEmpty() ? QImage() : QImage::fromData(bytes, reader.constData());
}

QByteArray png(const QImage& image) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QImage tagged = image;
  tagged.setColorSpace(QColorSpace::SRgb);
  if (!tagged.save(&buffer, "PNG")) out.clear();
  return out;
}

}  // namespace yd::pictures
