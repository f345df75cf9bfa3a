// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <span>
#include <string>

#include "support/result.h"

namespace yd::words {

/// "where: what" of an error in the language of the interface, without a full stop. The core says its facts in English;
/// one that is not known here (a library's own words) stays as it is.
QString fact(const Error& error);
/// All facts that are known, in English, with %1 … where something is put in.
std::span<const char* const> facts();

}  // namespace yd::words
