// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <optional>
#include <vector>

#include "session/session.h"

namespace yd::app {

/// What moving a pass would do.
struct MovedPass {
  std::optional<Choices> choices;  ///< none where physics forbids it
  QString says;                    ///< what it breaks, or why it cannot be; empty where nothing is broken
};
/// Pass `from` is taken out and put in at place `to` (by place, 0 ..).
MovedPass move_pass(const Planned& planned, const Choices& choices, int from, int to);

/// The choices with another stick in the tray and what is done kept as it is; recipes by hand with the old stick are
/// given back to the planner.
Choices with_substitute(const Planned& planned, const Choices& choices, int old_stick, int new_stick);

/// Sticks that could stand in for another: at hand, not in the tray, of a medium that goes where it goes; the nearest
/// colours first.
std::vector<int> substitutes(const Planned& planned, int stick, std::size_t most);

}  // namespace yd::app
