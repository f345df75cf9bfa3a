// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstdint>
#include <span>
#include <vector>

#include "make/plan.h"
#include "subject/subject.h"

namespace yd::plan {

/// The target of each pixel, at a size at which a hand can follow it; -1 never occurs.
struct TargetMap {
  subject::Grid<std::uint16_t> target;
  subject::Grid<std::uint16_t> mass;
  double pixel_mm = 1;  ///< side of a pixel on the sheet
};
inline constexpr int kPlacesSide = 360;  ///< long side, pixels
/// `long_side_mm`: of the picture on the sheet.
TargetMap map_targets(const subject::Subject& subject, const Plan& plan, double long_side_mm);

/// Which part of its mass a pass touches.
enum class Part { all, upper, lower, left, right, edges, spots, darks, lights, most };
const char* name(Part part);

/// Three pressures by name: light, middle, firm. Common practice, no published source; borders ours.
inline constexpr int kPressSteps = 3;
inline constexpr double kMiddlePress = 0.45, kFirmPress = 0.8;
inline int press_step(double pressure) { return pressure < kMiddlePress ? 0 : pressure < kFirmPress ? 1 : 2; }

/// What a pass touches of one mass, measured: under its marks where it has some, else over the shades it is for.
struct Place {
  int mass = 0;
  Part part = Part::all;
  double share = 1;  ///< of the mass
  double area_cm2 = 0;
  double width_mm = 0;   ///< mean width of what is touched: twice its area over the length of its border
  double piece_mm2 = 0;  ///< mean size of its connected pieces
  int pieces = 0;
  double small_mm = 0, large_mm = 0;        ///< across its smaller and its larger pieces: all but a tenth lie between
  double long_deg = 0;                      ///< the way it is longest, anticlockwise from level, -90 to 90
  double longish = 0;                       ///< 0: as wide as long, 1: a line
  double pressure = 0;                      ///< mean
  std::array<double, kPressSteps> steps{};  ///< shares of it that are laid light, middle and firm
  double firm_l = 0, light_l = 0;           ///< mean L* of what is laid firm and light; 0: nothing is
  double firm_deg = 0;                      ///< towards where it is firmest, anticlockwise from the right
  double grows = 0;  ///< pressure from one end of the mass to the other along that, as a plane fits it; 0: no run
};
/// Mass by mass, rising, for every pass; what a mark only grazes is left out.
std::vector<std::vector<Place>> places_of(const Plan& plan, const TargetMap& map);
/// The part of a mass that some of its targets make up. `targets`: rising.
Part part_of(const Plan& plan, const TargetMap& map, int mass, std::span<const int> targets);

}  // namespace yd::plan
