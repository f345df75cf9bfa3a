// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "recipe/rests_on.h"

namespace yd::words {

/// Whose hand and sticks a plan reckons with: "Ida's, 36 strokes, 2026-11-26, to 0.8"; empty for nobody's in
/// particular.
QString rests_on(const plan::RestsOn& rests_on);

}  // namespace yd::words
