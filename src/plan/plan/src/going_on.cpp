// SPDX-License-Identifier: MIT
#include "going_on.h"

#include <algorithm>
#include <atomic>
#include <map>

#include "parallel/each.h"
#include "search/lattice.h"

namespace yd::plan {
namespace {

constexpr std::array kFirmness{0.15, 0.25, 0.375, 0.5, 0.625, 0.75, 0.875, 1.0};
constexpr double kWorthChanging = 0.15;  // CIEDE2000 on a shade that another pressure must bring
constexpr double kWorthOnShade = 0.3;    // that one more stroke must bring a shade
constexpr double kWorthOnMass = 0.3;     // and all of it, over the whole of a mass
constexpr double kWorthAdding = 0.035;   // and the whole picture
constexpr int kMostAdded = 5;

class GoingOn {
 public:
  GoingOn(const PaintingInput& in, std::span<const int> tray) : in_(in), tray_(tray) {}

  Result<std::uint64_t> run(Observer& observer) {
    for (TargetPlan& t : in_.targets) take_up(t);
    parallel::each(in_.targets.size(), [&](std::size_t t) { refine(in_.targets[t]); });
    for (int i = 0; i < kMostAdded; ++i) {
      if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
      observer.progress(0.3 + 0.14 * i, "building recipes");
      if (!add_one()) break;
    }
    observer.progress(1, "building recipes");
    return looks_.load();
  }

 private:
  const optics::Ground& ground(const TargetPlan& t) const {
    return t.coat < 0 ? in_.paper->ground : in_.coats[static_cast<std::size_t>(t.coat)].ground;
  }
  Recipe evaluated(const TargetPlan& t, std::vector<Stroke> strokes) const {
    ++looks_;
    return evaluate(ground(t), *in_.parameters, in_.sticks, std::move(strokes), t.target);
  }
  bool in_tray(int stick) const { return std::find(tray_.begin(), tray_.end(), stick) != tray_.end(); }
  optics::Medium medium(int stick) const { return in_.sticks[static_cast<std::size_t>(stick)].medium; }

  /// What lies on a shade and what was to come.
  void take_up(TargetPlan& t) const {
    std::vector<Stroke> strokes = laid_on(in_.options->laid, t);
    t.laid = static_cast<int>(strokes.size());
    t.by_hand = chosen_by_hand(*in_.options, t.mass) != nullptr;
    for (const RestOfShade& r : in_.options->rest) {
      if (r.mass != t.mass || r.shade != t.shade) continue;
      std::copy_if(r.strokes.begin(), r.strokes.end(), std::back_inserter(strokes),
                   [&](const Stroke& s) { return in_tray(s.stick); });
    }
    t.recipe = evaluated(t, std::move(strokes));
  }

  /// CIEDE2000 over a hand that presses the strokes to come as meant, lighter or firmer.
  double expected(const TargetPlan& t, const std::vector<Stroke>& strokes) const {
    double sum = 0;
    for (const double by : {1.0, 1 - in_.options->hand, 1 + in_.options->hand}) {
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
          if (cost < least) least = cost, best = std::move(tried);
        }
      }
    }
    if (before - least > kWorthChanging) t.recipe = evaluated(t, std::move(best));
  }

  bool may_follow(const TargetPlan& t, int stick, Technique technique) const {
    if (t.recipe.strokes.empty()) return true;
    const auto top = std::find_if(t.recipe.strokes.rbegin(), t.recipe.strokes.rend(),
                                  [](const Stroke& s) { return s.level < kAccentLevel; });
    if (top == t.recipe.strokes.rend()) return true;
    const media::Stick& below = in_.sticks[static_cast<std::size_t>(top->stick)];
    const media::Stick& above = in_.sticks[static_cast<std::size_t>(stick)];
    // What is wrong is covered, whatever the school's order was.
    return may_lie_over(above.medium, below.medium) &&
           (technique == Technique::laid || in_.rules[static_cast<std::size_t>(t.mass)].manner != Manner::broken);
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
    int stick = -1;
    Technique technique = Technique::laid;
    double worth = 0;
    std::vector<Gain> gains;
  };

  /// One more stroke on a shade at the pressure that suits it.
  Gain gain_on(std::size_t target, int stick, Technique technique) const {
    const TargetPlan& t = in_.targets[target];
    Gain out{target, 0, 0};
    if (t.recipe.de00 < kWorthOnShade || !towards(t, stick) || !may_follow(t, stick, technique)) return out;
    double least = t.recipe.de00 - kWorthOnShade;
    for (const double p : kGrades) {
      const double de00 = evaluated(t, with(t, {stick, p, technique, false, 0})).de00;
      if (de00 < least) least = de00, out.pressure = p;
    }
    if (out.pressure <= 0) return out;
    const double gain =
        expected(t, t.recipe.strokes) - expected(t, with(t, {stick, out.pressure, technique, false, 0}));
    out.worth = gain < kWorthOnShade ? 0 : gain * counted(t);
    return out;
  }

  /// Only where a mass as a whole gains: a hand goes over a mass, not over a shade here and there.
  void keep_masses(More& more) const {
    std::map<int, std::pair<double, double>> masses;  // gain, area
    for (const TargetPlan& t : in_.targets) masses[t.mass].second += t.area;
    for (const Gain& g : more.gains) masses[in_.targets[g.target].mass].first += g.worth;
    std::erase_if(more.gains, [&](const Gain& g) {
      const auto& [gain, area] = masses[in_.targets[g.target].mass];
      return gain < kWorthOnMass * area;
    });
    for (const Gain& g : more.gains) more.worth += g.worth;
  }

  bool add_one() {
    std::vector<More> all;
    for (const int stick : tray_) {
      for (const Technique t : kAllTechniques) all.push_back({stick, t, 0, {}});
    }
    // Only where a stroke was added is anything new.
    gains_.resize(in_.targets.size());
    parallel::each(gains_.size(), [&](std::size_t t) {
      if (!gains_[t].empty()) return;
      for (const More& m : all) gains_[t].push_back(gain_on(t, m.stick, m.technique));
    });
    for (std::size_t i = 0; i < all.size(); ++i) {
      for (const std::vector<Gain>& of : gains_) {
        if (of[i].worth > 0) all[i].gains.push_back(of[i]);
      }
      keep_masses(all[i]);
    }
    const auto best =
        std::max_element(all.begin(), all.end(), [](const More& p, const More& q) { return p.worth < q.worth; });
    if (best == all.end() || best->worth < kWorthAdding) return false;
    int level = 0;
    for (const TargetPlan& t : in_.targets) {
      for (const Stroke& s : t.recipe.strokes) level = std::max(level, s.level < kAccentLevel ? s.level + 1 : 0);
    }
    level = std::min(level, kAccentLevel - 1);
    for (const Gain& g : best->gains) {
      TargetPlan& t = in_.targets[g.target];
      t.recipe = evaluated(t, with(t, {best->stick, g.pressure, best->technique, false, level}));
      gains_[g.target].clear();
    }
    return true;
  }

  /// Over everything that is there or to come, but below accents to come.
  static std::vector<Stroke> with(const TargetPlan& t, const Stroke& more) {
    std::vector<Stroke> out = t.recipe.strokes;
    auto at = out.begin() + t.laid;
    while (at != out.end() && at->level < kAccentLevel) ++at;
    out.insert(at, more);
    return out;
  }

  const PaintingInput& in_;
  std::span<const int> tray_;
  std::vector<std::vector<Gain>> gains_;  ///< of each target, by each way
  mutable std::atomic<std::uint64_t> looks_{0};
};

}  // namespace

Result<std::uint64_t> go_on(const PaintingInput& input, std::span<const int> tray, Observer& observer) {
  return GoingOn(input, tray).run(observer);
}

}  // namespace yd::plan
