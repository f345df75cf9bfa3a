// SPDX-License-Identifier: MIT
#include "accents.h"

#include <algorithm>

#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "parallel/each.h"
#include "search/layer_search.h"

namespace yd::plan {
namespace {

constexpr double kSet = 1;             // pressure of an accent
constexpr double kWorthAPass = 0.014;  // and all of a pass on the picture; less than a layer's, for it takes a minute
constexpr double kMayMix = 6;          // CIEDE2000 further off than what is there: what lies below brings it nearer
constexpr double kMends = 0.4;         // of what is off that an accent has to take away
constexpr double kSameField = 4;       // CIEDE2000 between two parts of a mass that the eye takes for one
constexpr double kMostArea = 0.03;     // of the picture: what is more is a layer

struct Accent {
  std::vector<ShadeGain> gains;
  double worth = 0;
};

class Accents {
 public:
  Accents(const Finishing& input, std::span<const int> tray, int most) : in_(input), tray_(tray), most_(most) {}

  int run() {
    for (int made = 0; made < most_; ++made) {
      std::vector<Accent> found(tray_.size());
      parallel::each(found.size(), [&](std::size_t i) { found[i] = of_stick(tray_[i]); });
      const auto best = std::max_element(found.begin(), found.end(),
                                         [](const Accent& p, const Accent& q) { return p.worth < q.worth; });
      if (best == found.end() || best->worth < kWorthAPass) return made;
      for (ShadeGain& g : best->gains) in_.targets[g.target].recipe = std::move(g.recipe);
    }
    return most_;
  }

 private:
  /// Whether the stick might help the shade at all.
  bool may_help(const TargetPlan& t, int stick) const {
    if (in_.rules[static_cast<std::size_t>(t.mass)].school == School::flat_broken)
      return false;  // three strokes, and the first again on top
    if (t.by_hand || t.solid <= 0 || t.recipe.de00 < kWorthAStroke) return false;
    const std::vector<Stroke>& strokes = t.recipe.strokes;
    if (!strokes.empty() && strokes.back().level >= kAccentLevel) return false;
    return colour::ciede2000(in_.sticks[static_cast<std::size_t>(stick)].lab, t.target) < t.recipe.de00 + kMayMix;
  }

  bool allowed(const TargetPlan& t, const Stroke& top, const media::Stick& stick) const {
    const StackRules& rules = in_.rules[static_cast<std::size_t>(t.mass)];
    const media::Stick& below = in_.sticks[static_cast<std::size_t>(top.stick)];
    if (below.id == stick.id) return false;
    if (rules.manner == Manner::rubbed && top.technique != Technique::rubbed) return false;
    return may_lie_over(stick.medium, below.medium) && stick_may_follow(rules, below, stick) &&
           shape_may_follow(rules, {below.medium, top.pressure, top.technique}, {stick.medium, kSet, Technique::laid});
  }

  Accent of_stick(int stick) const {
    Accent out;
    for (std::size_t i = 0; i < in_.targets.size(); ++i) {
      const TargetPlan& t = in_.targets[i];
      if (!may_help(t, stick)) continue;
      Recipe recipe = with_accent(t, stick);
      const double gain = t.recipe.de00 - recipe.de00;
      if (recipe.strokes.empty() || gain < std::max(kWorthAStroke, kMends * t.recipe.de00)) continue;
      const double brings = t.stands_out ? seen_off(t.recipe.de00) - seen_off(recipe.de00) : gain;
      out.gains.push_back({i, worth_of(brings, t), std::move(recipe)});
    }
    keep_the_best(out, taken_by(stick));
    return out;
  }

  /// How far off the eye finds a colour that stands out.
  static double seen_off(double de00) { return std::min(de00, kMissing) + missing(de00); }

  /// The stick over the shade's layers, or over the first of them: a small dark thing before a light ground is left out
  /// of what the ground is covered with.
  Recipe with_accent(const TargetPlan& t, int stick) const {
    const std::vector<Stroke>& layers = t.recipe.strokes;
    const media::Stick& above = in_.sticks[static_cast<std::size_t>(stick)];
    const StackRules& rules = in_.rules[static_cast<std::size_t>(t.mass)];
    Recipe best;
    for (std::size_t n = layers.size() + 1; n-- > static_cast<std::size_t>(t.laid);) {
      if (n > 0 ? !allowed(t, layers[n - 1], above) : !may_begin(rules, above, t.target)) continue;
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
  void keep_the_best(Accent& accent, double area) const {
    const auto density = [&](const ShadeGain& g) { return g.worth / std::max(1e-9, in_.targets[g.target].area); };
    std::stable_sort(accent.gains.begin(), accent.gains.end(),
                     [&](const ShadeGain& p, const ShadeGain& q) { return density(p) > density(q); });
    std::size_t kept = 0;
    while (kept < accent.gains.size() && area + in_.targets[accent.gains[kept].target].area <= kMostArea) {
      area += in_.targets[accent.gains[kept].target].area;
      accent.worth += accent.gains[kept++].worth;
    }
    accent.gains.resize(kept);
    leave_fields_whole(accent);
  }

  /// A patch out of an even field is no accent: what is hardly another colour than a larger part of its mass that goes
  /// without is left as it is; one that is left may make a patch of the next.
  void leave_fields_whole(Accent& accent) const {
    const auto taken = [&](std::size_t target) {
      return std::any_of(accent.gains.begin(), accent.gains.end(),
                         [&](const ShadeGain& gain) { return gain.target == target; });
    };
    const auto patch = [&](const ShadeGain& gain) {
      const TargetPlan& own = in_.targets[gain.target];
      for (std::size_t i = 0; i < in_.targets.size(); ++i) {
        const TargetPlan& t = in_.targets[i];
        if (t.mass == own.mass && t.area > own.area && !taken(i) &&
            colour::ciede2000(t.target, own.target) < kSameField)
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

  const Finishing& in_;
  std::span<const int> tray_;
  int most_;
};

}  // namespace

double worth_of(double gain, const TargetPlan& target) {
  const double caught = target.stands_out ? kVividWeight : caught_by_eye(target.target, 2);
  return caught * gain * counted(target) * target.solid;
}

bool may_begin(const StackRules& rules, const media::Stick& stick, const colour::Lab& target) {
  return rules.school != School::dark_first || stick.lab.l >= kDarkStick || target.l <= kLightShade;
}

int add_accents(const Finishing& input, std::span<const int> tray, int most) {
  return Accents(input, tray, most).run();
}

}  // namespace yd::plan
