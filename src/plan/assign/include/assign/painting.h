// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <memory>
#include <optional>
#include <set>
#include <span>
#include <vector>

#include "search/layer_choice.h"
#include "search/layer_search.h"
#include "search/pressures.h"
#include "brief/options.h"

namespace yd::plan {

/// What a planner has decided before it asks for recipes.
struct PaintingInput {
  std::span<TargetPlan> targets;      ///< shade by shade, masses together and rising; recipes are written into them
  std::span<const StackRules> rules;  ///< of each mass
  std::size_t masses = 0;
  std::span<const double> smooth;                ///< of each mass, 0 textured to 1
  std::span<const double> even;                  ///< the same of each target
  std::span<const subject::GradientPair> bands;  ///< masses that are bands of one gradient
  const media::Paper* paper = nullptr;
  std::span<const Coat> coats;
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  const PlanOptions* options = nullptr;
};

/// Sticks that may come into a tray, and those that may not leave it; indices into the collection.
struct Exchange {
  std::vector<int> others;
  std::vector<int> must_have;
  int most_sticks = 0;
  /// What a tray costs beyond the layers of the masses, CIEDE2000 of the whole picture; asked where there are others.
  std::function<double(std::span<const int> tray)> accents;
};

/// What came of it: recipes stand in the targets.
struct Painted {
  std::uint64_t looks = 0;  ///< that were worked out
  bool hurried = false;     ///< the minutes wished are fewer than it would take
  int accents = 0;          ///< passes that the wishes leave for them
};

/// Masses by the ground they are painted on, their shades ready for the search, and from a tray the recipes of all.
class Painting {
 public:
  explicit Painting(const PaintingInput& input);
  ~Painting();

  /// The table a tray is chosen by: three rows a mass, its darks, middles and lights; sticks are those of `pool`.
  /// Errors: `cancelled`.
  Result<PairTable> table(std::span<const int> pool, Observer& observer);
  /// What each row counts for; all sum to 1.
  std::vector<double> weights() const;
  /// Layerings, pressures, recipes and alternatives for every target; sticks of the tray are exchanged first while the
  /// whole picture gains by it, since the pairs it is chosen by do not tell what a third and a fourth layer make of it.
  Result<Painted> paint(std::vector<int>& tray, const Exchange& exchange, Observer& observer);

 private:
  struct Bed;
  struct Listing;
  struct Family;
  /// What a tray lists for every family, and what was chosen of it.
  struct Considered;
  const optics::Ground& bare(int coat) const;
  void add_mass(const std::vector<std::size_t>& targets);
  double smooth_at(std::size_t target) const;
  bool rubs_up(const Bed& bed, const Family& family) const;
  std::vector<Bed> beds_of(const std::vector<std::size_t>& targets) const;
  Status consider(std::span<const int> tray, std::span<const int> others, Observer& observer);
  struct OfferedWay;
  struct WaysOfMass;
  std::vector<WaysOfMass> offered_ways(std::span<const int> tray) const;
  std::vector<int> exchanged(std::span<const int> tray, const Exchange& exchange) const;
  void keep(Considered& now);
  void bring_back(Considered& before);
  Status list_layerings(Family& family, std::span<const int> tray, std::span<const int> others, Observer& observer);
  Status list_on_beds(Family& family, std::span<const int> tray, Observer& observer);
  Result<Painted> write_plan(Observer& observer);
  void force_hand_choices(Family& family);
  void list_masses();
  std::vector<LeveledLayering> choose();
  std::vector<LeveledLayering> choose_in_passes(PlanPrices& prices, int most_levels) const;
  std::vector<LeveledLayering> choose_in_time(const PlanPrices& usual, int most_levels) const;
  std::vector<std::vector<double>> minutes_of_layerings() const;
  double minutes_over(const Layer& layer, double share) const;
  double minutes_of(const std::vector<LeveledLayering>& chosen) const;
  int most_accents(const std::vector<LeveledLayering>& chosen) const;
  static std::vector<std::size_t> offered(const Family& family, std::size_t place, std::size_t chosen);
  void work_out_ways(const std::vector<LeveledLayering>& chosen);
  void look_on_bed(std::span<PressureWay> ways, const Layering& layering, const Bed& bed) const;
  void write_mass(const Family& family, std::size_t place, const LeveledLayering& chosen, std::size_t left_out = 0);
  void write_alternatives(const Family& family, std::size_t place, const LeveledLayering& chosen);
  void write_recipes(const std::vector<std::size_t>& targets);
  std::optional<PassKey> briefest_pass(const std::set<PassKey>& kept) const;
  void drop_brief_passes(const std::vector<LeveledLayering>& chosen);
  int most_layers(const Family& family) const;

  PaintingInput in_;
  std::vector<std::unique_ptr<Family>> families_;
  std::vector<LayeredMass> all_;                        ///< masses of all families, in their order
  std::vector<std::pair<Family*, std::size_t>> place_;  ///< of each of them
  std::vector<LeveledLayering> chosen_;                 ///< of each of them
  bool hurried_ = false;                                ///< the minutes wished are fewer than it would take
};

}  // namespace yd::plan
