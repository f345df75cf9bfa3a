// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <memory>
#include <span>
#include <vector>

#include "craft/legal.h"
#include "media/collection.h"
#include "recipe/target.h"

namespace yd::plan {

/// Recipes whose layers are chosen, and what is needed to add single strokes to them.
struct Finishing {
  std::span<TargetPlan> targets;      ///< strokes are added to their recipes
  std::span<const StackRules> rules;  ///< of each mass; what is added obeys them like any stroke
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  std::function<const optics::Ground&(const TargetPlan&)> ground;
};

/// What a stroke more would bring on one shade.
struct ShadeGain {
  std::size_t target = 0;
  double worth = 0;  ///< CIEDE2000 on the picture, with the eye's weight
  Recipe recipe;
};

/// A change that a move offers: recipes for some shades, worth so much on the picture together.
struct Proposal {
  double worth = 0;
  std::vector<ShadeGain> gains;
  std::size_t which = 0;  ///< the move's own
};

/// A way to make recipes better by one pass, or by one going further.
class Move {
 public:
  virtual ~Move() = default;
  /// The best change as recipes stand now; without gains where there is none.
  virtual Proposal propose() = 0;
  /// From which worth on a change is made, CIEDE2000 of the picture.
  virtual double price() const = 0;
  /// The change was made: `recipes` stand in the targets.
  virtual void taken(const Proposal& change) { (void)change; }
};

/// Makes a move's changes, the best first, while they are worth its price, `most` times at most. Returns how often.
int take_while_worth(Move& move, std::span<TargetPlan> targets, int most);

/// What a gain is worth on a shade: that of a vivid one counts up to twice, for it catches the eye, that of one that
/// stands out in its mass many times, and only where a hand can hit it.
double worth_of(double gain, const TargetPlan& target);

/// What a colour that stands out costs beyond being off: it is missing.
double missing(double de00);

/// While a stick is in the hand, what else it would help: strokes of a pass that is there anyway are laid on shades of
/// masses whose own layers lack their colour, between the layers they have or on top. No pass is added by it. A mass is
/// gone to only where the picture gains by it, and no shade has more than so many strokes.
std::unique_ptr<Move> lending(const Finishing& input, int most_strokes);

/// Accents are strokes of their own: one stick, firm and laid, on the few shades where it gains most over the whole
/// picture, small vivid colours before dull ones, and only where a shade lies in places that a hand can hit. What
/// stands out from its mass counts like a mass of its own, and layers under which it would be lost leave it out.
std::unique_ptr<Move> accents(const Finishing& input, std::span<const int> tray);

}  // namespace yd::plan
