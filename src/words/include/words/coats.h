// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "advice/underpaint_choice.h"

namespace yd::words {

/// What is to be known of a coat medium. Common practice, no published source.
QString note(plan::CoatMedium medium);
/// The caution for laying it; every one defers to the data sheet, local rules and qualified people.
QString safety(plan::CoatMedium medium);
/// What of a coat is worth saying beside the bare sheet: that it is the colour wanted on more of it, that it brings a
/// darker dark.
bool spares_a_layer(const plan::CoatVerdict& v, const plan::CoatAdvice& a);
bool reaches_darker(const plan::CoatVerdict& v, const plan::CoatAdvice& a);
/// Why a coat is advised, or none.
QString reason(const plan::CoatAdvice& advice);

}  // namespace yd::words
