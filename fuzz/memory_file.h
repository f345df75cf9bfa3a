// SPDX-License-Identifier: MIT
#pragma once

#include <QDir>
#include <QFile>
#include <unistd.h>

#include "harness.h"

namespace yd::fuzz {

/// A folder in memory for this process; fuzz/run takes it away.
inline QString memory_folder() {
  static const QString folder =
      qEnvironmentVariable("YD_FUZZ_FOLDER", "/dev/shm/yd-fuzz") + "/" + QString::number(::getpid());
  must(QDir().mkpath(folder), "memory for a folder");
  return folder;
}

/// A file in memory, overwritten at every call.
inline QString memory_file(const QByteArray& bytes, const char* name) {
  QFile file(memory_folder() + "/" + name);
  must(file.open(QIODevice::WriteOnly | QIODevice::Truncate) && file.write(bytes) == bytes.size(), "memory for a file");
  return file.fileName();
}

}  // namespace yd::fuzz
