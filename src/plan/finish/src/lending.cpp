// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "colour/ciede2000.h"
#include "finish/move.h"
#include "parallel/each.h"
#include "search/lattice.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr int kMostOfMass = 3;  // passes lent to one mass

class Lending : public Move {
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
    for (const auto& [way, shades] : ways_) lent_.push_back(way);
    loans_.resize(masses_.size());
  }

  double price() const override { return prices().lend.mass; }

  Proposal propose() override {
    parallel::each(masses_.size(), [&](std::size_t m) {
      if (!loans_[m].empty()) return;
      for (const PassKey& w : lent_) loans_[m].push_back(loan(masses_[m], w));
    });
    Proposal best;
    for (std::size_t m = 0; m < loans_.size(); ++m) {
      for (std::size_t w = 0; w < loans_[m].size(); ++w) {
        if (loans_[m][w].worth <= best.worth) continue;
        best.worth = loans_[m][w].worth;
        best.which = m * lent_.size() + w;
      }
    }
    if (best.worth > 0) best.gains = loans_[best.which / lent_.size()][best.which % lent_.size()].gains;
    return best;
  }

  void taken(const Proposal& change) override {
    Here& mass = masses_[change.which / lent_.size()];
    mass.ways.insert(lent_[change.which % lent_.size()]);
    ++mass.lent;
    loans_[change.which / lent_.size()].clear();
  }

 private:
  struct Here {
    std::size_t mass = 0;
    std::vector<std::size_t> targets;
    std::set<PassKey> ways;  ///< that go to it already
    int least = 0;           ///< above what is laid already
    int lent = 0;
  };

  Proposal loan(const Here& mass, const PassKey& way) const {
    Proposal out;
    if (mass.lent >= kMostOfMass || way.level < mass.least || !may_join(mass, way)) return out;
    for (const std::size_t t : mass.targets) {
      const ShadeGain g = gain(t, way);
      if (g.worth > 0) {
        out.worth += g.worth;
        out.gains.push_back(g);
      }
    }
    return out;
  }

  /// Two passes of one level meet in a mass only where their order is plain to all: from dark to light.
  bool may_join(const Here& mass, const PassKey& way) const {
    const double l = in_.sticks[static_cast<std::size_t>(way.stick)].lab.l;
    const bool lightest_first = in_.rules[mass.mass].school->order == SchoolLaws::Order::lights_first;
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
    if (target.by_hand || target.solid <= 0 || target.recipe.de00 < prices().stroke.gain) return out;
    if (target.recipe.strokes.size() >= most_ || has(target.recipe, stick)) return out;
    if (colour::ciede2000(s.lab, target.target) > std::max(prices().lend.helps, target.recipe.de00) &&
        !builds_alike(way, target))
      return out;
    std::vector<Stroke> strokes = target.recipe.strokes;
    const auto at = std::find_if(strokes.begin(), strokes.end(), [&](const Stroke& u) { return comes_before(way, u); });
    const auto place = static_cast<std::size_t>(at - strokes.begin());
    if (!may_be_used(target, s, how, place == 0)) return out;
    strokes.insert(at, {stick, 1, how, false, level});
    std::vector<Lay> stack = lays_of(strokes, in_.sticks);
    double least = target.recipe.de00 - prices().stroke.gain;
    for (const double pressure : kGrades) {
      strokes[place].pressure = pressure;
      stack[place].pressure = pressure;
      if (!may_lie_between(in_.rules[static_cast<std::size_t>(target.mass)], stack, place)) continue;
      Recipe recipe = evaluate(in_.ground(target), *in_.parameters, in_.sticks, strokes, target.target);
      if (recipe.de00 < least) {
        least = recipe.de00;
        out.recipe = std::move(recipe);
      }
    }
    if (!out.recipe.strokes.empty()) out.worth = worth_of(target.recipe.de00 - least, target);
    return out;
  }

  static bool has(const Recipe& recipe, int stick) {
    return std::any_of(recipe.strokes.begin(), recipe.strokes.end(), [&](const Stroke& s) { return s.stick == stick; });
  }

  /// A veil of white helps hills that other hills of their colour are built with.
  bool builds_alike(const PassKey& way, const TargetPlan& target) const {
    const std::vector<colour::Lab>& shades = ways_.at(way);
    return std::any_of(shades.begin(), shades.end(), [&](const colour::Lab& other) {
      return std::abs(other.l - target.target.l) < prices().lend.alike &&
             colour::ciede2000(other, target.target) < prices().lend.alike;
    });
  }

  /// What school and manner say of the stroke itself; `first`: on the paper.
  bool may_be_used(const TargetPlan& t, const media::Stick& stick, Technique how, bool first) const {
    const StackRules& rules = in_.rules[static_cast<std::size_t>(t.mass)];
    if (rules.school->whole) return false;
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

  Finishing in_;
  std::size_t most_;
  std::vector<Here> masses_;
  std::map<PassKey, std::vector<colour::Lab>> ways_;  ///< what may be lent, and the shades that are built with it
  std::vector<PassKey> lent_;                         ///< the same passes
  std::vector<std::vector<Proposal>> loans_;          ///< of each mass, by pass; empty: to be worked out
};

}  // namespace

std::unique_ptr<Move> lending(const Finishing& input, int most_strokes) {
  return std::make_unique<Lending>(input, most_strokes);
}

}  // namespace yd::plan
