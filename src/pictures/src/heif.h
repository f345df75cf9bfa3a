// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>

#include "subject/image.h"
#include "support/result.h"

namespace yd::pictures {

/// The first bytes say it is a HEIF or AVIF file.
bool is_heif(const QByteArray& bytes);

/// The primary picture, turned as the file asks, alpha ignored. Errors as `decode`.
Result<subject::RawPicture> decode_heif(const QByteArray& bytes, const QString& where);

}  // namespace yd::pictures
