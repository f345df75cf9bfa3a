#pragma once

#include <span>
#include <string>
#include <vector>

#include "order/passes.h"
#include "recipe/school.h"
#include "order/sequence.h"
#include "subject/subject.h"
#include "support/observer.h"

namespace yd::plan {

/// Why one pass goes before another. From strongest to weakest: where rules contradict each other the weaker gives way.
enum class Rule {
  built_up,          ///< strokes of one recipe, bottom first
  dries,             ///< nothing goes on a wet coat
  fixed,             ///< fixative after what it holds, and dry before what needs it
  hard_under_soft,   ///< a hard point does not take over a soft bed
  behind_soft_edge,  ///< the background before a soft edge over it, or a halo stays
  features_first,    ///< the artist's wish: focal masses before the rest
  far_first,         ///< what is nearer overlaps what is further
  light_first,       ///< light_coat: lights, then darks
  dark_first,        ///< darks, then lights
  thin_first,        ///< tone_map: thin, then firm
  black_last,
  intense_last,
  highlights_last,
  block_in,  ///< the whole picture is blocked in before anything is built on it
};
inline constexpr int kRules = static_cast<int>(Rule::block_in) + 1;
const char* name(Rule rule);
/// Broken only at the price of another picture: built_up, dries, fixed.
bool is_physics(Rule rule);

/// `before` and `after` are numbers of passes less one.
struct Edge {
  int before = 0;
  int after = 0;
  Rule rule = Rule::built_up;
  double lag_minutes = 0;
  int mass_before = -1;  ///< masses that gave rise to it
  int mass_after = -1;
};
/// The reason in a sentence, from the later pass's point of view.
std::string why(const Edge& edge, std::span<const subject::Mass> masses);

/// Rules that cannot all be obeyed: a circle of edges, closed by one that was given up.
struct Conflict {
  Rule given_up = Rule::block_in;
  std::vector<Rule> circle;  ///< the rules in it, the one given up last
  std::vector<int> masses;   ///< that it runs through, rising
  int times = 1;             ///< as often as the same rules met
};
std::string words(const Conflict& conflict, std::span<const subject::Mass> masses);

/// Two small masses of like colour and size at like height: a second eye, another wing. Common practice: both at one
/// sitting.
std::vector<std::pair<int, int>> paired_masses(std::span<const subject::Mass> masses);

struct OrderInput {
  std::span<const TargetPlan> targets;
  std::span<const Coat> coats;
  const subject::Subject* subject = nullptr;
  std::span<const media::Stick> sticks;
  std::span<const StackRules> rules;  ///< of each mass
  Course course = Course::far_to_near;
  double fix_minutes = 15;   ///< drying of fixative
  double sheet_cm2 = 1200;   ///< for the minutes
  std::vector<Pass> laid{};  ///< passes done already: they stay in front, as they are
};

/// Rates of covering paper, cm2 a minute, our own guess to be replaced by the artist's times.
double minutes_for(const Pass& pass, double area_cm2, std::span<const media::Stick> sticks);

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
