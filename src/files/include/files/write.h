// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>

#include "support/result.h"

namespace yd::files {

/// Standard output, where a file is asked for.
inline constexpr const char* kStandardOutput = "-";

/// Whether `write_bytes` could begin: words that name what is in the way, before work that would be in vain. Touches
/// nothing.
Status may_write(const QString& file);

/// All of the bytes or an error that names the file. A regular file, or one that is not there yet, is written beside
/// its place and renamed over it: the old one stays whole until the new one is; a symbolic link is followed. A device
/// or a pipe is written to as it is, a pipe that nobody reads is waited for a few seconds. "-" is standard output.
Status write_bytes(const QString& file, const QByteArray& bytes);

/// Everything printed so far is out. Errors: `io`, for a full disk or an output that was closed.
Status flush_standard_output();

}  // namespace yd::files
