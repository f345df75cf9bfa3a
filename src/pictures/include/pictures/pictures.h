// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QImage>
#include <QString>

#include "colour/profile.h"
#include "subject/image.h"
#include "support/result.h"

namespace yd::pictures {

/// Largest picture that is read, pixels; larger ones are refused before they are unpacked.
inline constexpr qint64 kMostPixels = 120'000'000;
/// Longest side, pixels: what JPEG can say (ITU-T T.81, B.2.2).
inline constexpr qint64 kMostSide = 65535;
/// Largest file, bytes.
inline constexpr qint64 kMostBytes = 400LL << 20;

/// The bytes of a picture file. Errors name the file: `not_found`, `io`, `too_large`.
Result<QByteArray> read_bytes(const QString& file);

/// Decodes PNG, JPEG, WebP, TIFF, BMP, GIF, PPM, HEIF and AVIF, told by their content; turned upright by EXIF; alpha
/// laid on white. Nothing else is a picture here, SVG least of all: it may name other files and grow without bound.
/// JPEG files far larger than the working image are scaled while decoding. `where` names the picture in errors:
/// `bad_format` for no picture or a cut one, `too_large`.
Result<subject::RawPicture> decode(const QByteArray& bytes, const QString& where);

/// The same for the eye only, no larger than `within`, kept in proportion. Errors as decode.
Result<QImage> decode_small(const QByteArray& bytes, const QString& where, QSize within);

/// Writes 8-bit sRGB as PNG with its profile, atomically. Errors: `io` naming the file.
Status write_png(const QString& file, const subject::Grid<colour::Rgb8>& image);
/// The same as a camera would: JPEG or PNG by the file's name. Errors: `bad_value` for another kind too.
Status write_photograph(const QString& file, const subject::Grid<colour::Rgb8>& image);

}  // namespace yd::pictures
