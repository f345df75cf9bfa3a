// SPDX-License-Identifier: MIT
#include "files/read.h"

#include <QFile>
#include <QFileInfo>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace yd::files {
namespace {

/// Without waiting for the other end of a pipe, and only a regular file.
Result<int> open_regular(const QString& file) {
  const std::string where = file.toStdString();
  if (file.contains(QChar::ReplacementCharacter) && !QFileInfo::exists(file))
    return Error{Error::Code::not_found, where, "has a name that is no text (UTF-8); rename it"};
  const int handle = ::open(QFile::encodeName(file).constData(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
  if (handle < 0) return Error{Error::Code::not_found, where, std::string("cannot be opened: ") + std::strerror(errno)};
  struct stat is {};
  if (::fstat(handle, &is) == 0 && S_ISREG(is.st_mode)) return handle;
  ::close(handle);
  return Error{Error::Code::io, where,
               S_ISDIR(is.st_mode) ? "is a folder, not a file" : "is a pipe or a device, not a file"};
}

}  // namespace

Result<QByteArray> read_bytes(const QString& file, qint64 most) {
  const std::string where = file.toStdString();
  const auto handle = open_regular(file);
  if (!handle) return handle.error();
  QFile in;
  if (!in.open(handle.value(), QIODevice::ReadOnly, QFileDevice::AutoCloseHandle))
    return Error{Error::Code::io, where, "cannot be read: " + in.errorString().toStdString()};
  if (in.size() > most)
    return Error{Error::Code::too_large, where, "is larger than " + std::to_string(most >> 20) + " MB"};
  QByteArray bytes = in.read(most);
  if (in.error() != QFileDevice::NoError)
    return Error{Error::Code::io, where, "cannot be read: " + in.errorString().toStdString()};
  return bytes;
}

Status may_read(const QString& file) {
  const auto handle = open_regular(file);
  if (!handle) return handle.error();
  ::close(handle.value());
  return success();
}

}  // namespace yd::files
