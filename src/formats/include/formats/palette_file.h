// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <vector>

#include "subject/palette.h"
#include "support/result.h"

namespace yd::formats {

/// The palette of another picture, or of a project as the artist coloured it. Errors name the file.
Result<std::vector<subject::PaletteColour>> palette_of_file(const QString& file);

}  // namespace yd::formats
