#pragma once

#include <array>
#include <span>
#include <vector>

#include "optics/kernel.h"
#include "optics/parameters.h"
#include "plan/recipe.h"

namespace yd::plan {

/// Pressures a recipe may ask for: light, middle, firm. An artist's hand tells about three apart.
inline constexpr std::array<double, 3> kPressures{0.3, 0.6, 1.0};

/// A stroke without its stick: all sticks of one medium fall alike.
struct StrokeShape {
  optics::Medium medium = optics::Medium::soft;
  double pressure = 1;
  Technique technique = Technique::laid;
};

/// Loads of a stack of one or two strokes on a ground, worked once for all sticks. Pigment 0 is the first stroke's
/// stick, 1 the second's. Coats from the paper upwards; the first `under` coats hold pigment 0 alone.
struct StackGeometry {
  struct Coat {
    optics::CoatLoads loads;
    float share_of_second = 0;  ///< 0: first stick, 1: second, between: rubbed together
  };
  std::array<StrokeShape, 2> shape;
  int strokes = 1;
  std::vector<Coat> coats;
  std::size_t under = 0;
  double tooth_left = 1;
};

StackGeometry make_geometry(const optics::Ground& ground, const optics::Parameters& parameters,
                            std::span<const StrokeShape> shapes);

/// All one- and two-stroke geometries of the given media that put no harder medium over a softer one.
std::vector<StackGeometry> all_geometries(const optics::Ground& ground, const optics::Parameters& parameters,
                                          std::span<const optics::Medium> media);

/// Strata of one stack with these two pigments (the second is ignored where there is one stroke), by the fast kernel.
optics::StrataSpectra shade_stack(const StackGeometry& geometry, const optics::Ground& ground,
                                  const optics::Pigment& first, const optics::Pigment& second);

/// K and S of a mixture of two.
optics::Pigment blend(const optics::Pigment& p, const optics::Pigment& q, float share_of_q);

}  // namespace yd::plan
