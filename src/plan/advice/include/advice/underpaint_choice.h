// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "make/plan.h"
#include "support/observer.h"

namespace yd::plan {

/// What one medium in one set of colours would do to the finished picture, with the plan's own tray.
struct CoatVerdict {
  CoatChoice choice;
  bool bears = false;     ///< the paper
  bool possible = false;  ///< and the collection has the stick for it
  bool shows = false;     ///< differs from the bare sheet by kShows or more, dry
  colour::Lab wet, dry;   ///< of the coat over most of the picture
  double dry_minutes = 0;
  double heated_minutes = 0;
  double tooth_used = 0;   ///< share of the bare tooth
  double de00 = 0;         ///< area mean of the finished picture
  double chroma = 0;       ///< of the finished picture, less that without underpainting
  double peeks = 0;        ///< share of the coat's colour that shows in the finished picture, area mean
  double darkest_l = 100;  ///< darkest dark the tray reaches
  double values_set = 0;   ///< share of the picture whose value stands once it is dry, within kValueStands
  double spared = 0;       ///< share where it already is the colour wanted, within kThere: a layer less to lay
  double vibrates = 0;     ///< share of a complement that shows in the gaps, where it does so without greying
};

inline constexpr double kValueStands = 8;  ///< L*
inline constexpr double kThere = 7;        ///< CIEDE2000

struct CoatAdvice {
  std::vector<CoatVerdict> verdicts;  ///< every medium with every set of colours that makes sense for it
  double plain_de00 = 0;              ///< without underpainting
  double plain_darkest_l = 100;
  double plain_values_set = 0;  ///< by the bare sheet
  double plain_spared = 0;
  int pick = -1;  ///< index into the verdicts; -1: best left out
};

struct CoatInput {
  const Plan* plan = nullptr;  ///< its targets and tray
  const subject::Subject* subject = nullptr;
  const media::Paper* paper = nullptr;
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  StackRules rules;
};

/// Works every coat out with the real model, and the finished picture over it with the best stacks of the tray.
/// Errors: `cancelled`.
Result<CoatAdvice> judge_coats(const CoatInput& input, Observer& observer);

}  // namespace yd::plan
