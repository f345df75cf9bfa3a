// SPDX-License-Identifier: MIT
#include "tells.h"

#include <algorithm>
#include <cmath>

#include "marks/too_narrow.h"

namespace yd::plan {
namespace {

/// How a pass lies on a shade.
struct Laid {
  double pressure = 0;
  bool rubbed = false;
};

Laid as_planned(const Pass& pass, std::size_t target) {
  const double pressure = lies_on(pass, target) ? pressure_on(pass, static_cast<int>(target)) : 0;
  return {pressure, pass.technique == Technique::rubbed && pressure > 0};
}

/// The pile of a shade when all is done, with strokes as `lies` has them; what is washed and sprayed is that of
/// `target`.
template <class Lies>
int pile_when(const MarkingInput& in, PileTree& tree, std::size_t target, const Lies& lies) {
  int pile = 0;
  for (std::size_t i = 0; i < in.passes.size(); ++i) {
    const Pass& p = in.passes[i];
    if (p.skipped || p.finishing) continue;
    const bool here = lies_on(p, target);
    if (p.kind == PassKind::coat && here && pile == 0) pile = tree.coated(p.underpaint + 1);
    if (p.kind == PassKind::fix && here) pile = tree.fixed(pile);
    if (p.kind != PassKind::stroke) continue;
    const Laid laid = lies(i);
    const int step = PileTree::step_of(laid.pressure);
    if (step == 0) continue;
    pile = tree.laid(pile, p.stick, step);
    if (laid.rubbed) pile = tree.rubbed(pile);
  }
  return pile;
}

colour::Din99o finished(const MarkingInput& in, PileTree& tree, std::size_t target) {
  return tree.seen(pile_when(in, tree, target, [&](std::size_t i) { return as_planned(in.passes[i], target); }));
}

/// With one pass laid otherwise.
cv::Vec3f finished_with(const MarkingInput& in, PileTree& tree, std::size_t target, std::size_t pass, Laid laid) {
  const colour::Din99o c = tree.seen(
      pile_when(in, tree, target, [&](std::size_t i) { return i == pass ? laid : as_planned(in.passes[i], target); }));
  return {c.l, c.a, c.b};
}

/// Where a hand grades from a shade towards another.
colour::Din99o graded(const MarkingInput& in, PileTree& tree, std::size_t own, std::size_t other, double share) {
  return tree.seen(pile_when(in, tree, own, [&](std::size_t i) {
    const Pass& p = in.passes[i];
    const double pressure = (1 - share) * as_planned(p, own).pressure + share * as_planned(p, other).pressure;
    return Laid{pressure, p.technique == Technique::rubbed};
  }));
}

}  // namespace

bool lies_on(const Pass& p, std::size_t target) {
  return std::binary_search(p.targets.begin(), p.targets.end(), static_cast<int>(target));
}

std::vector<ShadeMade> shades_made(const MarkingInput& in, PileTree& tree) {
  std::vector<ShadeMade> out;
  for (std::size_t t = 0; t < in.targets.size(); ++t) {
    ShadeMade made;
    made.seen = finished(in, tree, t);
    made.strokes = std::max(1, static_cast<int>(in.targets[t].recipe.strokes.size()));
    for (const Stroke& s : in.targets[t].recipe.strokes)
      made.narrowest_mm = std::max(made.narrowest_mm, finest_mm(in.sticks[static_cast<std::size_t>(s.stick)]));
    out.push_back(made);
  }
  constexpr float kAlike = 12;  // apart at most: no hand grades further within a mark
  for (std::size_t t = 0; t < out.size(); ++t) {
    for (std::size_t o = 0; o < out.size(); ++o) {
      if (o == t || in.targets[o].mass != in.targets[t].mass) continue;
      if (std::sqrt(colour::distance_squared(out[t].seen, out[o].seen)) > kAlike) continue;
      for (const float share : {0.25F, 0.5F})
        out[t].graded.push_back({static_cast<int>(o), share, graded(in, tree, t, o, static_cast<double>(share))});
    }
  }
  return out;
}

std::vector<Tells> what_passes_tell(const MarkingInput& in, PileTree& tree) {
  std::vector<Tells> out(in.passes.size());
  for (std::size_t i = 0; i < in.passes.size(); ++i) {
    const Pass& p = in.passes[i];
    if (!strokes(p)) continue;
    const bool rubbed = p.technique == Technique::rubbed;
    for (std::size_t t = 0; t < in.targets.size(); ++t) {
      const bool here = lies_on(p, t);
      const double pressure = here ? pressure_on(p, static_cast<int>(t)) : p.pressure;
      const cv::Vec3f without = finished_with(in, tree, t, i, {});
      const cv::Vec3f with = finished_with(in, tree, t, i, {pressure, rubbed && here});
      out[i].laid.push_back((with - without) * (1 / static_cast<float>(pressure)));
      if (!rubbed) continue;
      const cv::Vec3f other = finished_with(in, tree, t, i, {pressure, !here});
      out[i].rubbed.push_back(here ? with - other : other - with);
    }
  }
  return out;
}

}  // namespace yd::plan
