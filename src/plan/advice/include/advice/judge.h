// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <span>
#include <string>
#include <vector>

#include "colour/observer.h"
#include "make/plan.h"

namespace yd::plan {

/// A target's match under each light: CIEDE2000 between the predicted stack and the target's smoothest reflectance,
/// each seen under that light and relative to its white. In the order of colour::kIlluminants.
using LightErrors = std::array<double, colour::kIlluminants.size()>;
LightErrors errors_under_lights(const optics::StrataSpectra& strata, const colour::Lab& target);

/// A match that another light breaks by more than this is warned of.
inline constexpr double kMetamerismWarning = 3.0;
/// The most any light adds to the error under D50, and which.
struct Metamerism {
  double added = 0;
  colour::Illuminant light = colour::Illuminant::d50;
};
Metamerism metamerism(const LightErrors& errors);

/// A target within this CIEDE2000 of the subject counts as reached.
inline constexpr double kReached = 3.0;
enum class Why { reached, too_dark, too_light, too_vivid, ground_shows, between_sticks };
const char* name(Why why);

/// Something that would bring a target nearer, and how near.
struct Remedy {
  enum class Kind { more_strokes, underpainting, rubbing, other_ground, this_stick };
  Kind kind = Kind::more_strokes;
  std::string what;  ///< id of the paper or stick; empty for the others
  double de00 = 0;   ///< with it
};
const char* name(Remedy::Kind kind);

struct Reach {
  Why why = Why::reached;
  std::vector<Remedy> remedies;  ///< that gain at least kWorthwhile, best first
};
inline constexpr double kWorthwhile = 0.5;

struct ReachInput {
  const Plan* plan = nullptr;
  const media::Paper* paper = nullptr;
  std::span<const media::Paper> papers;  ///< other grounds to try; may be empty
  const media::Collection* collection = nullptr;
  const optics::Parameters* parameters = nullptr;
  PlanOptions options;
};

/// For every target of the plan, in its order, why it is out of reach; for those that cost the picture most, one for
/// each part of a mass, also what would help. Each remedy is worked out with the real model: three strokes, a gouache
/// underpainting of the target's own colour (where the paper bears it), rubbing, every other paper, the sticks of the
/// collection whose own colour is nearest. Errors: `cancelled`.
Result<std::vector<Reach>> judge_reach(const ReachInput& input, Observer& observer);

}  // namespace yd::plan
