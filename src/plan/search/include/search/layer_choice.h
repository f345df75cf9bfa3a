// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "price/price.h"
#include "search/layer_search.h"

namespace yd::plan {

/// A mass to be built, and the layerings it may be built by.
struct LayeredMass {
  double weight = 0;  ///< of its difference in the whole picture; all sum to 1
  double area = 0;    ///< share of the picture, for the minutes
  std::span<const Layering> layerings;
  std::span<const float> cost;  ///< of each layering: expected CIEDE2000 on this mass, with prices
  struct Band {
    std::size_t mass = 0;  ///< by place
    double length = 0;     ///< of the border, as a share of the picture's longer side
  };
  std::vector<Band> bands;  ///< masses that are bands of the same gradient
  int first_level = 0;      ///< levels below are taken by what is laid already
  /// Of each layering: how much of the mass its layers are used on. Empty: all of it.
  std::span<const LayerShares> used;
};

/// Share of the picture that a layer of a mass goes over.
double area_of(const LayeredMass& mass, std::size_t layering, std::size_t layer);

/// What the whole plan is charged, in CIEDE2000 of the whole picture.
struct PlanPrices {
  double pass = prices().pass.each;
  /// Two bands of one gradient built differently: the seam shows, the more the longer it is. For all of a side.
  double seam = prices().pass.seam;
  /// A pass over less than this share of the picture is hardly worth taking up the stick: up to so many times dearer.
  double brief = prices().pass.brief;
  double brief_more = prices().pass.brief_more;
};

/// A layering with the level of each layer: layers of one level, stick and technique are one pass, whatever the mass.
struct LeveledLayering {
  std::size_t layering = 0;  ///< index into the mass's layerings
  std::vector<int> levels;   ///< rising
};

/// Layerings and levels for all masses, so that the sum of differences and of the price of every pass is small: best
/// ones first, then mass by mass until nothing improves, then pass by pass: is the plan cheaper without it? A descent;
/// docs/model/plan.md says how far it is from the best on small cases. Deterministic.
std::vector<LeveledLayering> choose_layerings(std::span<const LayeredMass> masses, int most_levels,
                                              const PlanPrices& prices);

/// The sum that is made small.
double plan_cost(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen,
                 const PlanPrices& prices);
/// Distinct passes of a choice.
std::size_t count_passes(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen);

}  // namespace yd::plan
