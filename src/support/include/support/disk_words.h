// SPDX-License-Identifier: MIT
#pragma once

#include <cerrno>
#include <cstring>
#include <string>

namespace yd {

/// What an artist can do about a file that could not be written; `code` is errno's. Never empty.
inline std::string disk_words(int code) {
  switch (code) {
    case ENOSPC:
    case EDQUOT:
      return "the disk is full; free some room or choose another place";
    case EROFS:
      return "the disk is read-only; choose another place";
    case EACCES:
    case EPERM:
      return "this program may not write there; choose another place";
    case ENOENT:
    case ENOTDIR:
      return "the folder is not there";
    case EBADF:
      return "it is closed";
    case EPIPE:
      return "nobody reads it any more";
    case 0:
      return "the disk did not take it";
    default:
      return std::strerror(code);
  }
}

}  // namespace yd
