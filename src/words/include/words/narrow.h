// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "marks/too_narrow.h"

namespace yd::words {

/// What of a picture a hand cannot draw on a sheet of this size, and from which on it can.
QString too_narrow(const plan::TooNarrow& found);

}  // namespace yd::words
