// SPDX-License-Identifier: MIT
#include "pictures/screen.h"

#include <QBuffer>
#include <QColorSpace>
#include <cstring>

namespace yd::pictures {

QImage to_image(const subject::Grid<colour::Rgb8>& pixels) {
  QImage out(pixels.width, pixels.height, QImage::Format_RGB888);
  for (int y = 0; y < pixels.height; ++y)
    std::memcpy(out.scanLine(y), &pixels.at(0, y), 3 * static_cast<std::size_t>(pixels.width));
  out.setColorSpace(QColorSpace::SRgb);
  return out;
}

QImage to_image(const subject::LabImage& image) { return to_image(subject::to_srgb(image)); }

QColor to_colour(const colour::Lab& lab) {
  const colour::Rgb8 c = colour::to_srgb(lab);
  return {c.r, c.g, c.b};
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
