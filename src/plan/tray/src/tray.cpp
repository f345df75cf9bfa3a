// SPDX-License-Identifier: MIT
#include "tray/tray.h"

#include <algorithm>
#include <limits>
#include <map>
#include <set>

#include "parallel/each.h"
#include "support/least.h"
#include "support/random.h"

namespace yd::plan {
namespace {

/// Cost of the cheaper order of a pair, by target: what the swap search looks up.
class Unordered {
 public:
  explicit Unordered(const PairTable& table)
      : sticks_(table.sticks()), targets_(table.targets()), cost_(sticks_ * sticks_ * targets_) {
    parallel::each(sticks_, [&](std::size_t i) {
      for (std::size_t t = 0; t < targets_; ++t) {
        for (std::size_t j = 0; j < sticks_; ++j) {
          cost_[at(i, t, j)] = std::min(table.cost(t, i, j), table.cost(t, j, i));
        }
      }
    });
  }
  const float* row(std::size_t stick, std::size_t target) const { return &cost_[at(stick, target, 0)]; }
  std::size_t sticks() const { return sticks_; }
  std::size_t targets() const { return targets_; }

 private:
  std::size_t at(std::size_t i, std::size_t t, std::size_t j) const { return (i * targets_ + t) * sticks_ + j; }
  std::size_t sticks_;
  std::size_t targets_;
  std::vector<float> cost_;
};

class SwapSearch {
 public:
  SwapSearch(const Unordered& costs, const TrayProblem& problem)
      : costs_(costs), weights_(problem.weights), held_(costs.sticks()), barred_(costs.sticks()) {
    for (const int s : problem.wishes.must_have) held_[static_cast<std::size_t>(s)] = 1;
    for (const int s : problem.wishes.forbidden) barred_[static_cast<std::size_t>(s)] = 1;
  }

  std::vector<float> best_costs(const std::vector<int>& tray) const {
    std::vector<float> best(costs_.targets(), kForbidden);
    for (const int i : tray) {
      for (std::size_t t = 0; t < best.size(); ++t) {
        const float* row = costs_.row(static_cast<std::size_t>(i), t);
        for (const int j : tray) best[t] = std::min(best[t], row[j]);
      }
    }
    return best;
  }

  double total(const std::vector<float>& best) const {
    double sum = 0;
    for (std::size_t t = 0; t < best.size(); ++t) sum += weights_[t] * priced(best[t]);
    return sum;
  }

  /// The tray's cost once `stick` joins it; `best` are the costs without it.
  double with(const std::vector<float>& best, const std::vector<int>& tray, std::size_t stick) const {
    double sum = 0;
    for (std::size_t t = 0; t < best.size(); ++t) {
      const float* row = costs_.row(stick, t);
      float c = std::min(best[t], row[stick]);
      for (const int j : tray) c = std::min(c, row[j]);
      sum += weights_[t] * priced(c);
    }
    return sum;
  }

  /// Cost with each stick added; infinite for those in the tray or barred.
  std::vector<double> additions(const std::vector<int>& tray) const {
    const std::vector<float> best = best_costs(tray);
    std::vector<double> sums(costs_.sticks(), std::numeric_limits<double>::infinity());
    parallel::each(costs_.sticks(), [&](std::size_t s) {
      if (barred_[s] == 0 && std::find(tray.begin(), tray.end(), static_cast<int>(s)) == tray.end())
        sums[s] = with(best, tray, s);
    });
    return sums;
  }

  struct Addition {
    int stick = -1;
    double cost = std::numeric_limits<double>::infinity();
  };
  Addition best_addition(const std::vector<int>& tray) const {
    const std::vector<double> sums = additions(tray);
    const auto least = std::min_element(sums.begin(), sums.end());
    if (!(*least < std::numeric_limits<double>::infinity())) return {};
    return {static_cast<int>(least - sums.begin()), *least};
  }

  void grow(std::vector<int>& tray, std::size_t size) const {
    while (tray.size() < size) {
      const Addition a = best_addition(tray);
      if (a.stick < 0) return;
      tray.push_back(a.stick);
    }
  }

  /// Best single swap, repeated until none helps. Returns the cost.
  double improve(std::vector<int>& tray, const Observer& observer) const {
    double now = total(best_costs(tray));
    while (!observer.cancelled()) {
      std::size_t out = 0;
      Addition in;
      for (std::size_t r = 0; r < tray.size(); ++r) {
        if (held(tray[r])) continue;
        const Addition a = best_addition(without(tray, r));
        if (a.cost < in.cost) {
          in = a;
          out = r;
        }
      }
      if (in.stick < 0 || in.cost >= now - 1e-9) break;
      tray[out] = in.stick;
      now = in.cost;
    }
    return now;
  }

  bool held(int stick) const { return held_[static_cast<std::size_t>(stick)] != 0; }
  bool barred(int stick) const { return barred_[static_cast<std::size_t>(stick)] != 0; }

  static std::vector<int> without(const std::vector<int>& tray, std::size_t place) {
    std::vector<int> rest = tray;
    rest.erase(rest.begin() + static_cast<std::ptrdiff_t>(place));
    return rest;
  }

 private:
  const Unordered& costs_;
  std::span<const double> weights_;
  std::vector<char> held_;
  std::vector<char> barred_;
};

/// The tray without the stick at a place, and with each of the most promising others there.
std::vector<std::vector<int>> trays_without(const SwapSearch& search, const std::vector<int>& tray, std::size_t place) {
  constexpr std::size_t kTried = 12;
  std::vector<std::vector<int>> out;
  std::vector<int> rest = SwapSearch::without(tray, place);
  if (!rest.empty()) out.push_back(rest);
  const std::vector<double> sums = search.additions(rest);
  rest.push_back(0);
  for (const std::size_t s : least_of(sums.size(), kTried, [&](std::size_t i) { return sums[i]; })) {
    if (sums[s] >= kForbidden) break;
    rest.back() = static_cast<int>(s);
    out.push_back(rest);
  }
  return out;
}

/// Swaps, and leaving a stick out, judged by the whole cost with the prices of the wishes.
double meet_wishes(const TrayProblem& problem, const SwapSearch& search, std::vector<int>& tray,
                   const Observer& observer) {
  double now = tray_cost(problem, tray);
  for (bool better = true; better && !observer.cancelled();) {
    better = false;
    std::vector<int> best = tray;
    for (std::size_t r = 0; r < tray.size(); ++r) {
      if (search.held(tray[r])) continue;
      for (const std::vector<int>& tried : trays_without(search, tray, r)) {
        const double cost = tray_cost(problem, tried);
        if (cost < now - 1e-9) {
          now = cost;
          best = tried;
          better = true;
        }
      }
    }
    tray = best;
  }
  return now;
}

Status check(const TrayProblem& p, const TrayOptions& options) {
  const auto& w = p.wishes;
  if (options.most_sticks < 1) return bad_value("sticks", "at least one is needed");
  if (p.weights.size() != p.table->targets()) return bad_value("weights", "must be one for each target");
  if (w.must_have.size() > static_cast<std::size_t>(options.most_sticks))
    return bad_value("must_have", "asks for more sticks than the tray may hold");
  const auto there = [&](int s) { return s >= 0 && static_cast<std::size_t>(s) < p.table->sticks(); };
  for (const int s : w.must_have) {
    if (!there(s)) return bad_value("must_have", "names a stick that is not there");
    if (std::find(w.forbidden.begin(), w.forbidden.end(), s) != w.forbidden.end())
      return bad_value("must_have", "asks for a stick that is forbidden or not at hand");
  }
  for (const int s : w.forbidden) {
    if (!there(s)) return bad_value("forbidden", "names a stick that is not there");
  }
  return success();
}

/// What the wishes charge for a tray: every medium after the first, and sticks that serve one mass only.
double price_of_wishes(const TrayProblem& problem, std::span<const int> tray,
                       const std::map<int, std::set<int>>& serves) {
  const TrayWishes& w = problem.wishes;
  double sum = 0;
  if (w.medium_price > 0 && !problem.medium.empty()) {
    std::set<optics::Medium> media;
    for (const int s : tray) media.insert(problem.medium[static_cast<std::size_t>(s)]);
    sum += w.medium_price * static_cast<double>(media.size() - 1);
  }
  if (w.lonely_price > 0) {
    for (const auto& [stick, masses] : serves) sum += masses.size() == 1 ? w.lonely_price : 0;
  }
  return sum;
}

/// Small kicks, or greedy repairs, lead back to where they came from: some sticks are replaced at random.
std::vector<int> kicked(std::vector<int> tray, const SwapSearch& search, std::size_t sticks, Random& random) {
  for (std::size_t n = 1 + random.below(tray.size() - 1); n > 0; --n) {
    const int in = static_cast<int>(random.below(sticks));
    const std::size_t out = random.below(tray.size());
    if (!search.barred(in) && !search.held(tray[out]) && std::find(tray.begin(), tray.end(), in) == tray.end())
      tray[out] = in;
  }
  return tray;
}

}  // namespace

PairChoice best_pair(const PairTable& table, std::size_t target, std::span<const int> tray) {
  PairChoice best;
  for (const int i : tray) {
    for (const int j : tray) {
      const float c = table.cost(target, static_cast<std::size_t>(i), static_cast<std::size_t>(j));
      if (c < best.cost) best = {i, j, c};
    }
  }
  return best;
}

double priced(double cost) {
  const Prices::Tray& p = prices().tray;
  const double beyond = std::max(0.0, cost - p.bad);
  return std::max(cost, unseen()) + p.unseen * std::min(cost, unseen()) + p.bad_square * beyond * beyond;
}

double tray_cost(const TrayProblem& problem, std::span<const int> tray) {
  double sum = 0;
  std::map<int, std::set<int>> serves;
  for (std::size_t t = 0; t < problem.table->targets(); ++t) {
    const PairChoice c = best_pair(*problem.table, t, tray);
    sum += problem.weights[t] * priced(c.cost);
    if (problem.mass.empty()) continue;
    serves[c.first].insert(problem.mass[t]);
    serves[c.second].insert(problem.mass[t]);
  }
  return sum + price_of_wishes(problem, tray, serves);
}

Result<Tray> choose_tray(const TrayProblem& problem, const TrayOptions& options, Observer& observer) {
  const Status usable = check(problem, options);
  if (!usable) return usable.error();
  const Unordered costs(*problem.table);
  const SwapSearch search(costs, problem);
  std::vector<int> best = problem.wishes.must_have;
  search.grow(best, static_cast<std::size_t>(options.most_sticks));
  if (best.empty()) return bad_value("forbidden", "leaves no stick to choose from");
  double cost = search.improve(best, observer);
  Random random(options.seed);
  const int kicks = options.effort / std::max(1, options.most_sticks);
  for (int kick = 0; kick < kicks && best.size() > 2 && !observer.cancelled(); ++kick) {
    observer.progress(static_cast<double>(kick + 1) / (kicks + 1), "choosing the tray");
    std::vector<int> tried = kicked(best, search, costs.sticks(), random);
    const double now = search.improve(tried, observer);
    if (now < cost - 1e-9) {
      best = tried;
      cost = now;
    }
  }
  if (observer.cancelled()) return Error{Error::Code::cancelled, "tray", "stopped"};
  if (problem.wishes.medium_price > 0 || problem.wishes.lonely_price > 0)
    cost = meet_wishes(problem, search, best, observer);
  std::sort(best.begin(), best.end());
  return Tray{best, cost};
}

Result<std::vector<CurvePoint>> tray_curve(const TrayProblem& problem, int fewest, int most, Observer& observer) {
  std::vector<CurvePoint> out;
  const int first = std::max(fewest, static_cast<int>(problem.wishes.must_have.size()));
  for (int k = std::max(1, first); k <= most; ++k) {
    observer.progress(static_cast<double>(k - first) / std::max(1, most - first), "drawing the curve");
    constexpr int kEffort = 60;
    auto tray = choose_tray(problem, {k, 1, kEffort}, observer);
    if (!tray) return tray.error();
    // A larger tray is never worse: it may hold the smaller one.
    if (!out.empty() && tray->cost > out.back().tray.cost) tray = out.back().tray;
    CurvePoint p;
    p.most_sticks = k;
    for (std::size_t t = 0; t < problem.table->targets(); ++t) {
      const PairChoice c = best_pair(*problem.table, t, tray->sticks);
      const double de00 =
          c.cost -
          (problem.table->strokes(t, static_cast<std::size_t>(c.first), static_cast<std::size_t>(c.second)).size() > 1
               ? stroke_price()
               : 0);
      p.mean_de00 += problem.weights[t] * de00;
      p.worst_de00 = std::max(p.worst_de00, de00);
    }
    p.tray = std::move(tray).value();
    out.push_back(std::move(p));
  }
  return out;
}

NextStick stick_to_get(const TrayProblem& problem, std::span<const int> tray) {
  const Unordered costs(*problem.table);
  TrayProblem open = problem;
  open.wishes = {};
  const SwapSearch search(costs, open);
  const std::vector<int> now(tray.begin(), tray.end());
  const auto best = search.best_addition(now);
  const double gain = search.total(search.best_costs(now)) - best.cost;
  return best.stick < 0 || gain <= 0 ? NextStick{} : NextStick{best.stick, gain};
}

}  // namespace yd::plan
