// SPDX-License-Identifier: MIT
#include <algorithm>

#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "finish/move.h"
#include "parallel/each.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr double kSet = 1;  // pressure of an accent

class Accents : public Move {
 public:
  Accents(const Finishing& input, std::span<const int> tray) : in_(input), tray_(tray) {}

  double price() const override { return prices().accent.pass; }

  Proposal propose() override {
    std::vector<Proposal> found(tray_.size());
    parallel::each(found.size(), [&](std::size_t i) { found[i] = of_stick(tray_[i]); });
    const auto best = std::max_element(found.begin(), found.end(),
                                       [](const Proposal& p, const Proposal& q) { return p.worth < q.worth; });
    return best == found.end() ? Proposal{} : std::move(*best);
  }

 private:
  /// Whether the stick might help the shade at all.
  bool may_help(const TargetPlan& t, int stick) const {
    if (in_.rules[static_cast<std::size_t>(t.mass)].school->whole) return false;
    if (t.by_hand || t.solid <= 0 || t.recipe.de00 < prices().stroke.gain) return false;
    const std::vector<Stroke>& strokes = t.recipe.strokes;
    if (!strokes.empty() && strokes.back().level >= kAccentLevel) return false;
    return colour::ciede2000(in_.sticks[static_cast<std::size_t>(stick)].lab, t.target) <
           t.recipe.de00 + prices().accent.mixes;
  }

  Proposal of_stick(int stick) const {
    Proposal out;
    for (std::size_t i = 0; i < in_.targets.size(); ++i) {
      const TargetPlan& t = in_.targets[i];
      if (!may_help(t, stick)) continue;
      Recipe recipe = with_accent(t, stick);
      const double gain = t.recipe.de00 - recipe.de00;
      if (recipe.strokes.empty() || gain < std::max(prices().stroke.gain, prices().accent.mends * t.recipe.de00))
        continue;
      const double brings = t.stands_out ? seen_off(t.recipe.de00) - seen_off(recipe.de00) : gain;
      out.gains.push_back({i, worth_of(brings, t), std::move(recipe)});
    }
    keep_the_best(out, taken_by(stick));
    return out;
  }

  /// How far off the eye finds a colour that stands out.
  static double seen_off(double de00) { return std::min(de00, prices().missing.from) + missing(de00); }

  /// The stick over the shade's layers, or over the first of them: a small dark thing before a light ground is left out
  /// of what the ground is covered with.
  Recipe with_accent(const TargetPlan& t, int stick) const {
    const std::vector<Stroke>& layers = t.recipe.strokes;
    const StackRules& rules = in_.rules[static_cast<std::size_t>(t.mass)];
    const std::vector<Lay> stack = lays_of(layers, in_.sticks);
    const Lay accent{&in_.sticks[static_cast<std::size_t>(stick)], Technique::laid, kSet};
    Recipe best;
    for (std::size_t n = layers.size() + 1; n-- > static_cast<std::size_t>(t.laid);) {
      if (!may_lay(rules, std::span(stack).first(n), accent)) continue;
      if (n == 0 && !may_begin(rules, *accent.stick, t.target)) continue;
      std::vector<Stroke> strokes(layers.begin(), layers.begin() + static_cast<std::ptrdiff_t>(n));
      strokes.push_back({stick, kSet, Technique::laid, false, kAccentLevel});
      Recipe recipe = evaluate(in_.ground(t), *in_.parameters, in_.sticks, std::move(strokes), t.target);
      if (best.strokes.empty() || recipe.de00 < best.de00) best = std::move(recipe);
    }
    return best;
  }

  /// What has an accent of this stick already: two of them are one pass.
  double taken_by(int stick) const {
    double area = 0;
    for (const TargetPlan& t : in_.targets) {
      const std::vector<Stroke>& strokes = t.recipe.strokes;
      if (!strokes.empty() && strokes.back().level >= kAccentLevel && strokes.back().stick == stick) area += t.area;
    }
    return area;
  }

  /// As many shades as fit into an accent of which `area` is taken, those that gain most for their size first.
  void keep_the_best(Proposal& accent, double area) const {
    const auto density = [&](const ShadeGain& g) { return g.worth / std::max(1e-9, in_.targets[g.target].area); };
    std::stable_sort(accent.gains.begin(), accent.gains.end(),
                     [&](const ShadeGain& p, const ShadeGain& q) { return density(p) > density(q); });
    std::size_t kept = 0;
    while (kept < accent.gains.size() &&
           area + in_.targets[accent.gains[kept].target].area <= prices().accent.most_area) {
      area += in_.targets[accent.gains[kept].target].area;
      accent.worth += accent.gains[kept++].worth;
    }
    accent.gains.resize(kept);
    leave_fields_whole(accent);
  }

  /// A patch out of an even field is no accent: what is hardly another colour than a larger part of its mass that goes
  /// without is left as it is; one that is left may make a patch of the next.
  void leave_fields_whole(Proposal& accent) const {
    const auto taken = [&](std::size_t target) {
      return std::any_of(accent.gains.begin(), accent.gains.end(),
                         [&](const ShadeGain& gain) { return gain.target == target; });
    };
    const auto patch = [&](const ShadeGain& gain) {
      const TargetPlan& own = in_.targets[gain.target];
      for (std::size_t i = 0; i < in_.targets.size(); ++i) {
        const TargetPlan& t = in_.targets[i];
        if (t.mass == own.mass && t.area > own.area && !taken(i) &&
            colour::ciede2000(t.target, own.target) < prices().accent.field)
          return true;
      }
      return false;
    };
    auto g = accent.gains.end();
    while ((g = std::find_if(accent.gains.begin(), accent.gains.end(), patch)) != accent.gains.end())
      accent.gains.erase(g);
    accent.worth = 0;
    for (const ShadeGain& gain : accent.gains) accent.worth += gain.worth;
  }

  Finishing in_;
  std::span<const int> tray_;
};

}  // namespace

std::unique_ptr<Move> accents(const Finishing& input, std::span<const int> tray) {
  return std::make_unique<Accents>(input, tray);
}

}  // namespace yd::plan
