// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <span>

namespace yd::words {

/// A name of the core's lists (`name(Role)`, `name(CoatMedium)` …) or of a step of its work in the language of the
/// interface; a word it does not know comes back as it is.
QString term(const char* name);
/// All that it knows, in English.
std::span<const char* const> terms();

}  // namespace yd::words
