// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <algorithm>
#include <cstdlib>

#include "pictures/pictures.h"

namespace yd::pictures {

/// Whether a picture is to be unpacked; `too_large` naming it. A side below zero, as BMP has it for rows from the top
/// down, counts like one above. A file of a hundred bytes can ask for millions of rows, each of which takes its time.
inline Status may_be_unpacked(qint64 width, qint64 height, const QString& where) {
  width = std::abs(width);
  height = std::abs(height);
  const char* const what = std::max(width, height) > kMostSide ? "has a side of more than 65535 pixels"
                           : width * height > kMostPixels      ? "has more than 120 million pixels"
                                                               : nullptr;
  if (what != nullptr) return Error{Error::Code::too_large, where.toStdString(), what};
  return success();
}

}  // namespace yd::pictures
