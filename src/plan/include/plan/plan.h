#pragma once

#include <cstdint>
#include <memory>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "plan/passes.h"
#include "plan/search.h"
#include "plan/tray_work.h"
#include "plan/underpaint.h"
#include "plan/value_fit.h"
#include "subject/subject.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::plan {

/// The order in which a picture is built. One for now; the name is part of files and of the command line.
enum class School { dark_first };
const char* name(School school);
Result<School> school_by_name(const std::string& name);

/// A recipe the artist chose for one part of a mass, instead of the planner's.
struct HandChoice {
  int mass = 0;
  subject::Role role = subject::Role::middle;
  std::vector<Stroke> strokes;
  bool operator==(const HandChoice&) const = default;
};

struct PlanOptions {
  int most_sticks = 12;  ///< 1 to 60
  School school = School::dark_first;
  bool allow_rubbed = true;
  int most_strokes = 2;  ///< in one stack, 1 to 4
  std::vector<HandChoice> by_hand;
  Fit fit = Fit::keep;
  TrayWishes wishes;
  UnderpaintOptions underpaint;
  std::vector<int> given_tray;  ///< not searched for but taken, if not empty
  bool operator==(const PlanOptions&) const = default;
};

/// What the artist gets.
struct Plan {
  std::vector<Coat> coats;  ///< the underpainting
  ValueRange seen;          ///< of the subject
  ValueRange reach;         ///< of the collection on this paper
  std::shared_ptr<const TrayWork> work;
  std::vector<TargetPlan> targets;
  std::vector<Pass> passes;
  std::vector<int> tray;                ///< sticks that are used, indices into the collection
  std::vector<double> mass_tooth_left;  ///< by mass, the least of its targets, 0 to 1
  double area_mean_de00 = 0;
  double worst_de00 = 0;
  std::uint64_t evaluations = 0;  ///< stacks whose colour was worked out
};

/// What a target's strokes fall on.
const optics::Ground& ground_of(const Plan& plan, const TargetPlan& target, const media::Paper& paper);

/// The collection's part in the wishes: sticks that are not at hand are forbidden.
TrayWishes with_stock(TrayWishes wishes, std::span<const media::Stick> sticks);

/// Targets, underpainting, search, tray, recipes, passes. Deterministic. Errors: `bad_value` naming the option,
/// `cancelled`.
Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer);

}  // namespace yd::plan
