// SPDX-License-Identifier: MIT
#include "pictures/screen.h"

#include <QBuffer>
#include <QColorSpace>
#include <cstring>

#include "kind.h"

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
