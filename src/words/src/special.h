// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "subject/things.h"

namespace yd::words {

/// What a thing asks for that is said to be an eye, fur, glass …: "The otter: …". Empty for what asks for nothing.
QString special(subject::ThingKind kind, const QString& name);

}  // namespace yd::words
