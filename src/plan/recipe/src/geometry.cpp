// SPDX-License-Identifier: MIT
#include "recipe/geometry.h"

#include <algorithm>

#include "optics/look.h"
#include "support/bounds.h"

namespace yd::plan {
namespace {

std::array<float, kMostStrokes> shares_of(const optics::Mix& mix) {
  std::array<float, kMostStrokes> out{};
  for (const auto& part : mix.parts) out[within(static_cast<std::size_t>(part.pigment), out.size() - 1)] += part.share;
  return out;
}

}  // namespace

void lay_on(optics::Pile& pile, std::span<const StrokeShape> shapes) {
  const StrokeShape& last = shapes.back();
  pile.stroke(static_cast<int>(shapes.size()) - 1, last.medium, last.pressure);
  if (last.technique == Technique::rubbed) pile.rub();
}

StackGeometry make_geometry(const optics::Ground& ground, const optics::Parameters& parameters,
                            std::span<const StrokeShape> shapes) {
  optics::Pile pile(ground, parameters);
  for (std::size_t i = 1; i <= shapes.size(); ++i) lay_on(pile, shapes.first(i));
  return geometry_of(pile, shapes);
}

StackGeometry geometry_of(const optics::Pile& pile, std::span<const StrokeShape> shapes) {
  StackGeometry g;
  g.strokes = static_cast<int>(within(shapes.size(), g.shape.size()));
  std::copy(shapes.begin(), shapes.end(), g.shape.begin());
  g.tooth_left = pile.tooth_left();
  for (const optics::PileCoat& c : optics::coats_of(pile)) {
    const StackGeometry::Coat coat{c.loads, shares_of(pile.mixes()[static_cast<std::size_t>(c.mix)])};
    if (coat.share[0] >= 1 && g.under == g.coats.size()) ++g.under;
    g.coats.push_back(coat);
  }
  return g;
}

std::vector<StrokeShape> all_shapes(std::span<const optics::Medium> media) {
  std::vector<StrokeShape> shapes;
  for (const optics::Medium m : media) {
    for (const double p : kPressures) {
      for (const Technique t : {Technique::laid, Technique::rubbed}) shapes.push_back({m, p, t});
    }
  }
  return shapes;
}

std::vector<StackGeometry> all_geometries(const optics::Ground& ground, const optics::Parameters& parameters,
                                          std::span<const optics::Medium> media) {
  const std::vector<StrokeShape> shapes = all_shapes(media);
  std::vector<StackGeometry> out;
  for (const StrokeShape& first : shapes) {
    out.push_back(make_geometry(ground, parameters, std::span(&first, 1)));
    for (const StrokeShape& second : shapes) {
      if (!may_lie_over(second.medium, first.medium)) continue;
      const std::array<StrokeShape, 2> both{first, second};
      out.push_back(make_geometry(ground, parameters, both));
    }
  }
  return out;
}

optics::CoarsePigment blend(std::span<const float> shares, std::span<const optics::CoarsePigment* const> pigments) {
  optics::CoarsePigment m;
  for (std::size_t n = 0; n < pigments.size(); ++n) {
    if (shares[n] <= 0) continue;
    for (std::size_t i = 0; i < colour::kCoarseBands; ++i) {
      m.k[i] += shares[n] * pigments[n]->k[i];
      m.s[i] += shares[n] * pigments[n]->s[i];
    }
  }
  return m;
}

optics::CoarseStrata shade_stack(const StackGeometry& geometry, const optics::Ground& ground,
                                 std::span<const optics::CoarsePigment* const> pigments) {
  const optics::Kernel& kernel = optics::kernel();
  optics::CoarseStrata state = optics::coarse(ground.reflectance);
  optics::CoatTable table;
  for (const StackGeometry::Coat& c : geometry.coats) {
    kernel.films(blend(c.share, pigments), c.loads, table);
    kernel.lay(state, table, state);
  }
  return state;
}

}  // namespace yd::plan
