// SPDX-License-Identifier: MIT
#pragma once

#include <map>
#include <span>
#include <string>
#include <vector>

#include "order/passes.h"
#include "craft/school.h"
#include "order/sequence.h"
#include "subject/subject.h"
#include "support/observer.h"

namespace yd::plan {

/// Rules that cannot all be obeyed: a circle of edges, closed by one that was given up.
struct Conflict {
  Rule given_up = Rule::block_in;
  std::vector<Rule> circle;  ///< the rules in it, the one given up last
  std::vector<int> masses;   ///< that it runs through, rising
  int times = 1;             ///< as often as the same rules met
};

/// Two small masses of like colour and size at like height: a second eye, another wing. Common practice: both at one
/// sitting.
std::vector<std::pair<int, int>> paired_masses(std::span<const subject::Mass> masses);

/// How much longer than our guess an artist takes, as factors; 1: as guessed. Found from real times by
/// calibrate::fit_pace.
struct Pace {
  std::map<optics::Medium, double> by_medium;  ///< what is not there goes as guessed
  double brush = 1;                            ///< wet coats
  double of(optics::Medium medium) const {
    const auto found = by_medium.find(medium);
    return found == by_medium.end() ? 1 : found->second;
  }
  bool operator==(const Pace&) const = default;
};
inline constexpr double kSlowestPace = 20;  ///< and its inverse: beyond that a time was not taken but forgotten

struct OrderInput {
  std::span<const TargetPlan> targets;
  std::span<const Coat> coats;
  const subject::Subject* subject = nullptr;
  std::span<const media::Stick> sticks;
  std::span<const StackRules> rules;  ///< of each mass
  Course course = Course::far_to_near;
  double fix_minutes = 15;   ///< drying of fixative
  double sheet_cm2 = 1200;   ///< for the minutes
  Pace pace{};               ///< as well
  std::vector<Pass> laid{};  ///< passes done already: they stay in front, as they are
};

/// Rates of covering paper, cm2 a minute: our own guess times the artist's pace.
double minutes_for(const Pass& pass, double area_cm2, std::span<const media::Stick> sticks, const Pace& pace = {});

struct Order {
  std::vector<Pass> passes;
  std::vector<Edge> edges;  ///< all of them are obeyed
  std::vector<Conflict> conflicts;
  Sequence sequence;  ///< before neighbours were joined: changes, waiting, bounds
};

/// Groups equal strokes of a plane to jobs, ties them by all rules, weaker ones only where they close no circle, finds
/// a sequence and joins neighbours that are one pass. Deterministic. Errors: `cancelled`.
Result<Order> order_passes(const OrderInput& input, Observer& observer);

/// The same passes in an order of the artist's: `wanted` holds signatures; passes it does not name keep their place
/// after the one before them. What physics forbids is not done: such a pass waits for what must go before it. Edges are
/// renumbered; the other rules that the order breaks come back.
std::vector<Edge> reorder(Order& order, std::span<const std::string> wanted);

/// Start, waiting and drying by the clock for the passes as they stand.
void tell_time(Order& order);

}  // namespace yd::plan
