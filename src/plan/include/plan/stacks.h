#pragma once

#include <span>
#include <vector>

#include "plan/passes.h"
#include "plan/search.h"

namespace yd::plan {

/// Every one- and two-stroke stack of these sticks that the rules allow. `tray` holds indices into input.sticks.
std::vector<Stack> all_stacks(const SearchInput& input, std::span<const int> tray);

/// CIEDE2000 of the stack nearest to a target, of those with at most `strokes` strokes; huge where there is none.
double nearest_difference(std::span<const Stack> stacks, const colour::Lab& target, std::size_t strokes = kMostStrokes);

/// What a stack costs for a target besides its colour error, in CIEDE2000 units: a stroke more, and speckle beyond what
/// reads as even. Ours, set by eye on the demo pictures.
inline constexpr double kSpeckleFree = 5.0;  ///< standard deviation of L*
inline constexpr double kSpecklePrice = 0.12;
/// Rubbing on top makes a picture lifeless where everything is rubbed: it has to bring the colour nearer by this much.
inline constexpr double kRubPrice = 0.4;
/// A pass saved is worth this much on one target.
inline constexpr double kPassPrice = 0.5;
double stack_price(const Stack& stack);

/// For every target the index of its stack among those of its group (`stacks[group[t]]`): colour error, price and what
/// its school would rather have (school_price) over all targets, plus a price for every pass the whole plan needs, so
/// that neighbours share strokes. Best stack first, then target by target until nothing improves.
struct StackChoice {
  std::span<const std::vector<Stack>> stacks;
  std::span<const std::size_t> group;
  std::span<const TargetPlan> targets;
  std::span<const subject::Mass> masses;
  std::span<const media::Stick> sticks;
  std::span<const StackRules> rules;  ///< of each mass
};
std::vector<std::size_t> choose_stacks(const StackChoice& input);

}  // namespace yd::plan
