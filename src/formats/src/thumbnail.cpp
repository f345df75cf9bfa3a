// SPDX-License-Identifier: MIT
#include "formats/thumbnail.h"

#include <QBuffer>
#include <QFile>
#include <QImageReader>

#include "formats/project.h"
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

QImage read_small(QByteArray bytes, QSize within) {
  QBuffer buffer(&bytes);
  return buffer.open(QIODevice::ReadOnly) ? read_small(buffer, within) : QImage();
}

}  // namespace

QImage thumbnail_of(const QString& file, QSize within) {
  if (!file.endsWith(".dune", Qt::CaseInsensitive)) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? read_small(f, within) : QImage();
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
