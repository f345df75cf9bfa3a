// SPDX-License-Identifier: MIT
#pragma once

#include "session/session.h"

namespace yd::app {

enum class StickWish { none, must_have, never };

/// What is wished of a stick of the chosen collection, in place of what was wished of it before; one step of undo.
void wish_for(Session& session, int stick, StickWish wish);

}  // namespace yd::app
