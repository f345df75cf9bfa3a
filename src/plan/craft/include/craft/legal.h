// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "craft/school.h"

namespace yd::plan {

/// A stroke as the laws see it.
struct Lay {
  const media::Stick* stick = nullptr;  ///< one of the collection: two are the same where they stand at one place
  Technique technique = Technique::laid;
  std::optional<double> pressure{};  ///< 0 to 1; none: not chosen yet, and no law of pressures is asked
};

std::vector<Lay> lays_of(std::span<const Stroke> strokes, std::span<const media::Stick> sticks);

/// What may lie on what, by media, school and manner: the only place that says so. `next`: nothing lies between. A
/// layer between may be nothing somewhere, so the school's law holds, and nothing is dirtied, over all that is below.
bool may_lie_on(const StackRules& rules, const Lay& under, const Lay& over, bool next);

/// Whether a stroke may be laid on a stack, bottom first; an empty one is the paper.
bool may_lay(const StackRules& rules, std::span<const Lay> stack, const Lay& over);

/// Whether every stroke of a stack may lie on those below it.
bool may_stand(const StackRules& rules, std::span<const Lay> stack);

/// Whether the stroke at `place` may lie between the others of a stack, whatever they are to each other: what lies
/// there was laid by hand, perhaps.
bool may_lie_between(const StackRules& rules, std::span<const Lay> stack, std::size_t place);

/// The school's law alone, for two sticks whose media and manner go together already.
bool may_pair(const StackRules& rules, const media::Stick& under, const media::Stick& over);

/// What is wrong is covered, whatever the school's order was: media and manner only.
StackRules to_cover(Manner manner);

/// Whether a stick may begin a stack under this colour: none dark under what is light, in a school that says so.
bool may_begin(const StackRules& rules, const media::Stick& stick, const colour::Lab& target);

inline constexpr double kDarkStick = 35;   ///< L* below which a stick is no start for a light shade
inline constexpr double kLightShade = 60;  ///< L* from which a shade is light

}  // namespace yd::plan
