// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <span>
#include <vector>

#include "optics/kernel.h"
#include "optics/parameters.h"
#include "optics/pile.h"
#include "recipe/recipe.h"

namespace yd::plan {

/// Pressures a recipe may ask for: light, middle, firm. An artist's hand tells about three apart.
inline constexpr std::array<double, 3> kPressures{0.3, 0.6, 1.0};

/// A stroke without its stick: all sticks of one medium fall alike.
struct StrokeShape {
  optics::Medium medium = optics::Medium::soft;
  double pressure = 1;
  Technique technique = Technique::laid;
};

/// Strokes in one stack at most.
inline constexpr std::size_t kMostStrokes = 4;

/// Loads of a stack of strokes on a ground, worked once for all sticks. Pigment i is the stick of stroke i. Coats from
/// the paper upwards; the first `under` coats hold pigment 0 alone.
struct StackGeometry {
  struct Coat {
    optics::CoatLoads loads;
    std::array<float, kMostStrokes> share{};  ///< of each stroke's pigment; several where they are rubbed together
  };
  std::array<StrokeShape, kMostStrokes> shape;
  int strokes = 1;
  std::vector<Coat> coats;
  std::size_t under = 0;
  double tooth_left = 1;
};

StackGeometry make_geometry(const optics::Ground& ground, const optics::Parameters& parameters,
                            std::span<const StrokeShape> shapes);
/// The same stroke by stroke: the last of the shapes laid on a pile that has the others, and what such a pile holds.
void lay_on(optics::Pile& pile, std::span<const StrokeShape> shapes);
StackGeometry geometry_of(const optics::Pile& pile, std::span<const StrokeShape> shapes);

/// All one- and two-stroke geometries of the given media that put no harder medium over a softer one.
std::vector<StackGeometry> all_geometries(const optics::Ground& ground, const optics::Parameters& parameters,
                                          std::span<const optics::Medium> media);

/// The shapes a stroke may have in these media: every pressure, laid and rubbed.
std::vector<StrokeShape> all_shapes(std::span<const optics::Medium> media);

/// Strata of one stack by the fast kernel. `pigments` holds one for each stroke.
optics::CoarseStrata shade_stack(const StackGeometry& geometry, const optics::Ground& ground,
                                 std::span<const optics::CoarsePigment* const> pigments);

/// K and S of a mixture, shares summing to 1.
optics::CoarsePigment blend(std::span<const float> shares, std::span<const optics::CoarsePigment* const> pigments);

}  // namespace yd::plan
