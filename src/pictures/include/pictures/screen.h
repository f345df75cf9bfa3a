// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QImage>

#include "colour/lab.h"
#include "colour/profile.h"
#include "subject/image.h"

namespace yd::pictures {

/// Pixels for the screen, tagged sRGB.
QImage to_image(const subject::Grid<colour::Rgb8>& pixels);
QImage to_image(const subject::LabImage& image);
/// A picture in so many steps of value, 2 to 9, as a thumbnail shows it.
QImage in_values(const subject::LabImage& image, int steps);
/// A Lab colour (D50) for the screen, clipped to sRGB.
QColor to_colour(const colour::Lab& lab);
/// `size` in proportion, no larger than `within` and never enlarged; a pixel at least.
QSize fitted(QSize size, QSize within);
/// The picture smaller, averaged in linear light: what is finer than a pixel is seen as its light, not as its number.
/// `size` must not be larger than the picture.
QImage shrunk(const QImage& image, QSize size);
/// A small picture out of a journal or the like, of the kinds that `decode` reads; null where it is none.
QImage kept_picture(const QByteArray& bytes);
/// PNG with its profile. Empty where the picture is.
QByteArray png(const QImage& image);

}  // namespace yd::pictures
