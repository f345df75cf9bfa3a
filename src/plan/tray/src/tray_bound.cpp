// SPDX-License-Identifier: MIT
#include "tray/tray_bound.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <vector>

#include "tray_pairs.h"

namespace yd::plan {
namespace {

/// A square table over sticks.
template <class T>
class Square {
 public:
  Square(std::size_t n, T fill) : n_(n), cell_(n * n, fill) {}
  T& at(int i, int j) { return cell_[static_cast<std::size_t>(i) * n_ + static_cast<std::size_t>(j)]; }
  T at(int i, int j) const { return cell_[static_cast<std::size_t>(i) * n_ + static_cast<std::size_t>(j)]; }
  void fill(T value) { std::fill(cell_.begin(), cell_.end(), value); }

 private:
  std::size_t n_;
  std::vector<T> cell_;
};

class Climb {
 public:
  Climb(const TrayProblem& problem, double known, int k)
      : ways_(useful_ways(problem, known)),
        n_(static_cast<int>(problem.table->sticks())),
        k_(std::min(k, n_)),
        known_(known),
        worth_(problem.table->sticks(), 0.0),
        share_(problem.table->sticks(), 0.5F),
        asked_(problem.table->sticks(), 0.0F),
        chosen_(problem.table->sticks(), 0),
        gain_(problem.table->sticks()),
        partners_(problem.table->sticks()),
        held_(problem.table->sticks()) {
    for (const auto& w : ways_) {
      price_.emplace_back(w.size(), 0.0F);
      direction_.emplace_back(w.size(), 0.0F);
    }
    cheapest_.resize(ways_.size());
    for (const int s : problem.wishes.must_have) held_[static_cast<std::size_t>(s)] = 1;
  }

  /// The bound at the present multipliers; remembers what the next step needs.
  double value() {
    double sum = 0;
    worth_.fill(0);
    for (std::size_t t = 0; t < ways_.size(); ++t) sum += cheapest_way(t);
    for (int i = 0; i < n_; ++i) best_partners(i);
    return sum - best_sticks();
  }

  void step(double bound, double length) {
    constexpr float kMomentum = 0.7F;
    double norm = 0;
    for (std::size_t t = 0; t < ways_.size(); ++t) {
      for (std::size_t e = 0; e < ways_[t].size(); ++e) {
        const float g = (e == cheapest_[t] ? 1.0F : 0.0F) - asked_.at(ways_[t][e].i, ways_[t][e].j);
        float d = g + kMomentum * direction_[t][e];
        if (price_[t][e] <= 0 && d < 0) d = 0;
        direction_[t][e] = d;
        norm += static_cast<double>(d) * d;
      }
    }
    const auto by = static_cast<float>(length * std::max(0.0, known_ - bound) / std::max(1e-9, norm));
    for (std::size_t t = 0; t < ways_.size(); ++t) {
      for (std::size_t e = 0; e < ways_[t].size(); ++e)
        price_[t][e] = std::max(0.0F, price_[t][e] + by * direction_[t][e]);
    }
    shift_shares(static_cast<float>(0.05 * std::min(1.0, 10 * length)));
  }

 private:
  double cheapest_way(std::size_t t) {
    float least = std::numeric_limits<float>::max();
    for (std::size_t e = 0; e < ways_[t].size(); ++e) {
      const Way& w = ways_[t][e];
      const float v = price_[t][e];
      if (w.cost + v < least) {
        least = w.cost + v;
        cheapest_[t] = e;
      }
      if (v <= 0) continue;
      worth_.at(w.i, w.j) += v;
      if (w.i != w.j) worth_.at(w.j, w.i) += v;
    }
    return ways_[t].empty() ? 0 : least;
  }

  /// What stick i is worth with its k - 1 best partners.
  void best_partners(int i) {
    auto& mine = partners_[static_cast<std::size_t>(i)];
    mine.clear();
    order_.clear();
    for (int j = 0; j < n_; ++j) {
      const double w = j == i ? 0 : worth_.at(i, j) * share_.at(i, j);
      if (w > 0) order_.emplace_back(w, j);
    }
    const std::size_t most = std::min(order_.size(), static_cast<std::size_t>(k_ - 1));
    std::nth_element(order_.begin(), order_.begin() + static_cast<std::ptrdiff_t>(most), order_.end(),
                     [](const auto& p, const auto& q) { return p > q; });
    double sum = worth_.at(i, i);
    for (std::size_t q = 0; q < most; ++q) {
      sum += order_[q].first;
      mine.push_back(order_[q].second);
    }
    gain_[static_cast<std::size_t>(i)] = sum;
  }

  double best_sticks() {
    std::vector<int> all(static_cast<std::size_t>(n_));
    for (int i = 0; i < n_; ++i) all[static_cast<std::size_t>(i)] = i;
    std::partial_sort(all.begin(), all.begin() + k_, all.end(), [&](int p, int q) {
      const auto a = static_cast<std::size_t>(p);
      const auto b = static_cast<std::size_t>(q);
      if (held_[a] != held_[b]) return held_[a] > held_[b];
      return gain_[a] != gain_[b] ? gain_[a] > gain_[b] : p < q;
    });
    all.resize(static_cast<std::size_t>(k_));
    asked_.fill(0);
    chosen_.fill(0);
    double sum = 0;
    for (const int i : all) {
      sum += gain_[static_cast<std::size_t>(i)];
      asked_.at(i, i) = 1;
      for (const int j : partners_[static_cast<std::size_t>(i)]) {
        asked_.at(i, j) += share_.at(i, j);
        asked_.at(j, i) += share_.at(i, j);
        chosen_.at(i, j) = 1;
      }
    }
    tray_ = std::move(all);
    return sum;
  }

  /// A pair that is asked for from one side only is made dearer for the other.
  void shift_shares(float by) {
    for (const int i : tray_) {
      for (const int j : partners_[static_cast<std::size_t>(i)]) {
        if (chosen_.at(j, i) != 0) continue;
        share_.at(i, j) = std::max(0.0F, share_.at(i, j) - by);
        share_.at(j, i) = 1 - share_.at(i, j);
      }
    }
  }

  std::vector<std::vector<Way>> ways_;
  int n_;
  int k_;
  double known_;
  std::vector<std::vector<float>> price_;
  std::vector<std::vector<float>> direction_;
  std::vector<std::size_t> cheapest_;
  Square<double> worth_;
  Square<float> share_;
  Square<float> asked_;
  Square<char> chosen_;
  std::vector<double> gain_;
  std::vector<std::vector<int>> partners_;
  std::vector<char> held_;
  std::vector<int> tray_;
  std::vector<std::pair<double, int>> order_;
};

}  // namespace

double gap(double cost, double bound) { return cost > 0 ? std::max(0.0, (cost - bound) / cost) : 0; }

TrayBound bound_tray(const TrayProblem& problem, double known, const BoundOptions& options, Observer& observer) {
  constexpr int kPatience = 150;  // steps without a better bound before they become shorter
  constexpr double kShorten = 0.8;
  constexpr double kRounding = 1e-5;  // single-precision costs, summed over all targets
  Climb climb(problem, known, options.most_sticks);
  TrayBound best;
  double length = 1;
  int waited = 0;
  for (; best.iterations < options.iterations && length > 1e-4; ++best.iterations) {
    if (best.iterations % 64 == 0) {
      best.cancelled = observer.cancelled();
      observer.progress(static_cast<double>(best.iterations) / options.iterations, "proving the tray");
      if (best.cancelled) break;
    }
    const double bound = climb.value();
    if (bound > best.bound + 1e-4 * known) waited = 0;
    best.bound = std::max(best.bound, bound);
    if (gap(known, best.bound) < options.enough) break;
    if (++waited > kPatience) {
      length *= kShorten;
      waited = 0;
    }
    climb.step(bound, length);
  }
  best.bound = std::max(0.0, std::min(best.bound, known) - kRounding);
  return best;
}

}  // namespace yd::plan
