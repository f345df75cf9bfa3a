// SPDX-License-Identifier: MIT
#include "formats/thumbnail.h"

#include <QBuffer>
#include <QFile>
#include <QImageReader>
#include <algorithm>

#include "formats/project.h"
#include "pictures/pictures.h"
#include "pictures/screen.h"

namespace yd::formats {
namespace {

QSize fitted(QSize size, QSize within) {
  const bool fits = size.width() <= within.width() && size.height() <= within.height();
  return fits ? size : size.scaled(within, Qt::KeepAspectRatio).expandedTo({1, 1});
}

QImage read_small(QIODevice& device, QSize within) {
  QImageReader reader(&device);
  reader.setAutoTransform(true);
  const QSize size = reader.size();
  if (size.isValid()) reader.setScaledSize(fitted(size, within));
  return reader.read();
}

/// Of a kind that Qt's readers do not know, HEIF: the whole picture has to be decoded.
QImage read_decoded(const QByteArray& bytes, QSize within) {
  const auto raw = pictures::decode(bytes, "thumbnail");
  if (!raw) return {};
  QImage whole(raw->width, raw->height, QImage::Format_RGB888);
  const auto width = static_cast<std::size_t>(raw->width) * 3;
  for (int y = 0; y < raw->height; ++y) {
    const auto* from = &raw->rgb[static_cast<std::size_t>(y) * width];
    std::transform(from, from + width, whole.scanLine(y), [](std::uint16_t v) { return static_cast<uchar>(v >> 8); });
  }
  return pictures::shrunk(whole, fitted(whole.size(), within));
}

QImage read_small(QByteArray bytes, QSize within) {
  QBuffer buffer(&bytes);
  QImage quick = buffer.open(QIODevice::ReadOnly) ? read_small(buffer, within) : QImage();
  return quick.isNull() ? read_decoded(bytes, within) : quick;
}

}  // namespace

QImage thumbnail_of(const QString& file, QSize within) {
  if (!file.endsWith(".dune", Qt::CaseInsensitive)) {
    QFile f(file);
    QImage quick = f.open(QIODevice::ReadOnly) ? read_small(f, within) : QImage();
    if (!quick.isNull()) return quick;
    const auto bytes = pictures::read_bytes(file);
    return bytes ? read_decoded(bytes.value(), within) : QImage();
  }
  const auto kept = load_thumbnail(file);
  if (!kept) return {};
  if (!kept->isEmpty()) return read_small(kept.value(), within);
  auto project = load_project(file);
  return project ? read_small(std::move(project.value().reference), within) : QImage();
}

QByteArray thumbnail_bytes(const QImage& board) {
  if (board.isNull()) return {};
  return pictures::png(pictures::shrunk(board, fitted(board.size(), {kThumbnailSide, kThumbnailSide})));
}

}  // namespace yd::formats
