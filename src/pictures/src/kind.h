// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>

namespace yd::pictures {

/// Said where a file is none of them.
inline constexpr const char* kKindsRead = "PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF or AVIF";

/// The name of Qt's reader for what the first bytes show, whatever the file is called; empty for anything that is not
/// one of the raster formats named here. Drawings in SVG are none: they may name other files and grow without bound.
QByteArray reader_for(const QByteArray& bytes);

/// Whether a GIF holds all of its first picture (CompuServe, Graphics Interchange Format 89a, 1990, sections 15 to 26);
/// Qt's reader shows a part of one without a word.
bool gif_is_whole(const QByteArray& bytes);

}  // namespace yd::pictures
