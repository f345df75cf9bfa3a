// SPDX-License-Identifier: MIT
#include "search/lattice.h"

#include <algorithm>
#include <cmath>

#include "colour/observer.h"
#include "parallel/each.h"
#include "seen_from_above.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr std::size_t kSteps = kGrades.size();
constexpr std::size_t kGuessEvery = 2;  // a guess is made at half the grades only

colour::Din99o between(const colour::Din99o& p, const colour::Din99o& q, float by) {
  return {(p.l - q.l) * by, (p.a - q.a) * by, (p.b - q.b) * by};
}

/// A node of a lattice that has only every `every`-th grade, as a node of the whole one.
std::size_t whole_node(std::size_t node, std::size_t layers, std::size_t every) {
  const std::size_t steps = kSteps / every;
  std::size_t out = 0;
  std::size_t place = 1;
  for (std::size_t i = 0; i < layers; ++i, place *= kSteps, node /= steps)
    out += place * (node % steps * every + every - 1);
  return out;
}

/// Shades the nodes of a chain one after the other and keeps what two of them have in common, which is all but the
/// topmost coats where the last layer varies fastest.
class NodeShader {
 public:
  NodeShader(const optics::Ground& ground, std::span<const optics::CoarsePigment* const> pigments)
      : pigments_(pigments), states_{optics::coarse(ground.reflectance)} {}

  const optics::CoarseStrata& shade(const StackGeometry& g) {
    std::size_t same = 0;
    while (last_ != nullptr && same < std::min(g.coats.size(), last_->coats.size()) &&
           alike(g.coats[same], last_->coats[same]))
      ++same;
    if (states_.size() <= g.coats.size()) states_.resize(g.coats.size() + 1);
    for (std::size_t c = same; c < g.coats.size(); ++c) {
      optics::kernel().films(blend(g.coats[c].share, pigments_), g.coats[c].loads, table_);
      optics::kernel().lay(states_[c], table_, states_[c + 1]);
    }
    last_ = &g;
    return states_[g.coats.size()];
  }

 private:
  static bool alike(const StackGeometry::Coat& p, const StackGeometry::Coat& q) {
    return p.share == q.share && p.loads.load == q.loads.load && p.loads.cover == q.loads.cover &&
           p.loads.scatter_scale == q.loads.scatter_scale;
  }

  std::span<const optics::CoarsePigment* const> pigments_;
  std::vector<optics::CoarseStrata> states_;  ///< under each coat, and the last
  const StackGeometry* last_ = nullptr;
  optics::CoatTable table_;
};

/// The n-th node if the last layer varies fastest.
std::size_t last_fastest(std::size_t n, std::size_t count) {
  std::size_t out = 0;
  for (std::size_t place = count / kSteps; place > 0; place /= kSteps, n /= kSteps) out += place * (n % kSteps);
  return out;
}

}  // namespace

std::size_t nodes_of(std::size_t layers) {
  std::size_t n = 1;
  for (std::size_t i = 0; i < layers; ++i) n *= kSteps;
  return n;
}

std::size_t grade_at(std::size_t node, std::size_t layer) {
  for (std::size_t i = 0; i < layer; ++i) node /= kSteps;
  return node % kSteps;
}

std::vector<Stroke> strokes_at(const Layering& layering, std::size_t node) {
  std::vector<Stroke> out;
  for (std::size_t i = 0; i < layering.size(); ++i)
    out.push_back({layering[i].stick, kGrades[grade_at(node, i)], layering[i].technique});
  return out;
}

Lattice::Lattice(const SearchInput& input, double hand) : in_(input), hand_(hand) {
  for (const media::Stick& s : in_.sticks) pigments_.push_back(optics::coarse(media::pigment_of(s, *in_.parameters)));
  bare_ = colour::to_xyz(optics::mean(lowest().reflectance), colour::weights(colour::Illuminant::d50));
}

std::int64_t Lattice::key(const Layering& layering) const {
  constexpr std::int64_t kKinds = 2 * 64 + 1;  // of a layer, and none; four of them fit in a key
  std::int64_t k = 0;
  for (const Layer& layer : layering) {
    const auto medium = static_cast<std::int64_t>(in_.sticks[static_cast<std::size_t>(layer.stick)].medium);
    k = k * kKinds + 1 + medium * 2 + static_cast<std::int64_t>(layer.technique);
  }
  return k;
}

optics::Pile Lattice::pile_below(std::vector<StrokeShape>& shapes) const {
  optics::Pile there(lowest(), *in_.parameters);
  for (const Stroke& s : in_.below.strokes) {
    if (s.fix_first) there.fix();
    shapes.push_back({in_.sticks[static_cast<std::size_t>(s.stick)].medium, s.pressure, s.technique});
    lay_on(there, shapes);
  }
  return there;
}

ChainGeometry Lattice::make_chain(const Layering& layering) const {
  ChainGeometry out;
  out.nodes.resize(nodes_of(layering.size()));
  out.allowed.resize(out.nodes.size());
  std::vector<StrokeShape> shapes;
  const optics::Pile there = pile_below(shapes);
  const std::size_t below = shapes.size();
  // Layer upon layer: what lies below is laid once for all that may lie on it.
  const auto grow = [&](const auto& again, const optics::Pile& under, std::size_t node, std::size_t place) -> void {
    const std::size_t i = shapes.size() - below;
    if (i == layering.size()) {
      out.nodes[node] = geometry_of(under, shapes);
      out.allowed[node] = shapes_allowed(in_.rules, std::span(shapes).subspan(below)) ? 1 : 0;
      return;
    }
    const media::Stick& stick = in_.sticks[static_cast<std::size_t>(layering[i].stick)];
    for (std::size_t step = 0; step < kSteps; ++step) {
      shapes.push_back({stick.medium, kGrades[step], layering[i].technique});
      optics::Pile pile = under;
      lay_on(pile, shapes);
      again(again, pile, node + step * place, place * kSteps);
      shapes.pop_back();
    }
  };
  grow(grow, there, 0, 1);
  return out;
}

void Lattice::prepare(std::span<const Layering> layerings) {
  std::map<std::int64_t, const Layering*> wanted;
  for (const Layering& l : layerings) {
    const std::int64_t k = key(l);
    if (chains_.find(k) == chains_.end()) wanted.emplace(k, &l);
  }
  std::vector<std::pair<std::int64_t, const Layering*>> list(wanted.begin(), wanted.end());
  std::vector<ChainGeometry> made(list.size());
  parallel::each(list.size(), [&](std::size_t i) { made[i] = make_chain(*list[i].second); });
  for (std::size_t i = 0; i < list.size(); ++i) chains_.emplace(list[i].first, std::move(made[i]));
}

const ChainGeometry& Lattice::chain(const Layering& layering) const { return chains_.at(key(layering)); }

std::vector<const optics::CoarsePigment*> Lattice::pigments_of(const Layering& layering) const {
  std::vector<const optics::CoarsePigment*> out;
  for (const Stroke& s : in_.below.strokes) out.push_back(&pigment(s.stick));
  for (const Layer& l : layering) out.push_back(&pigment(l.stick));
  return out;
}

Looks Lattice::looks(const Layering& layering) const {
  const ChainGeometry& c = chain(layering);
  const std::vector<const optics::CoarsePigment*> pigments = pigments_of(layering);
  const std::size_t count = c.nodes.size();
  Looks out;
  out.at.resize(count);
  out.lab.resize(count);
  out.speckle.resize(count);
  out.spread_l.resize(count);
  NodeShader shader(lowest(), pigments);
  // What a school bars is worked out too where it allows a neighbour: a hand that is off does not heed it.
  const bool barred = std::count(c.allowed.begin(), c.allowed.end(), 1) == 0;
  for (std::size_t i = 0; i < count && !barred; ++i) {
    const std::size_t n = last_fastest(i, count);
    const optics::CoarseStrata& strata = shader.shade(c.nodes[n]);
    out.lab[n] = colour::to_lab(optics::mean(strata));
    out.at[n] = colour::to_din99o(out.lab[n]);
    const optics::Speckle specks = optics::speckle(strata);
    out.speckle[n] = static_cast<float>(specks.seen);
    out.spread_l[n] = static_cast<float>(specks.l);
  }
  add_unsteadiness(out, c, hand_);
  for (float& m : out.marks) m *= static_cast<float>(marks_count(in_.rules.school));
  return out;
}

std::optional<Lattice::Between> Lattice::between(const Layering& layering, std::span<const double> pressures) const {
  std::vector<StrokeShape> shapes;
  optics::Pile pile = pile_below(shapes);
  const std::size_t below = shapes.size();
  Layering used;
  for (std::size_t i = 0; i < layering.size(); ++i) {
    if (pressures[i] <= 0) continue;
    const media::Stick& stick = in_.sticks[static_cast<std::size_t>(layering[i].stick)];
    shapes.push_back({stick.medium, pressures[i], layering[i].technique});
    lay_on(pile, shapes);
    used.push_back(layering[i]);
  }
  if (!shapes_allowed(in_.rules, std::span(shapes).subspan(below))) return {};
  const StackGeometry geometry = geometry_of(pile, shapes);
  const std::vector<const optics::CoarsePigment*> pigments = pigments_of(used);
  NodeShader shader(lowest(), pigments);
  const optics::CoarseStrata& strata = shader.shade(geometry);
  return Between{colour::to_lab(optics::mean(strata)), optics::speckle(strata).seen, geometry.tooth_left};
}

Looks Lattice::guess(const Layering& layering) const {
  const ChainGeometry& c = chain(layering);
  const std::vector<const optics::CoarsePigment*> used = pigments_of(layering);
  std::size_t count = 1;
  for (std::size_t i = 0; i < layering.size(); ++i) count *= kSteps / kGuessEvery;
  Looks out;
  for (std::size_t n = 0; n < count; ++n)
    out.at.push_back(
        colour::to_din99o(guess_from_above(c.nodes[whole_node(n, layering.size(), kGuessEvery)], used, bare_)));
  out.speckle.assign(count, 0);
  add_unsteadiness(out, c, hand_, kGuessEvery);
  return out;
}

namespace {

/// What speckle, tooth and the rules of laying make of a look; `node`: its place in the chain.
void add_marks(Looks& looks, const ChainGeometry& chain, std::size_t n, std::size_t node) {
  looks.unsteady[n] += static_cast<float>(uneven_of(looks.speckle[n], chain.nodes[node].tooth_left));
  looks.marks[n] = static_cast<float>(marks_of(looks.speckle[n]));
  if (chain.allowed[node] == 0) looks.unsteady[n] = kNotAllowed;
}

}  // namespace

double uneven_of(double speckle, double tooth_left) {
  const double more = prices().speckle.beyond * std::max(0.0, speckle - prices().speckle.even);
  return more * more + (tooth_left < prices().tooth.least ? prices().tooth.none * prices().tooth.none : 0);
}

double marks_of(double speckle) {
  const double more = prices().smooth.beyond * std::max(0.0, speckle - prices().smooth.even);
  return more * more;
}

void add_unsteadiness(Looks& looks, const ChainGeometry& chain, double hand, std::size_t every) {
  const std::size_t count = looks.at.size();
  const std::size_t steps = kSteps / every;
  std::size_t layers = 0;
  for (std::size_t n = 1; n < count; n *= steps) ++layers;
  const auto grade = [&](std::size_t step) { return kGrades[step * every + every - 1]; };
  looks.unsteady.assign(count, 0);
  looks.marks.assign(count, 0);
  for (std::size_t stride = 1; stride < count; stride *= steps) {
    for (std::size_t n = 0; n < count; ++n) {
      const std::size_t step = n / stride % steps;
      const std::size_t low = step > 0 ? n - stride : n;
      const std::size_t high = step + 1 < steps ? n + stride : n;
      const double apart = grade(high / stride % steps) - grade(low / stride % steps);
      const auto by = static_cast<float>(hand * grade(step) / apart);
      looks.unsteady[n] += colour::distance_squared(between(looks.at[high], looks.at[low], by), {});
    }
  }
  for (std::size_t n = 0; n < count; ++n) add_marks(looks, chain, n, whole_node(n, layers, every));
}

}  // namespace yd::plan
