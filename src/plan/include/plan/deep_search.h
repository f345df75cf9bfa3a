#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "plan/stacks.h"

namespace yd::plan {

/// Stacks of three strokes (or four) of a tray: too many to work out, so all are ranked by a cheap guess and the best
/// are worked out in full.
///
/// The guess: what of each stroke is seen from above, over all strata (cover of its coat times what is left bare by the
/// coats above), as weights on the XYZ of the sticks' masstones and of the ground; rubbed mixtures count as the
/// mixture's own masstone. It is exact for coats that hide. tests/plan measures what the ranking loses against working
/// out everything.
struct DeepOptions {
  int strokes = 3;            ///< 3 or 4
  int kept_per_target = 256;  ///< stacks worked out in full for each target
};

/// How much was looked at and how much was worked out.
struct DeepSummary {
  std::uint64_t guessed = 0;
  std::uint64_t worked_out = 0;
};

/// The stacks worth having for these targets, beyond one and two strokes. Four-stroke stacks grow from the best
/// three-stroke ones. Deterministic. Errors: `bad_value` for strokes, `cancelled`.
Result<std::vector<Stack>> deep_stacks(const SearchInput& input, std::span<const int> tray, const DeepOptions& options,
                                       DeepSummary& summary, Observer& observer);

/// Every three-stroke stack of the tray worked out: the slow twin the search is judged against.
std::vector<Stack> all_three_stroke_stacks(const SearchInput& input, std::span<const int> tray);

}  // namespace yd::plan
