// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>

#include "support/result.h"

namespace yd::files {

/// The bytes of a regular file; a pipe or a device, which may never end, is refused. Errors name the file: `not_found`,
/// `io`, `too_large` above `most` bytes.
Result<QByteArray> read_bytes(const QString& file, qint64 most);

/// The same words about what is no file that can be read, for libraries that open it by name.
Status may_read(const QString& file);

}  // namespace yd::files
