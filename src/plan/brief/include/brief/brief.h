// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "coat/underpaint.h"
#include "craft/school.h"
#include "recipe/value_fit.h"
#include "support/ranges.h"
#include "tray/tray.h"

namespace yd::plan {

/// Layers the artist chose for a mass instead of the planner's; the pressures are found shade by shade.
struct HandChoice {
  int mass = 0;
  std::vector<Stroke> strokes;
  bool operator==(const HandChoice&) const = default;
};

inline constexpr Limit kSticksLimit{1, 60, true};
inline constexpr Limit kStrokesLimit{1, kMostStrokes, true};
inline constexpr Limit kPassesLimit{1, 1000, true};
inline constexpr Limit kMinutesLimit{5, 1e5};
inline constexpr Limit kSittingLimit_minutes{15, 600};
inline constexpr Limit kPencilsLimit{0, 60, true};
inline constexpr Limit kTrayPriceLimit{0, 10};

/// What is wished of a plan's recipes.
struct Brief {
  int most_sticks = 12;          ///< 1 to 60
  std::optional<School> school;  ///< none: as advised for subject and media
  Manner manner = Manner::either;
  std::vector<MassWay> ways;           ///< other schools or manners for single masses
  int most_strokes = 4;                ///< layers of one mass, 1 to 4; a school that needs more takes it
  std::optional<int> wish_passes;      ///< about how many passes, at least 1
  std::optional<double> wish_minutes;  ///< how long the painting may take, at least 5
  std::vector<HandChoice> by_hand;
  /// Darks that no stick reaches are drawn together, lights stay: an unreachable target helps nobody.
  Fit fit = Fit::anchor_lights;
  TrayWishes wishes;
  UnderpaintOptions underpaint;
  std::vector<int> given_tray;  ///< not searched for but taken, if not empty
  bool operator==(const Brief&) const = default;
};

/// What is wished of the order in which recipes are laid, and of the marks.
struct Arrangement {
  Course course = Course::far_to_near;
  std::vector<std::string> order_by_hand;  ///< signatures of passes, in the artist's order; empty: the planner's
  double sitting_minutes = 90;             ///< wished length of a session at the easel, 15 to 600
  int most_pencils = 6;      ///< pencils and hard sticks besides the tray that finishing marks may take, 0 to 60
  bool left_handed = false;  ///< marks are laid from the right
  bool operator==(const Arrangement&) const = default;
};

/// What the artist chose for a mass; null where nothing.
const HandChoice* chosen_by_hand(const Brief& brief, int mass);

/// What a mass is built by: its own way, else the picture's.
StackRules rules_for(const Brief& brief, School picture, int mass);

/// The tone map is an underpainting: charcoal, or the darkest hard stick where there is none, in values only, for all
/// masses built by that school and not underpainted otherwise.
UnderpaintOptions with_tone_map(const Brief& brief, School picture, std::size_t masses);

}  // namespace yd::plan
