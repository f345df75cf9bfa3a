#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "plan/plan.h"

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
};
inline constexpr int kChecks = static_cast<int>(Check::pressed_early) + 1;
const char* name(Check check);

/// What a check found: what, how much, where, and what would mend it.
struct Finding {
  Check check = Check::mud;
  double weight = 0;        ///< how much it matters, for ranking: share of the picture in percent times how bad it is
  std::string text;         ///< a sentence
  std::string evidence;     ///< the numbers
  std::vector<int> masses;  ///< where; empty: the whole
  int pass = -1;            ///< the pass concerned, by place; -1: none in particular
  std::string remedy;       ///< what `after` does; empty where nothing can be done here
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
/// All checks, weightiest first.
std::vector<Finding> critique(const CritiqueInput& input);

}  // namespace yd::plan
