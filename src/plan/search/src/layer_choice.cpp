// SPDX-License-Identifier: MIT
#include "search/layer_choice.h"

#include <algorithm>
#include <map>
#include <optional>
#include <set>
#include <tuple>

namespace yd::plan {
namespace {

using PassKey = std::tuple<int, int, int>;  // level, stick, technique

constexpr int kMostSweeps = 20;

/// Every rising choice of `count` levels from `first` to `most` - 1.
std::vector<std::vector<int>> rising(int count, int first, int most) {
  if (count == 0) return {{}};
  std::vector<std::vector<int>> out;
  for (int level = first; level + count <= most; ++level) {
    for (std::vector<int>& rest : rising(count - 1, level + 1, most)) {
      rest.insert(rest.begin(), level);
      out.push_back(std::move(rest));
    }
  }
  return out;
}

std::vector<PassKey> keys(const LayeredMass& mass, const LeveledLayering& l) {
  std::vector<PassKey> out;
  const Layering& layering = mass.layerings[l.layering];
  for (std::size_t i = 0; i < layering.size(); ++i)
    out.emplace_back(l.levels[i], layering[i].stick, static_cast<int>(layering[i].technique));
  return out;
}

struct Option {
  LeveledLayering how;
  double cost = 0;
  std::vector<PassKey> passes;
};

class Chooser {
 public:
  Chooser(std::span<const LayeredMass> masses, int most_levels, const PlanPrices& prices)
      : masses_(masses), prices_(prices) {
    for (const LayeredMass& m : masses_) options_.push_back(options_for(m, most_levels));
  }

  std::vector<LeveledLayering> run() {
    chosen_.assign(masses_.size(), 0);
    for (std::size_t m = 0; m < masses_.size(); ++m) {
      for (std::size_t o = 1; o < options_[m].size(); ++o) {
        if (options_[m][o].cost < options_[m][chosen_[m]].cost) chosen_[m] = o;
      }
    }
    // Where each pass costs more at first, masses gather on few of them before they spread again.
    Choice best;
    for (const double dearer : {1.0, 2.0, 4.0, 8.0}) {
      Choice tried = chosen_;
      for (double times = dearer; times >= 1; times /= 2) descend(tried, {}, times * prices_.pass);
      while (drop_a_pass(tried)) {
      }
      if (best.empty() || total(tried) < total(best) - 1e-9) best = std::move(tried);
    }
    chosen_ = std::move(best);
    std::vector<LeveledLayering> out;
    for (std::size_t m = 0; m < masses_.size(); ++m) out.push_back(options_[m][chosen_[m]].how);
    return out;
  }

 private:
  using Choice = std::vector<std::size_t>;

  std::vector<Option> options_for(const LayeredMass& mass, int most_levels) const {
    const auto best = std::min_element(mass.cost.begin(), mass.cost.end());
    // What is dearer than the best by more than all passes and seams that the best could ask for is never worth it.
    const auto layers = mass.layerings[static_cast<std::size_t>(best - mass.cost.begin())].size();
    double spared = prices_.pass * static_cast<double>(layers);
    for (const auto& b : mass.bands) spared += prices_.seam * b.length;
    std::vector<Option> out;
    for (std::size_t l = 0; l < mass.layerings.size(); ++l) {
      if (mass.weight * static_cast<double>(mass.cost[l] - *best) > spared) continue;
      const int count = static_cast<int>(mass.layerings[l].size());
      const int most = std::max(most_levels, mass.first_level + count);
      for (std::vector<int>& levels : rising(count, mass.first_level, most)) {
        Option o{{l, std::move(levels)}, mass.weight * static_cast<double>(mass.cost[l]), {}};
        o.passes = keys(mass, o.how);
        out.push_back(std::move(o));
      }
    }
    return out;
  }

  std::map<PassKey, int> count(const Choice& choice) const {
    std::map<PassKey, int> out;
    for (std::size_t m = 0; m < choice.size(); ++m) {
      for (const PassKey& k : options_[m][choice[m]].passes) ++out[k];
    }
    return out;
  }

  double total(const Choice& choice) const {
    double sum = prices_.pass * static_cast<double>(count(choice).size());
    for (std::size_t m = 0; m < choice.size(); ++m)
      sum += options_[m][choice[m]].cost + seams(choice, m, choice[m]) / 2;
    return sum;
  }

  const Layering& layering(std::size_t m, std::size_t option) const {
    return masses_[m].layerings[options_[m][option].how.layering];
  }

  double seams(const Choice& choice, std::size_t m, std::size_t option) const {
    double sum = 0;
    for (const auto& [n, length] : masses_[m].bands)
      sum += layering(m, option) == layering(n, choice[n]) ? 0 : prices_.seam * length;
    return sum;
  }

  /// Mass by mass, the option that is cheapest as the others stand. One that asks for the forbidden pass is taken only
  /// where there is no other.
  void descend(Choice& choice, const std::optional<PassKey>& forbidden, double pass) const {
    std::map<PassKey, int> used = count(choice);
    bool changed = true;
    for (int round = 0; changed && round < kMostSweeps; ++round) {
      changed = false;
      for (std::size_t m = 0; m < choice.size(); ++m) {
        for (const PassKey& k : options_[m][choice[m]].passes) --used[k];
        std::size_t best = choice[m];
        double least = 1e9;
        for (std::size_t o = 0; o < options_[m].size(); ++o) {
          double cost = options_[m][o].cost;
          if (cost >= least) continue;
          cost += seams(choice, m, o);
          for (const PassKey& k : options_[m][o].passes) {
            const auto found = used.find(k);
            if (found == used.end() || found->second == 0) cost += pass;
            if (forbidden && k == *forbidden) cost += 1e3;
          }
          if (cost < least - 1e-12) least = cost, best = o;
        }
        changed = changed || best != choice[m];
        choice[m] = best;
        for (const PassKey& k : options_[m][best].passes) ++used[k];
      }
    }
  }

  bool drop_a_pass(Choice& choice) const {
    Choice best;
    double least = total(choice) - 1e-9;
    for (const auto& [key, times] : count(choice)) {
      Choice tried = choice;
      descend(tried, key, prices_.pass);
      descend(tried, {}, prices_.pass);
      const double cost = total(tried);
      if (cost < least) least = cost, best = std::move(tried);
    }
    if (best.empty()) return false;
    choice = std::move(best);
    return true;
  }

  std::span<const LayeredMass> masses_;
  PlanPrices prices_;
  std::vector<std::vector<Option>> options_;
  Choice chosen_;
};

}  // namespace

std::size_t count_passes(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen) {
  std::set<PassKey> passes;
  for (std::size_t m = 0; m < masses.size(); ++m) {
    for (const PassKey& k : keys(masses[m], chosen[m])) passes.insert(k);
  }
  return passes.size();
}

double plan_cost(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen,
                 const PlanPrices& prices) {
  double sum = prices.pass * static_cast<double>(count_passes(masses, chosen));
  for (std::size_t m = 0; m < masses.size(); ++m)
    sum += masses[m].weight * static_cast<double>(masses[m].cost[chosen[m].layering]);
  for (std::size_t m = 0; m < masses.size(); ++m) {
    for (const auto& [n, length] : masses[m].bands) {
      const bool same = masses[m].layerings[chosen[m].layering] == masses[n].layerings[chosen[n].layering];
      sum += same ? 0 : prices.seam * length / 2;
    }
  }
  return sum;
}

std::vector<LeveledLayering> choose_layerings(std::span<const LayeredMass> masses, int most_levels,
                                              const PlanPrices& prices) {
  return Chooser(masses, most_levels, prices).run();
}

}  // namespace yd::plan
