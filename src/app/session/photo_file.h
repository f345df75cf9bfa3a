// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "check/photo.h"

namespace yd::app {

/// A photograph in linear light from a picture file. Errors name the file.
Result<check::Photo> photo_in(const QString& file);

}  // namespace yd::app
