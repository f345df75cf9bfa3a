// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "guide/places.h"

namespace yd::plan {

/// Colours that run into each other over a mass, or over neighbouring masses that are one gradient.
struct Gradient {
  struct Band {
    int pass = 0;     ///< by place
    double from = 0;  ///< where it is laid, shares of the way from the begin of the gradient to its end
    double to = 1;
    double firmest = 0.5;  ///< where it is firmest
  };
  std::vector<int> masses;  ///< rising
  double angle_deg = 0;  ///< the way it runs, from its begin to its end, anticlockwise from the right; -90: downwards
  double change = 0;     ///< CIEDE2000 between the colours at both ends
  bool rubbed = false;   ///< its joins are rubbed
  std::vector<Band> bands;  ///< in the order they stand along the way; at least two
};

/// Masses whose colour a plane explains for the most part and that change by kLeastChange or more from end to end, with
/// the passes that make it; `bands` as subject::gradient_neighbours has them. Largest first.
inline constexpr double kLeastChange = 6;
std::vector<Gradient> gradients_of(const Plan& plan, const subject::Subject& subject, const TargetMap& map,
                                   std::span<const subject::GradientPair> bands);

/// The light side of every mass: degrees anticlockwise from the right, NaN where no side is lighter by 4 L* or more.
std::vector<double> light_sides(const Plan& plan, const TargetMap& map, std::size_t masses);

}  // namespace yd::plan
