// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <memory>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "brief/options.h"
#include "order/schedule.h"
#include "marks/mark_out.h"
#include "search/search.h"
#include "tray/tray_work.h"
#include "subject/subject.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::plan {

/// What the artist gets.
struct Plan {
  School school = School::dark_first;
  SchoolAdvice advised;                  ///< why this school; nothing where the artist chose it
  std::vector<StackRules> rules;         ///< of each mass
  RestsOn rests_on;                      ///< as the options say
  std::vector<Coat> coats;               ///< the underpainting
  ValueRange seen;                       ///< of the subject
  ValueRange reach;                      ///< of the collection on this paper
  std::shared_ptr<const TrayWork> work;  ///< null where the tray was given and something is laid already
  std::vector<TargetPlan> targets;
  std::vector<Pass> passes;
  Marking marks;             ///< of every pass, the finishing ones among them
  std::vector<Edge> edges;   ///< between passes, all obeyed
  std::vector<Edge> broken;  ///< rules the artist's own order breaks
  std::vector<Conflict> conflicts;
  Sequence sequence;  ///< minutes, changes and how few are possible
  std::vector<Sitting> sittings;
  ToothBudget tooth;
  std::vector<int> tray;                ///< sticks that are used or must be there, indices into the collection
  std::vector<double> mass_tooth_left;  ///< by mass, the least of its targets, 0 to 1
  double area_mean_de00 = 0;
  double worst_de00 = 0;
  std::uint64_t evaluations = 0;  ///< stacks whose colour was worked out
};

/// Pencils and hard sticks beside the tray that passes are made with, rising.
std::vector<int> beside_tray(const Plan& plan);
/// The tray and what is beside it, rising.
std::vector<int> in_hand(const Plan& plan);

/// What a target's strokes fall on.
const optics::Ground& ground_of(const Plan& plan, const TargetPlan& target, const media::Paper& paper);

/// What lies on a target after the first `count` passes.
optics::Pile pile_after(const Plan& plan, int target, int count, const media::Paper& paper,
                        std::span<const media::Stick> sticks, const optics::Parameters& parameters);

/// The collection's part in the wishes: sticks that are not at hand are forbidden.
TrayWishes with_stock(TrayWishes wishes, std::span<const media::Stick> sticks);

/// Targets, underpainting, search, tray, recipes, passes. Deterministic. Errors: `bad_value` naming the option,
/// `cancelled`.
Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer);

/// What is on the paper once these marks are taken for done: the plan's own laid passes and the marked ones, in order.
std::vector<LaidPass> laid_after(const Plan& plan, std::span<const LaidPass> laid, std::span<const PassMark> marks);

/// Of each pass, by place, whether it is behind: laid already, or marked as done or left out.
std::vector<char> behind(const Plan& plan, std::span<const PassMark> marks);

/// What is still to come of every shade, in the order of the passes. `behind`: of each pass, by place.
/// For PlanOptions::rest.
std::vector<RestOfShade> rest_of(const Plan& plan, std::span<const char> behind);

/// The same recipes with passes, order, sittings and tooth worked out anew: what `same_recipes` allows to differ.
Result<Plan> arrange(Plan plan, const subject::Subject& subject, const media::Paper& paper,
                     const media::Collection& collection, const optics::Parameters& parameters,
                     const PlanOptions& options, Observer& observer);

/// The same passes in marks that have to take away so much a second (DIN99o times mm2): few of them where that is much.
/// Order and sittings stay.
Plan with_marks_at(Plan plan, const subject::Subject& subject, const media::Paper& paper,
                   const media::Collection& collection, const optics::Parameters& parameters,
                   const PlanOptions& options, double price);

/// Minutes of the passes with changing sticks, without waiting: what a wish for time is held against.
double minutes_of(const Plan& plan);

}  // namespace yd::plan
