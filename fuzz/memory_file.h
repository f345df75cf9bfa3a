#pragma once

#include <QDir>
#include <QFile>
#include <unistd.h>

#include "harness.h"

namespace yd::fuzz {

/// A file in memory, overwritten at every call; one for each process.
inline QString memory_file(const QByteArray& bytes, const char* ending) {
  static const QString stem = QStringLiteral("/dev/shm/yd-fuzz-%1").arg(::getpid());
  QFile file(stem + ending);
  must(file.open(QIODevice::WriteOnly | QIODevice::Truncate) && file.write(bytes) == bytes.size(), "memory for a file");
  return file.fileName();
}

}  // namespace yd::fuzz
