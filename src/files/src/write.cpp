// SPDX-License-Identifier: MIT
#include "files/write.h"

#include <QFile>
#include <QFileInfo>
#include <QSaveFile>
#include <QThread>
#include <cstdio>
#include <fcntl.h>
#include <iostream>
#include <sys/stat.h>
#include <unistd.h>

#include "support/disk_words.h"

namespace yd::files {
namespace {

constexpr int kWaitForReader_ms = 5000;
constexpr int kLookAgain_ms = 20;

Error io_error(const QString& file, std::string what) { return {Error::Code::io, file.toStdString(), std::move(what)}; }

Error not_saved(const QString& file, int code) { return io_error(file, "cannot be saved: " + disk_words(code)); }

/// The kind of what is there, links followed; 0 where there is nothing.
mode_t kind_of(const QString& file) {
  struct stat is {};
  return ::stat(QFile::encodeName(file).constData(), &is) == 0 ? is.st_mode & S_IFMT : 0;
}

bool is_stream(mode_t kind) { return kind == S_IFIFO || kind == S_IFCHR || kind == S_IFBLK; }

/// A pipe can be opened once somebody reads it; one that nobody ever reads must not hold the program for good.
int open_stream(const QString& file) {
  const QByteArray name = QFile::encodeName(file);
  for (int waited = 0;; waited += kLookAgain_ms) {
    const int handle = ::open(name.constData(), O_WRONLY | O_NONBLOCK | O_CLOEXEC);
    if (handle >= 0 || errno != ENXIO || waited >= kWaitForReader_ms) return handle;
    QThread::msleep(kLookAgain_ms);
  }
}

/// 0, or errno.
int write_all(int handle, const QByteArray& bytes) {
  for (qsizetype done = 0; done < bytes.size();) {
    const ssize_t n = ::write(handle, bytes.constData() + done, static_cast<std::size_t>(bytes.size() - done));
    if (n < 0 && errno != EINTR) return errno;
    if (n > 0) done += n;
  }
  return 0;
}

Status write_stream(const QString& file, const QByteArray& bytes) {
  const int handle = open_stream(file);
  if (handle < 0 && errno == ENXIO) return io_error(file, "is a pipe that nobody reads");
  if (handle < 0) return not_saved(file, errno);
  ::fcntl(handle, F_SETFL, ::fcntl(handle, F_GETFL) & ~O_NONBLOCK);
  int code = write_all(handle, bytes);
  if (::close(handle) != 0 && code == 0) code = errno;
  return code == 0 ? success() : Status(not_saved(file, code));
}

Status replace_whole(const QString& file, const QByteArray& bytes) {
  QSaveFile save(file);
  // Qt's own words for a full disk are "Unknown error"; the system's number is still there.
  errno = 0;
  if (!save.open(QIODevice::WriteOnly) || save.write(bytes) != bytes.size() || !save.flush() || !save.commit())
    return not_saved(file, errno);
  return success();
}

}  // namespace

Status may_write(const QString& file) {
  if (file == kStandardOutput) return success();
  if (file.isEmpty()) return io_error("output", "must be the name of a file");
  if (file.contains(QChar::ReplacementCharacter)) return io_error(file, "would have a name that is no text (UTF-8)");
  const mode_t kind = kind_of(file);
  const QFileInfo whole(file);
  if (is_stream(kind)) return whole.isWritable() ? success() : Status(not_saved(file, EACCES));
  if (kind == S_IFDIR) return io_error(file, "is a folder");
  if (kind != 0 && kind != S_IFREG) return io_error(file, "is no file that can be written");
  // Where a link leads nowhere yet, that is where the file is made.
  const QFileInfo place(whole.isSymLink() ? whole.symLinkTarget() : file);
  const QFileInfo folder(place.absolutePath());
  if (!folder.isDir()) return io_error(file, "there is no such folder");
  return folder.isWritable() ? success() : Status(io_error(file, "its folder cannot be written to"));
}

Status write_bytes(const QString& file, const QByteArray& bytes) {
  if (file == kStandardOutput) {
    std::fwrite(bytes.constData(), 1, static_cast<std::size_t>(bytes.size()), stdout);
    return flush_standard_output();
  }
  const mode_t kind = kind_of(file);
  if (is_stream(kind)) return write_stream(file, bytes);
  if (kind != 0 && kind != S_IFREG) return io_error(file, "cannot be saved: it is no file that can be written");
  return replace_whole(file, bytes);
}

Status flush_standard_output() {
  errno = 0;
  std::cout.flush();
  const bool out = std::fflush(stdout) == 0 && std::ferror(stdout) == 0 && std::cout.good();
  return out ? success() : Status(io_error("standard output", "cannot be written: " + disk_words(errno)));
}

}  // namespace yd::files
