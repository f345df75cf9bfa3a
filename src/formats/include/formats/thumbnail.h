// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QString>

#include "support/result.h"

namespace yd::formats {

/// Longest side of the thumbnail a project carries, pixels.
inline constexpr int kThumbnailSide = 512;

/// A picture, or the Board of a project (its subject where it was saved without one), fitted into `within`, never
/// enlarged. Errors as `pictures::decode` and `load_project`.
Result<QImage> thumbnail_of(const QString& file, QSize within);

/// What `Project::thumbnail` holds of this Board; empty for a null image.
QByteArray thumbnail_bytes(const QImage& board);

}  // namespace yd::formats
