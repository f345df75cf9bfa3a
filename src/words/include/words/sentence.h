// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <QStringList>

namespace yd::words {

/// With a capital: as a sentence or a line begins.
inline QString begun(QString text) {
  if (!text.isEmpty()) text[0] = text[0].toUpper();
  return text;
}

/// "left hill, water and upper sky".
QString listed(const QStringList& names);

}  // namespace yd::words
