// SPDX-License-Identifier: MIT
#include "finish/going_on.h"

#include <algorithm>
#include <atomic>
#include <map>

#include "parallel/each.h"
#include "search/lattice.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr std::array kFirmness{0.15, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875, 1.0};
constexpr int kMostAdded = 5;

class GoingOn : public Move {
 public:
  GoingOn(const Finishing& in, const PlanOptions& options, std::span<const int> tray)
      : in_(in), options_(options), tray_(tray) {
    for (const int stick : tray_) {
      for (const Technique t : kAllTechniques) ways_.emplace_back(stick, t);
    }
  }

  std::uint64_t looks() const { return looks_; }

  /// Takes up what lies there and what was to come, at pressures that suit.
  void begin() {
    for (TargetPlan& t : in_.targets) take_up(t);
    parallel::each(in_.targets.size(), [&](std::size_t t) { refine(in_.targets[t]); });
  }

  double price() const override { return prices().going_on.picture; }

  Proposal propose() override {
    // Only where a stroke was added is anything new.
    gains_.resize(in_.targets.size());
    parallel::each(gains_.size(), [&](std::size_t t) {
      if (!gains_[t].empty()) return;
      for (const auto& [stick, technique] : ways_) gains_[t].push_back(gain_on(t, stick, technique));
    });
    std::vector<More> all(ways_.size());
    for (std::size_t i = 0; i < all.size(); ++i) {
      for (const std::vector<Gain>& of : gains_) {
        if (of[i].worth > 0) all[i].gains.push_back(of[i]);
      }
      keep_masses(all[i]);
    }
    const auto best =
        std::max_element(all.begin(), all.end(), [](const More& p, const More& q) { return p.worth < q.worth; });
    if (best == all.end() || best->worth < price()) return {};
    const auto& [stick, technique] = ways_[static_cast<std::size_t>(best - all.begin())];
    Proposal out{best->worth, {}, 0};
    const int level = next_level();
    for (const Gain& g : best->gains) {
      const TargetPlan& t = in_.targets[g.target];
      out.gains.push_back({g.target, g.worth, evaluated(t, with(t, {stick, g.pressure, technique, false, level}))});
    }
    return out;
  }

  void taken(const Proposal& change) override {
    for (const ShadeGain& g : change.gains) gains_[g.target].clear();
  }

 private:
  Recipe evaluated(const TargetPlan& t, std::vector<Stroke> strokes) const {
    ++looks_;
    return evaluate(in_.ground(t), *in_.parameters, in_.sticks, std::move(strokes), t.target);
  }
  bool in_tray(int stick) const { return std::find(tray_.begin(), tray_.end(), stick) != tray_.end(); }

  /// What lies on a shade and what was to come.
  void take_up(TargetPlan& t) const {
    std::vector<Stroke> strokes = laid_on(options_.laid, t);
    t.laid = static_cast<int>(strokes.size());
    t.by_hand = chosen_by_hand(options_, t.mass) != nullptr;
    for (const RestOfShade& r : options_.rest) {
      if (r.mass != t.mass || r.shade != t.shade) continue;
      std::copy_if(r.strokes.begin(), r.strokes.end(), std::back_inserter(strokes),
                   [&](const Stroke& s) { return in_tray(s.stick); });
    }
    t.recipe = evaluated(t, std::move(strokes));
  }

  /// CIEDE2000 over a hand that presses the strokes to come as meant, lighter or firmer.
  double expected(const TargetPlan& t, const std::vector<Stroke>& strokes) const {
    double sum = 0;
    for (const double by : {1.0, 1 - options_.hand, 1 + options_.hand}) {
      std::vector<Stroke> pressed = strokes;
      for (std::size_t i = static_cast<std::size_t>(t.laid); i < pressed.size(); ++i)
        pressed[i].pressure = std::clamp(pressed[i].pressure * by, 0.02, 1.0);
      sum += evaluated(t, std::move(pressed)).de00 / 3;
    }
    return sum;
  }

  /// One stroke after the other, twice.
  void refine(TargetPlan& t) const {
    std::vector<Stroke> best = t.recipe.strokes;
    const double before = expected(t, best);
    double least = before;
    for (int round = 0; round < 2; ++round) {
      for (std::size_t i = static_cast<std::size_t>(t.laid); i < best.size(); ++i) {
        for (const double p : kFirmness) {
          std::vector<Stroke> tried = best;
          tried[i].pressure = p;
          const double cost = expected(t, tried);
          if (cost < least) {
            least = cost;
            best = std::move(tried);
          }
        }
      }
    }
    if (before - least > prices().going_on.pressure) t.recipe = evaluated(t, std::move(best));
  }

  bool may_follow(const TargetPlan& t, int stick, Technique technique) const {
    if (t.recipe.strokes.empty()) return true;
    const auto top = std::find_if(t.recipe.strokes.rbegin(), t.recipe.strokes.rend(),
                                  [](const Stroke& s) { return s.level < kAccentLevel; });
    if (top == t.recipe.strokes.rend()) return true;
    const Lay below{&in_.sticks[static_cast<std::size_t>(top->stick)], top->technique, {}};
    const Lay above{&in_.sticks[static_cast<std::size_t>(stick)], technique, {}};
    return may_lie_on(to_cover(in_.rules[static_cast<std::size_t>(t.mass)].manner), below, above, false);
  }

  /// Whether the stick's colour lies on the side of the target at all.
  bool towards(const TargetPlan& t, int stick) const {
    const colour::Lab& is = t.recipe.look.lab;
    const colour::Lab& own = in_.sticks[static_cast<std::size_t>(stick)].lab;
    return (own.l - is.l) * (t.target.l - is.l) + (own.a - is.a) * (t.target.a - is.a) +
               (own.b - is.b) * (t.target.b - is.b) >
           0;
  }

  struct Gain {
    std::size_t target = 0;
    double worth = 0;  ///< CIEDE2000 times share of the picture
    double pressure = 0;
  };
  struct More {
    double worth = 0;
    std::vector<Gain> gains;
  };

  /// One more stroke on a shade at the pressure that suits it.
  Gain gain_on(std::size_t target, int stick, Technique technique) const {
    const TargetPlan& t = in_.targets[target];
    Gain out{target, 0, 0};
    if (t.recipe.de00 < prices().going_on.shade || !towards(t, stick) || !may_follow(t, stick, technique)) return out;
    double least = t.recipe.de00 - prices().going_on.shade;
    for (const double p : kGrades) {
      const double de00 = evaluated(t, with(t, {stick, p, technique, false, 0})).de00;
      if (de00 < least) {
        least = de00;
        out.pressure = p;
      }
    }
    if (out.pressure <= 0) return out;
    const double gain =
        expected(t, t.recipe.strokes) - expected(t, with(t, {stick, out.pressure, technique, false, 0}));
    out.worth = gain < prices().going_on.shade ? 0 : gain * counted(t);
    return out;
  }

  /// Only where a mass as a whole gains: a hand goes over a mass, not over a shade here and there.
  void keep_masses(More& more) const {
    std::map<int, std::pair<double, double>> masses;  // gain, area
    for (const TargetPlan& t : in_.targets) masses[t.mass].second += t.area;
    for (const Gain& g : more.gains) masses[in_.targets[g.target].mass].first += g.worth;
    std::erase_if(more.gains, [&](const Gain& g) {
      const auto& [gain, area] = masses[in_.targets[g.target].mass];
      return gain < prices().going_on.mass * area;
    });
    for (const Gain& g : more.gains) more.worth += g.worth;
  }

  int next_level() const {
    int level = 0;
    for (const TargetPlan& t : in_.targets) {
      for (const Stroke& s : t.recipe.strokes) level = std::max(level, s.level < kAccentLevel ? s.level + 1 : 0);
    }
    return std::min(level, kAccentLevel - 1);
  }

  /// Over everything that is there or to come, but below accents to come.
  static std::vector<Stroke> with(const TargetPlan& t, const Stroke& more) {
    std::vector<Stroke> out = t.recipe.strokes;
    auto at = out.begin() + t.laid;
    while (at != out.end() && at->level < kAccentLevel) ++at;
    out.insert(at, more);
    return out;
  }

  Finishing in_;
  const PlanOptions& options_;
  std::span<const int> tray_;
  std::vector<std::pair<int, Technique>> ways_;
  std::vector<std::vector<Gain>> gains_;  ///< of each target, by each way
  mutable std::atomic<std::uint64_t> looks_{0};
};

}  // namespace

Result<std::uint64_t> go_on(const Finishing& input, const PlanOptions& options, std::span<const int> tray,
                            Observer& observer) {
  GoingOn going_on(input, options, tray);
  going_on.begin();
  for (int i = 0; i < kMostAdded; ++i) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
    observer.progress(0.3 + 0.14 * i, "building recipes");
    if (take_while_worth(going_on, input.targets, 1) == 0) break;
  }
  observer.progress(1, "building recipes");
  return going_on.looks();
}

}  // namespace yd::plan
