// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "advice/underpaint_choice.h"

namespace yd::words {

/// What is to be known of a coat medium. Common practice, no published source.
QString note(plan::CoatMedium medium);
/// The caution for laying it; every one defers to the data sheet, local rules and qualified people.
QString safety(plan::CoatMedium medium);
/// Why a coat is advised, or none.
QString reason(const plan::CoatAdvice& advice);

}  // namespace yd::words
