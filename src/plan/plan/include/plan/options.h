// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "order/order.h"
#include "order/passes.h"
#include "recipe/geometry.h"
#include "recipe/rests_on.h"
#include "recipe/school.h"
#include "tray/tray.h"
#include "coat/underpaint.h"
#include "recipe/value_fit.h"
#include "support/ranges.h"

namespace yd::plan {

/// Layers the artist chose for a mass instead of the planner's; the pressures are found shade by shade.
struct HandChoice {
  int mass = 0;
  std::vector<Stroke> strokes;
  bool operator==(const HandChoice&) const = default;
};

/// Strokes of one shade that are still to come, from what is laid upwards.
struct RestOfShade {
  int mass = 0;
  int shade = 0;
  std::vector<Stroke> strokes;
  bool operator==(const RestOfShade&) const = default;
};

/// What a coat on the paper was: it stays when the choice of underpainting changes.
struct LaidCoat {
  CoatChoice how;
  colour::Lab wanted;
  bool operator==(const LaidCoat&) const = default;
};

/// A pass that is done, or left out for good: the plan of the rest is built on it.
struct LaidPass {
  struct Part {
    int mass = 0;
    subject::Role role = subject::Role::middle;
    int shade = -1;       ///< of the mass; -1: all of the role (plans made before masses had shades)
    double pressure = 0;  ///< 0: that of the pass
    int level = -1;       ///< layer of its mass; -1: that of the pass
    bool operator==(const Part&) const = default;
  };
  PassKind kind = PassKind::stroke;
  int stick = -1;
  double pressure = 1;
  Technique technique = Technique::laid;
  int level = 0;
  std::optional<LaidCoat> coat;  ///< of a coat, and only of one
  bool skipped = false;
  std::string note;
  std::int64_t at_s = 0;  ///< when it was done, seconds since 1970
  std::vector<Part> parts;
  bool operator==(const LaidPass&) const = default;
};

/// What was said of a pass at the easel; the pass by its signature, so that it survives another order.
struct PassMark {
  enum class State { open, done, skipped };
  std::string pass;
  State state = State::open;
  std::string note;
  std::int64_t at_s = 0;  ///< when, seconds since 1970: for what dries
  double minutes = 0;     ///< it took
  bool operator==(const PassMark&) const = default;
};
const char* name(PassMark::State state);

/// What the numbers of PlanOptions may be; who reads them from a file or a command line asks the same.
inline constexpr Limit kSticksLimit{1, 60, true};
inline constexpr Limit kStrokesLimit{1, kMostStrokes, true};
inline constexpr Limit kHandLimit{0, 0.5};
inline constexpr Limit kPassesLimit{1, 1000, true};
inline constexpr Limit kMinutesLimit{5, 1e5};
inline constexpr Limit kSittingLimit_minutes{15, 600};
inline constexpr Limit kLightPressLimit{0.2, 3};
inline constexpr Limit kFirmPressLimit{0.2, 2};
inline constexpr Limit kPaceLimit{1 / kSlowestPace, kSlowestPace};
inline constexpr Limit kTrayPriceLimit{0, 10};

struct PlanOptions {
  int most_sticks = 12;          ///< 1 to 60
  std::optional<School> school;  ///< none: as advised for subject and media
  Manner manner = Manner::either;
  Course course = Course::far_to_near;
  std::vector<MassWay> ways;           ///< other schools or manners for single masses
  int most_strokes = 4;                ///< layers of one mass, 1 to 4; a school that needs more takes it
  optics::HandPressure presses;        ///< what the artist makes of a pressure: see parameters_for
  RestsOn rests_on;                    ///< by whose measurements; told with the plan, changes nothing
  double hand = 0.15;                  ///< how far off a pressure is, as a share of it: 0 (a machine) to 0.5 (shaky)
  std::optional<int> wish_passes;      ///< about how many passes, at least 1
  std::optional<double> wish_minutes;  ///< how long the painting may take, at least 5
  std::vector<HandChoice> by_hand;
  /// Of a plan that is gone on with the strokes still to come: they stay, at new pressures, and others follow where
  /// they gain enough. Only with `laid` and a given tray. Empty: what is left is planned freely.
  std::vector<RestOfShade> rest;
  /// Darks that no stick reaches are drawn together, lights stay: an unreachable target helps nobody.
  Fit fit = Fit::anchor_lights;
  TrayWishes wishes;
  UnderpaintOptions underpaint;
  std::vector<int> given_tray;             ///< not searched for but taken, if not empty
  std::vector<std::string> order_by_hand;  ///< signatures of passes, in the artist's order; empty: the planner's
  std::vector<LaidPass> laid;              ///< on the paper already
  double sheet_cm2 = 1200;                 ///< for the minutes a pass takes
  Pace pace;                               ///< how fast the artist is, for the minutes
  double sitting_minutes = 90;             ///< wished length of a session at the easel, 15 to 600
  bool operator==(const PlanOptions&) const = default;
};

/// Errors: `bad_value` naming the option. `sticks`: number of sticks in the collection.
Status check(const PlanOptions& options, std::size_t sticks);

/// The model as this artist's hand has it: whoever makes or shows a plan of these options reckons with it.
optics::Parameters parameters_for(const PlanOptions& options, optics::Parameters parameters);

/// Whether two sets of options give the same recipes, and so differ in order and sittings at most.
bool same_recipes(const PlanOptions& p, const PlanOptions& q);

/// What the artist chose for a mass; null where nothing.
const HandChoice* chosen_by_hand(const PlanOptions& options, int mass);

/// What a mass is built by: its own way, else the picture's.
StackRules rules_for(const PlanOptions& options, School picture, int mass);

/// The tone map is an underpainting: charcoal, or the darkest hard stick where there is none, in values only, for all
/// masses built by that school and not underpainted otherwise.
UnderpaintOptions with_tone_map(const PlanOptions& options, School picture, std::size_t masses);

}  // namespace yd::plan
