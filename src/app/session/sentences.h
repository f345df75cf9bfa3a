// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "support/result.h"

namespace yd::app {

/// An error as a sentence for the artist: where, what, and what to do.
QString sentence(const Error& error);

}  // namespace yd::app
