// SPDX-License-Identifier: MIT
#pragma once

#include <QFile>

namespace yd::trial {

/// What is in a file; nothing where it cannot be read.
inline QByteArray bytes_of(const QString& file) {
  QFile f(file);
  return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
}

}  // namespace yd::trial
