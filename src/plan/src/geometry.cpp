#include "plan/geometry.h"

#include <set>

namespace yd::plan {
namespace {

using optics::kStrata;

float share_of_second(const optics::Mix& mix) {
  float share = 0;
  for (const auto& part : mix.parts) {
    if (part.pigment == 1) share += part.share;
  }
  return share;
}

/// The coats of one event, over all strata.
StackGeometry::Coat gather(const optics::Pile& pile, int event) {
  StackGeometry::Coat out;
  for (std::size_t i = 0; i < kStrata; ++i) {
    for (const optics::Coat& c : pile.strata()[i]) {
      if (c.event != event || c.load <= 0) continue;
      out.share_of_second = share_of_second(pile.mixes()[static_cast<std::size_t>(c.mix)]);
      out.loads.load[i] = c.load;
      out.loads.cover[i] = optics::grain_cover(c.load, c.grain);
      out.loads.scatter_scale = c.scatter_scale;
    }
  }
  return out;
}

std::set<int> events(const optics::Pile& pile) {
  std::set<int> out;
  for (const auto& stratum : pile.strata()) {
    for (const optics::Coat& c : stratum) {
      if (c.load > 0) out.insert(c.event);
    }
  }
  return out;
}

}  // namespace

StackGeometry make_geometry(const optics::Ground& ground, const optics::Parameters& parameters,
                            std::span<const StrokeShape> shapes) {
  StackGeometry g;
  optics::Pile pile(ground, parameters);
  g.strokes = static_cast<int>(shapes.size());
  for (std::size_t i = 0; i < shapes.size(); ++i) {
    g.shape[i] = shapes[i];
    pile.stroke(static_cast<int>(i), shapes[i].medium, shapes[i].pressure);
    if (shapes[i].technique == Technique::rubbed) pile.rub();
  }
  g.tooth_left = pile.tooth_left();
  for (const int event : events(pile)) {
    StackGeometry::Coat coat = gather(pile, event);
    if (coat.share_of_second == 0 && g.under == g.coats.size()) ++g.under;
    g.coats.push_back(coat);
  }
  return g;
}

std::vector<StackGeometry> all_geometries(const optics::Ground& ground, const optics::Parameters& parameters,
                                          std::span<const optics::Medium> media) {
  std::vector<StrokeShape> shapes;
  for (const optics::Medium m : media) {
    for (const double p : kPressures) {
      for (const Technique t : {Technique::laid, Technique::rubbed}) shapes.push_back({m, p, t});
    }
  }
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

optics::Pigment blend(const optics::Pigment& p, const optics::Pigment& q, float share_of_q) {
  optics::Pigment m;
  for (std::size_t i = 0; i < colour::kBands; ++i) {
    m.k[i] = p.k[i] + share_of_q * (q.k[i] - p.k[i]);
    m.s[i] = p.s[i] + share_of_q * (q.s[i] - p.s[i]);
  }
  return m;
}

optics::StrataSpectra shade_stack(const StackGeometry& geometry, const optics::Ground& ground,
                                  const optics::Pigment& first, const optics::Pigment& second) {
  const optics::Kernel& kernel = optics::kernel();
  optics::StrataSpectra state;
  state.fill(ground.reflectance);
  optics::CoatTable table;
  for (const StackGeometry::Coat& c : geometry.coats) {
    kernel.films(blend(first, second, c.share_of_second), c.loads, table);
    kernel.lay(state, table, state);
  }
  return state;
}

}  // namespace yd::plan
