// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "search/search.h"

namespace yd::plan {

/// What the artist asks of a tray besides few errors. Sticks are indices into the collection.
struct TrayWishes {
  std::vector<int> must_have;
  std::vector<int> forbidden;
  double medium_price = 0;  ///< for each medium beyond the first, CIEDE2000 of the whole picture
  double lonely_price = 0;  ///< for each stick that serves one mass only: a wish that colours return
  bool operator==(const TrayWishes&) const = default;
};

/// A tray to be chosen. The spans must outlive it.
struct TrayProblem {
  const PairTable* table = nullptr;
  std::span<const double> weights;           ///< one for each target, summing to 1
  std::span<const optics::Medium> medium{};  ///< of each stick; may be empty where no medium has a price
  std::span<const int> mass{};               ///< of each target; may be empty where loneliness has no price
  TrayWishes wishes{};
};

struct TrayOptions {
  int most_sticks = 12;    ///< k, at least 1
  std::uint64_t seed = 1;  ///< for the kicks out of local optima
  int effort = 400;        ///< kicks times sticks: small trays have steep local optima and cheap kicks
};

struct Tray {
  std::vector<int> sticks;  ///< indices into the collection, sorted
  double cost = 0;          ///< the sum that was made small
};

/// The stack chosen for a target from a tray: indices into the collection.
struct PairChoice {
  int first = 0;
  int second = 0;
  float cost = kForbidden;
};

/// At most k sticks so that the weighted error over all targets, with a growing price on large errors, is small: a
/// p-median whose facilities are shared by pairs. Greedy start, then best swaps until none helps, then seeded kicks;
/// the wishes that have a price are met by a last round of swaps. A heuristic: tests compare it with enumeration and
/// with two solvers, tray_bound.h says how far it may be from the best. Errors: `bad_value` for wishes that contradict
/// each other or k, `cancelled`.
Result<Tray> choose_tray(const TrayProblem& problem, const TrayOptions& options, Observer& observer);

/// Cheapest stack of the tray for one target; ties go to the lower index.
PairChoice best_pair(const PairTable& table, std::size_t target, std::span<const int> tray);

/// What the tray costs: sum of weight * priced(cost of the best pair), and the prices of the wishes.
double tray_cost(const TrayProblem& problem, std::span<const int> tray);

/// What a target's cost counts for. Below unseen() nobody sees a difference, so it hardly counts; a bad match grows
/// with the square, so that no target is given up for the mean.
double priced(double cost);
inline double unseen() { return 1.0 + stroke_price(); }  ///< two strokes within 1 CIEDE2000

/// Price of one further stick more or less: the best tray for every size from `fewest` to `most`, and what each costs.
/// Each starts from the one before. Errors as choose_tray.
struct CurvePoint {
  int most_sticks = 0;
  Tray tray;
  double mean_de00 = 0;  ///< weighted, without prices for strokes
  double worst_de00 = 0;
};
Result<std::vector<CurvePoint>> tray_curve(const TrayProblem& problem, int fewest, int most, Observer& observer);

/// The stick outside the tray, owned or not, that would lower its cost most.
struct NextStick {
  int stick = -1;
  double gain = 0;  ///< of the cost, 0 or more
};
NextStick stick_to_get(const TrayProblem& problem, std::span<const int> tray);

}  // namespace yd::plan
