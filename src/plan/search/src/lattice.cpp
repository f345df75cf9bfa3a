#include "search/lattice.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>

#include "colour/observer.h"
#include "seen_from_above.h"

namespace yd::plan {
namespace {

constexpr std::size_t kSteps = kGrades.size();
constexpr double kEvenSpeckle = 5.0;    // standard deviation of L* up to which a passage reads as even
constexpr double kSpeckleWeight = 0.3;  // CIEDE2000 for each unit beyond
constexpr double kLeastTooth = 0.03;    // less room than this and the last layer does not hold
constexpr double kNoTooth = 1.0;        // CIEDE2000

float squared(double x) { return static_cast<float>(x * x); }

colour::Din99o between(const colour::Din99o& p, const colour::Din99o& q, float by) {
  return {(p.l - q.l) * by, (p.a - q.a) * by, (p.b - q.b) * by};
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
  for (const media::Stick& s : in_.sticks) pigments_.push_back(media::pigment_of(s, *in_.parameters));
  bare_ = colour::to_xyz(optics::mean(in_.ground->reflectance), colour::weights(colour::Illuminant::d50));
}

std::int64_t Lattice::key(const Layering& layering) const {
  std::int64_t k = 0;
  for (const Layer& layer : layering) {
    const auto medium = static_cast<std::int64_t>(in_.sticks[static_cast<std::size_t>(layer.stick)].medium);
    k = k * 16 + 1 + medium * 2 + static_cast<std::int64_t>(layer.technique);
  }
  return k;
}

ChainGeometry Lattice::make_chain(const Layering& layering) const {
  ChainGeometry out;
  const std::size_t count = nodes_of(layering.size());
  for (std::size_t n = 0; n < count; ++n) {
    std::vector<StrokeShape> shapes;
    for (std::size_t i = 0; i < layering.size(); ++i) {
      const media::Stick& stick = in_.sticks[static_cast<std::size_t>(layering[i].stick)];
      shapes.push_back({stick.medium, kGrades[grade_at(n, i)], layering[i].technique});
    }
    bool allowed = manner_allows(in_.rules.manner, shapes);
    for (std::size_t i = 1; i < shapes.size(); ++i)
      allowed = allowed && shape_may_follow(in_.rules, shapes[i - 1], shapes[i]);
    out.nodes.push_back(make_geometry(*in_.ground, *in_.parameters, shapes));
    out.allowed.push_back(allowed ? 1 : 0);
  }
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
  tbb::parallel_for(std::size_t{0}, list.size(), [&](std::size_t i) { made[i] = make_chain(*list[i].second); });
  for (std::size_t i = 0; i < list.size(); ++i) chains_.emplace(list[i].first, std::move(made[i]));
}

const ChainGeometry& Lattice::chain(const Layering& layering) const { return chains_.at(key(layering)); }

Looks Lattice::looks(const Layering& layering) const {
  const ChainGeometry& c = chain(layering);
  std::array<const optics::Pigment*, kMostStrokes> pigments{};
  for (std::size_t i = 0; i < layering.size(); ++i) pigments[i] = &pigment(layering[i].stick);
  Looks out;
  for (std::size_t n = 0; n < c.nodes.size(); ++n) {
    if (c.allowed[n] == 0) {
      out.at.push_back({});
      out.lab.push_back({});
      out.speckle.push_back(0);
      continue;
    }
    const auto strata = shade_stack(c.nodes[n], *in_.ground, std::span(pigments).first(layering.size()));
    const optics::Look look = optics::look(strata);
    out.at.push_back(colour::to_din99o(look.lab));
    out.lab.push_back(look.lab);
    out.speckle.push_back(static_cast<float>(look.spread_l));
  }
  add_unsteadiness(out, c, hand_);
  return out;
}

Looks Lattice::guess(const Layering& layering) const {
  const ChainGeometry& c = chain(layering);
  std::array<const optics::Pigment*, kMostStrokes> pigments{};
  for (std::size_t i = 0; i < layering.size(); ++i) pigments[i] = &pigment(layering[i].stick);
  const auto used = std::span(pigments).first(layering.size());
  Looks out;
  for (const StackGeometry& node : c.nodes) out.at.push_back(colour::to_din99o(guess_from_above(node, used, bare_)));
  out.speckle.assign(c.nodes.size(), 0);
  add_unsteadiness(out, c, hand_);
  return out;
}

void add_unsteadiness(Looks& looks, const ChainGeometry& chain, double hand) {
  const std::size_t count = looks.at.size();
  looks.unsteady.assign(count, 0);
  std::size_t stride = 1;
  for (; stride < count; stride *= kSteps) {
    for (std::size_t n = 0; n < count; ++n) {
      const std::size_t grade = n / stride % kSteps;
      const std::size_t low = grade > 0 ? n - stride : n;
      const std::size_t high = grade + 1 < kSteps ? n + stride : n;
      const double apart = kGrades[high / stride % kSteps] - kGrades[low / stride % kSteps];
      const auto by = static_cast<float>(hand * kGrades[grade] / apart);
      looks.unsteady[n] += colour::distance_squared(between(looks.at[high], looks.at[low], by), {});
    }
  }
  for (std::size_t n = 0; n < count; ++n) {
    looks.unsteady[n] += squared(kSpeckleWeight * std::max(0.0, looks.speckle[n] - kEvenSpeckle));
    if (chain.nodes[n].tooth_left < kLeastTooth) looks.unsteady[n] += squared(kNoTooth);
    if (chain.allowed[n] == 0) looks.unsteady[n] = kNotAllowed;
  }
}

}  // namespace yd::plan
