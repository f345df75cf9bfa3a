#pragma once

#include <cstdint>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "plan/passes.h"
#include "plan/search.h"
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
  bool operator==(const PlanOptions&) const = default;
};

/// What the artist gets.
struct Plan {
  std::vector<TargetPlan> targets;
  std::vector<Pass> passes;
  std::vector<int> tray;                ///< sticks that are used, indices into the collection
  std::vector<double> mass_tooth_left;  ///< by mass, the least of its targets, 0 to 1
  double area_mean_de00 = 0;
  double worst_de00 = 0;
  std::uint64_t evaluations = 0;  ///< stacks whose colour was worked out
};

/// Targets, search, tray, recipes, passes. Deterministic. Errors: `bad_value` naming the option, `cancelled`.
Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer);

}  // namespace yd::plan
