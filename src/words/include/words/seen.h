// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

namespace yd::words {

/// How a difference of colour (CIEDE2000) strikes the eye: "not seen", "seen side by side", "seen at a glance",
/// "another colour". Common practice, no published source; the steps are about 1, 3.5 and 10.
QString seen(double de00);
/// The same with its number: "seen side by side, 2.0".
QString seen_with_number(double de00);

}  // namespace yd::words
