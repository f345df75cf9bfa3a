#include "plan/tray.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <limits>
#include <numeric>

#include "support/random.h"

namespace yd::plan {
namespace {

double priced(double cost) {
  const double beyond = std::max(0.0, cost - kBadMatch);
  return cost + 0.15 * beyond * beyond;
}

/// Cost of the cheaper order of a pair, by target: what the swap search looks up.
class Unordered {
 public:
  explicit Unordered(const PairTable& table)
      : sticks_(table.sticks()), targets_(table.targets()), cost_(sticks_ * sticks_ * targets_) {
    tbb::parallel_for(std::size_t{0}, sticks_, [&](std::size_t i) {
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
  SwapSearch(const Unordered& costs, std::span<const double> weights) : costs_(costs), weights_(weights) {}

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

  struct Addition {
    int stick = -1;
    double cost = std::numeric_limits<double>::infinity();
  };
  Addition best_addition(const std::vector<int>& tray) const {
    const std::vector<float> best = best_costs(tray);
    std::vector<double> sums(costs_.sticks(), std::numeric_limits<double>::infinity());
    tbb::parallel_for(std::size_t{0}, costs_.sticks(), [&](std::size_t s) {
      if (std::find(tray.begin(), tray.end(), static_cast<int>(s)) == tray.end()) sums[s] = with(best, tray, s);
    });
    const auto least = std::min_element(sums.begin(), sums.end());
    return {static_cast<int>(least - sums.begin()), *least};
  }

  void grow(std::vector<int>& tray, std::size_t size) const {
    while (tray.size() < std::min(size, costs_.sticks())) tray.push_back(best_addition(tray).stick);
  }

  /// Best single swap, repeated until none helps. Returns the cost.
  double improve(std::vector<int>& tray, const Observer& observer) const {
    double now = total(best_costs(tray));
    while (!observer.cancelled()) {
      std::size_t out = 0;
      Addition in;
      for (std::size_t r = 0; r < tray.size(); ++r) {
        std::vector<int> rest = tray;
        rest.erase(rest.begin() + static_cast<std::ptrdiff_t>(r));
        const Addition a = best_addition(rest);
        if (a.cost < in.cost) in = a, out = r;
      }
      if (in.stick < 0 || in.cost >= now - 1e-9) break;
      tray[out] = in.stick;
      now = in.cost;
    }
    return now;
  }

 private:
  const Unordered& costs_;
  std::span<const double> weights_;
};

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

double tray_cost(const PairTable& table, std::span<const double> weights, std::span<const int> tray) {
  double sum = 0;
  for (std::size_t t = 0; t < table.targets(); ++t) sum += weights[t] * priced(best_pair(table, t, tray).cost);
  return sum;
}

Result<Tray> choose_tray(const PairTable& table, std::span<const double> weights, const TrayOptions& options,
                         Observer& observer) {
  if (options.most_sticks < 1) return bad_value("sticks", "at least one is needed");
  if (weights.size() != table.targets()) return bad_value("weights", "must be one for each target");
  const Unordered costs(table);
  const SwapSearch search(costs, weights);
  const auto size = static_cast<std::size_t>(options.most_sticks);
  std::vector<int> best;
  search.grow(best, size);
  double cost = search.improve(best, observer);
  Random random(options.seed);
  const int kicks = options.effort / std::max(1, options.most_sticks);
  for (int kick = 0; kick < kicks && best.size() > 2 && !observer.cancelled(); ++kick) {
    observer.progress(static_cast<double>(kick + 1) / (kicks + 1), "choosing the tray");
    std::vector<int> tried = best;
    // Small kicks, or greedy repairs, lead back to where they came from: some are replaced at random.
    for (std::size_t n = 1 + random.below(tried.size() - 1); n > 0; --n) {
      const int in = static_cast<int>(random.below(costs.sticks()));
      if (std::find(tried.begin(), tried.end(), in) == tried.end()) tried[random.below(tried.size())] = in;
    }
    const double now = search.improve(tried, observer);
    if (now < cost - 1e-9) best = tried, cost = now;
  }
  if (observer.cancelled()) return Error{Error::Code::cancelled, "tray", "stopped"};
  std::sort(best.begin(), best.end());
  return Tray{best, cost};
}

}  // namespace yd::plan
