// SPDX-License-Identifier: MIT
#include "lending.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "colour/ciede2000.h"
#include "parallel/each.h"
#include "search/layer_search.h"

namespace yd::plan {
namespace {

constexpr double kWorthGoing = 0.004;  // and all of them on the picture, for a mass to be gone to
constexpr double kHelps = 14;          // CIEDE2000 from the shade to a stick that may help it
constexpr double kAlike = 8;           // or to another shade that is built with it
constexpr int kMostOfMass = 3;         // passes lent to one mass

/// A pass on a mass that it does not go to yet.
struct Loan {
  std::vector<ShadeGain> gains;
  double worth = 0;
};

class Lending {
 public:
  Lending(const Finishing& input, int most_strokes) : in_(input), most_(static_cast<std::size_t>(most_strokes)) {
    for (std::size_t t = 0; t < in_.targets.size(); ++t) {
      const TargetPlan& target = in_.targets[t];
      const auto mass = static_cast<std::size_t>(target.mass);
      if (mass >= masses_.size()) masses_.resize(mass + 1);
      masses_[mass].mass = mass;
      masses_[mass].targets.push_back(t);
      for (std::size_t i = 0; i < target.recipe.strokes.size(); ++i) {
        const Stroke& s = target.recipe.strokes[i];
        masses_[mass].ways.insert(pass_of(s));
        const bool to_come = static_cast<int>(i) >= target.laid;
        if (to_come && s.level < kAccentLevel) ways_[pass_of(s)].push_back(target.target);
        if (!to_come) masses_[mass].least = std::max(masses_[mass].least, s.level + 1);
      }
    }
  }

  void run() {
    std::vector<PassKey> ways;
    for (const auto& [way, shades] : ways_) ways.push_back(way);
    std::vector<std::vector<Loan>> loans(masses_.size());
    while (true) {
      parallel::each(masses_.size(), [&](std::size_t m) {
        if (!loans[m].empty()) return;
        for (const PassKey& w : ways) loans[m].push_back(loan(masses_[m], w));
      });
      std::pair<std::size_t, std::size_t> best;
      double worth = kWorthGoing;
      for (std::size_t m = 0; m < loans.size(); ++m) {
        for (std::size_t w = 0; w < loans[m].size(); ++w) {
          if (loans[m][w].worth > worth) worth = loans[m][w].worth, best = {m, w + 1};
        }
      }
      if (best.second == 0) return;
      Here& mass = masses_[best.first];
      for (ShadeGain& g : loans[best.first][best.second - 1].gains) in_.targets[g.target].recipe = std::move(g.recipe);
      mass.ways.insert(ways[best.second - 1]);
      ++mass.lent;
      loans[best.first].clear();
    }
  }

 private:
  struct Here {
    std::size_t mass = 0;
    std::vector<std::size_t> targets;
    std::set<PassKey> ways;  ///< that go to it already
    int least = 0;           ///< above what is laid already
    int lent = 0;
  };

  Loan loan(const Here& mass, const PassKey& way) const {
    Loan out;
    if (mass.lent >= kMostOfMass || way.level < mass.least || !may_join(mass, way)) return out;
    for (const std::size_t t : mass.targets) {
      const ShadeGain g = gain(t, way);
      if (g.worth > 0) out.worth += g.worth, out.gains.push_back(g);
    }
    return out;
  }

  /// Two passes of one level meet in a mass only where their order is plain to all: from dark to light.
  bool may_join(const Here& mass, const PassKey& way) const {
    const double l = in_.sticks[static_cast<std::size_t>(way.stick)].lab.l;
    const bool lightest_first = lights_first(in_.rules[mass.mass].school);
    return std::none_of(mass.ways.begin(), mass.ways.end(), [&](const PassKey& here) {
      const double other = in_.sticks[static_cast<std::size_t>(here.stick)].lab.l;
      return here == way || (here.level == way.level && (lightest_first || std::min(l, other) >= kAccentLight));
    });
  }

  ShadeGain gain(std::size_t t, const PassKey& way) const {
    const TargetPlan& target = in_.targets[t];
    const auto& [level, stick, how] = way;
    const media::Stick& s = in_.sticks[static_cast<std::size_t>(stick)];
    ShadeGain out{t, 0, {}};
    if (target.by_hand || target.solid <= 0 || target.recipe.de00 < kWorthAStroke) return out;
    if (target.recipe.strokes.size() >= most_) return out;
    if (colour::ciede2000(s.lab, target.target) > std::max(kHelps, target.recipe.de00) && !builds_alike(way, target))
      return out;
    std::vector<Stroke> strokes = target.recipe.strokes;
    const auto at = std::find_if(strokes.begin(), strokes.end(), [&](const Stroke& u) { return comes_before(way, u); });
    const auto place = static_cast<std::size_t>(at - strokes.begin());
    if (!may_be_used(target, s, how, place == 0)) return out;
    strokes.insert(at, {stick, 1, how, false, level});
    double least = target.recipe.de00 - kWorthAStroke;
    for (const double pressure : kGrades) {
      strokes[place].pressure = pressure;
      if (!allowed(target, strokes, place)) continue;
      Recipe recipe = evaluate(in_.ground(target), *in_.parameters, in_.sticks, strokes, target.target);
      if (recipe.de00 < least) least = recipe.de00, out.recipe = std::move(recipe);
    }
    if (!out.recipe.strokes.empty()) out.worth = worth_of(target.recipe.de00 - least, target);
    return out;
  }

  /// A veil of white helps hills that other hills of their colour are built with.
  bool builds_alike(const PassKey& way, const TargetPlan& target) const {
    const std::vector<colour::Lab>& shades = ways_.at(way);
    return std::any_of(shades.begin(), shades.end(), [&](const colour::Lab& other) {
      return std::abs(other.l - target.target.l) < kAlike && colour::ciede2000(other, target.target) < kAlike;
    });
  }

  /// What school and manner say of the stroke itself; `first`: on the paper.
  bool may_be_used(const TargetPlan& t, const media::Stick& stick, Technique how, bool first) const {
    const StackRules& rules = in_.rules[static_cast<std::size_t>(t.mass)];
    if (rules.school == School::flat_broken) return false;  // three strokes, and the first of them again on top
    if (rules.manner == Manner::broken && how == Technique::rubbed) return false;
    return !first || may_begin(rules, stick, t.target);
  }

  /// As make_jobs orders what is of one level.
  bool comes_before(const PassKey& way, const Stroke& other) const {
    const auto place = [&](const PassKey& p) {
      return std::tuple(p.level, in_.sticks[static_cast<std::size_t>(p.stick)].lab.l, p.stick, p.technique);
    };
    return place(way) < place(pass_of(other));
  }

  bool allowed(const TargetPlan& t, const std::vector<Stroke>& strokes, std::size_t place) const {
    const StackRules& rules = in_.rules[static_cast<std::size_t>(t.mass)];
    for (std::size_t i = 0; i < strokes.size(); ++i) {
      if (i < place && !may_follow(rules, strokes[i], strokes[place], i + 1 == place)) return false;
      if (i > place && !may_follow(rules, strokes[place], strokes[i], i == place + 1)) return false;
    }
    return true;
  }

  bool may_follow(const StackRules& rules, const Stroke& under, const Stroke& over, bool next) const {
    const media::Stick& below = in_.sticks[static_cast<std::size_t>(under.stick)];
    const media::Stick& above = in_.sticks[static_cast<std::size_t>(over.stick)];
    if (under.stick == over.stick) return false;
    if (rules.manner == Manner::rubbed && under.technique != Technique::rubbed) return false;
    if (!may_lie_over(above.medium, below.medium) || !stick_may_follow(rules, below, above)) return false;
    if (over.technique == Technique::rubbed && dirties(below, above)) return false;
    return !next || shape_may_follow(rules, {below.medium, under.pressure, under.technique},
                                     {above.medium, over.pressure, over.technique});
  }

  const Finishing& in_;
  std::size_t most_;
  std::vector<Here> masses_;
  std::map<PassKey, std::vector<colour::Lab>> ways_;  ///< what may be lent, and the shades that are built with it
};

}  // namespace

void lend_strokes(const Finishing& input, int most_strokes) { Lending(input, most_strokes).run(); }

}  // namespace yd::plan
