// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "make/plan.h"

namespace yd::plan {

/// The rules by which layers go well, each a check of its own over the finished plan. Common practice, no published
/// source; the thresholds are ours.
enum class Check {
  mud,
  black_rubbed,
  black_hole,
  chalky_white,
  pencil_over_soft,
  tooth_full,
  missing_darks,
  distance,
  raw_green,
  lonely_accent,
  all_rubbed,
  halo,
  focal_contrast,
  too_many_sticks,
  pressed_early,
  vivid_lost,
  sky_level,    ///< no lighter towards the horizon though the subject is
  water_alone,  ///< does not repeat what is above it though the subject does
  red_steals,   ///< a strong red away from the focal point
  all_sharp,    ///< no edge is soft
};
inline constexpr int kChecks = static_cast<int>(Check::all_sharp) + 1;
const char* name(Check check);

/// What would mend a finding.
enum class Mend {
  nothing,
  lay_broken,       ///< the strokes of its masses
  no_black,         ///< the nearest recipe without
  a_colour_in_it,   ///< the nearest recipe with a colour beside the black
  no_white_on_top,  ///< the nearest recipe without
  break_the_green,  ///< the nearest recipe with something else in it
  return_colours,   ///< wish that colours return in several masses
  hard_below,       ///< the nearest recipe with the hard stick below
  planners_order,   ///< give up the order by hand
  less_tooth,       ///< a recipe that uses less
  all_broken,       ///< all strokes
  front_broken,     ///< what is not background
  fewer_sticks,     ///< as many as `after` says
  begin_lighter,    ///< a recipe that does
  ink_first,        ///< ink under the mass: it reaches darks that pastel alone cannot
  rub_background,   ///< so that it softens
  rub_the_rival,    ///< the mass that has more contrast than the focal point
  take_the_stick,   ///< into the tray
  leave_the_stick,  ///< out of the tray
};

/// What a check found: what, how much, where, and what would mend it. The words are made elsewhere (words/findings.h,
/// which says for each check what its numbers are).
struct Finding {
  Check check = Check::mud;
  double weight = 0;            ///< for ranking: share of the picture in percent times how bad it is
  std::vector<double> numbers;  ///< the evidence
  std::vector<int> sticks;      ///< that are spoken of
  std::vector<int> masses;      ///< where; empty: the whole
  int rival = -1;               ///< of focal_contrast, the mass that has more
  int pass = -1;                ///< the pass concerned, by place; -1: none in particular
  std::optional<Edge> broken;   ///< the rule that an order by hand breaks, where that is what was found
  std::optional<Conflict> conflict;
  Mend mend = Mend::nothing;  ///< what `after` does
  std::optional<PlanOptions> after;
};

struct CritiqueInput {
  const Plan* plan = nullptr;
  const subject::Subject* subject = nullptr;
  const media::Paper* paper = nullptr;
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  PlanOptions options;  ///< the plan was made with
};

/// As many as matter are shown first.
inline constexpr std::size_t kShownFirst = 5;

/// One check alone.
std::vector<Finding> run_check(Check check, const CritiqueInput& input);
/// All checks, weightiest first, as far as the artist can act on them with one key: what has no `after` is left out.
std::vector<Finding> critique(const CritiqueInput& input);

}  // namespace yd::plan
