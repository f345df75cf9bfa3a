// SPDX-License-Identifier: MIT
#include "formats/thumbnail.h"

#include "formats/project.h"
#include "pictures/pictures.h"
#include "pictures/screen.h"

namespace yd::formats {
Result<QImage> thumbnail_of(const QString& file, QSize within) {
  if (!file.endsWith(".dune", Qt::CaseInsensitive)) {
    const auto bytes = pictures::read_bytes(file);
    return bytes ? pictures::decode_small(bytes.value(), file, within) : bytes.error();
  }
  const auto kept = load_thumbnail(file);
  if (!kept) return kept.error();
  if (!kept->isEmpty()) return pictures::decode_small(kept.value(), file, within);
  const auto project = load_project(file);
  return project ? pictures::decode_small(project->reference, file, within) : project.error();
}

QByteArray thumbnail_bytes(const QImage& board) {
  if (board.isNull()) return {};
  return pictures::png(pictures::shrunk(board, pictures::fitted(board.size(), {kThumbnailSide, kThumbnailSide})));
}

}  // namespace yd::formats
