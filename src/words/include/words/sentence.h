// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

namespace yd::words {

/// With a capital: as a sentence or a line begins.
inline QString begun(QString text) {
  if (!text.isEmpty()) text[0] = text[0].toUpper();
  return text;
}

}  // namespace yd::words
