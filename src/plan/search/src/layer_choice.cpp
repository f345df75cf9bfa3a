// SPDX-License-Identifier: MIT
#include "search/layer_choice.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <functional>
#include <limits>
#include <map>
#include <numeric>
#include <optional>
#include <set>
#include <tuple>

#include "gathered.h"
#include "support/bounds.h"

namespace yd::plan {
namespace {

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
    out.push_back({l.levels[i], layering[i].stick, layering[i].technique});
  return out;
}

/// Who asks for a pass.
struct Use {
  int masses = 0;
  double area = 0;  ///< share of the picture
};

double price_of(const Use& use, const PlanPrices& prices) {
  if (use.masses == 0) return 0;
  return std::max(prices.pass, prices.pass * (1 + prices.brief_more * (1 - use.area / prices.brief)));
}

/// Small, because a plan looks at millions.
struct Option {
  double cost = 0;
  std::uint32_t layering = 0;  ///< a number of its own, whatever the mass
  std::uint32_t how = 0;       ///< by number
  std::uint32_t count = 0;
  std::array<std::uint32_t, kMostStrokes> passes{};  ///< by number; `count` of them
  std::array<double, kMostStrokes> area{};           ///< that each goes over, share of the picture
};

/// How a band of the same gradient beside a mass stands, and what a seam there costs.
struct Beside {
  std::uint32_t layering = 0;
  double seam = 0;
};

double seams(const Option& option, std::span<const Beside> beside) {
  double sum = 0;
  for (const Beside& b : beside) sum += b.layering == option.layering ? 0 : b.seam;
  return sum;
}

class Chooser {
 public:
  Chooser(std::span<const LayeredMass> masses, int most_levels, const PlanPrices& prices)
      : masses_(masses), prices_(prices) {
    for (const LayeredMass& m : masses_) options_.push_back(options_for(m, most_levels));
  }

  std::vector<LeveledLayering> run() {
    const Choice cheapest(masses_.size(), 0);
    // Where each pass costs more at first, masses gather on few of them before they spread again.
    std::vector<LeveledLayering> best;
    double least = std::numeric_limits<double>::infinity();
    for (const double dearer : {1.0, 2.0, 4.0, 8.0}) {
      Choice tried = cheapest;
      for (double times = dearer; times >= 1; times /= 2) descend(tried, {}, times);
      while (join_bands(tried) || drop_a_pass(tried)) {
      }
      std::vector<LeveledLayering> found = gathered(masses_, how(tried));
      const double cost = plan_cost(masses_, found, prices_);
      if (cost < least - 1e-9) {
        least = cost;
        best = std::move(found);
      }
    }
    return best;
  }

 private:
  using Choice = std::vector<std::size_t>;
  using Uses = std::vector<Use>;  // by the number of the pass

  std::vector<LeveledLayering> how(const Choice& choice) const {
    std::vector<LeveledLayering> out;
    for (std::size_t m = 0; m < choice.size(); ++m) out.push_back(hows_[options_[m][choice[m]].how]);
    return out;
  }

  std::uint32_t number(const PassKey& key) {
    return numbers_.emplace(key, static_cast<std::uint32_t>(numbers_.size())).first->second;
  }

  /// Cheapest first.
  std::vector<Option> options_for(const LayeredMass& mass, int most_levels) {
    const auto best = std::min_element(mass.cost.begin(), mass.cost.end());
    // What is dearer than the best by more than all passes and seams that the best could ask for is hardly ever worth
    // it.
    const auto layers = mass.layerings[static_cast<std::size_t>(best - mass.cost.begin())].size();
    double spared = prices_.pass * (1 + prices_.brief_more) * static_cast<double>(layers);
    for (const auto& b : mass.bands) spared += prices_.seam * b.length;
    std::vector<Option> out;
    for (std::size_t l = 0; l < mass.layerings.size(); ++l) {
      if (mass.weight * static_cast<double>(mass.cost[l] - *best) > spared) continue;
      const int count = static_cast<int>(mass.layerings[l].size());
      const int most = std::max(most_levels, mass.first_level + count);
      const auto layering =
          layerings_.emplace(mass.layerings[l], static_cast<std::uint32_t>(layerings_.size())).first->second;
      for (std::vector<int>& levels : rising(count, mass.first_level, most)) {
        Option o;
        o.how = static_cast<std::uint32_t>(hows_.size());
        hows_.push_back({l, std::move(levels)});
        o.layering = layering;
        o.cost = mass.weight * static_cast<double>(mass.cost[l]);
        for (const PassKey& k : keys(mass, hows_.back())) {
          const std::size_t place = within(o.count, kMostStrokes - 1);
          o.area[place] = area_of(mass, l, place);
          o.passes[place] = number(k);
          ++o.count;
        }
        out.push_back(o);
      }
    }
    std::stable_sort(out.begin(), out.end(), [](const Option& p, const Option& q) { return p.cost < q.cost; });
    return out;
  }

  void add(Uses& uses, std::size_t m, std::size_t option, int times) const {
    const Option& o = options_[m][option];
    for (std::size_t i = 0; i < o.count; ++i) {
      Use& use = uses[o.passes[i]];
      use.masses += times;
      use.area = use.masses == 0 ? 0 : use.area + times * o.area[i];
    }
  }

  Uses uses_of(const Choice& choice) const {
    Uses out(numbers_.size());
    for (std::size_t m = 0; m < choice.size(); ++m) add(out, m, choice[m], 1);
    return out;
  }

  double total(const Choice& choice) const {
    double sum = 0;
    for (const Use& use : uses_of(choice)) sum += price_of(use, prices_);
    for (std::size_t m = 0; m < choice.size(); ++m)
      sum += options_[m][choice[m]].cost + seams(options_[m][choice[m]], beside(choice, m)) / 2;
    return sum;
  }

  std::vector<Beside> beside(const Choice& choice, std::size_t m) const {
    std::vector<Beside> out;
    for (const auto& [n, length] : masses_[m].bands)
      out.push_back({options_[n][choice[n]].layering, prices_.seam * length});
    return out;
  }

  /// What each pass costs as the others stand, so many times: the price now, and as one more mass would find it.
  struct Charge {
    double now = 0;
    double most = 0;  ///< for no area at all
    double joined(double area, double least, double slope) const { return std::max(least, most - slope * area) - now; }
  };

  std::vector<Charge> charges(const Uses& uses, double times) const {
    std::vector<Charge> out;
    out.reserve(uses.size());
    for (const Use& use : uses)
      out.push_back({times * price_of(use, prices_), times * price_of({1, use.area}, prices_)});
    return out;
  }

  /// What a mass can spare at most by joining passes that cost more for being brief: it joins as many as it has layers.
  double brief_charge(const Uses& uses) const {
    std::vector<double> more;
    for (const Use& use : uses) {
      if (use.masses > 0) more.push_back(price_of(use, prices_) - prices_.pass);
    }
    const auto joined = static_cast<std::ptrdiff_t>(std::min<std::size_t>(kMostStrokes, more.size()));
    std::partial_sort(more.begin(), more.begin() + joined, more.end(), std::greater<>());
    return std::accumulate(more.begin(), more.begin() + joined, 0.0);
  }

  /// Mass by mass, the option that is cheapest as the others stand, passes being so many times as dear as they are. One
  /// that asks for the forbidden pass is taken only where there is no other.
  void descend(Choice& choice, const std::optional<std::size_t>& forbidden, double times) const {
    constexpr double kNever = 1e3;
    const double slope = times * prices_.pass * prices_.brief_more / prices_.brief;
    Uses uses = uses_of(choice);
    bool changed = true;
    for (int round = 0; changed && round < kMostSweeps; ++round) {
      changed = false;
      for (std::size_t m = 0; m < choice.size(); ++m) {
        add(uses, m, choice[m], -1);
        const double gain = times * brief_charge(uses);
        const std::vector<Charge> charge = charges(uses, times);
        const std::vector<Beside> bands = beside(choice, m);
        const auto whole_cost = [&](std::size_t o) {
          const Option& option = options_[m][o];
          double cost = option.cost;
          for (std::size_t i = 0; i < option.count; ++i) {
            cost += charge[option.passes[i]].joined(option.area[i], times * prices_.pass, slope);
            if (forbidden && option.passes[i] == *forbidden) cost += kNever;
          }
          return cost + seams(option, bands);
        };
        std::size_t best = choice[m];
        double least = whole_cost(best);
        for (std::size_t o = 0; o < options_[m].size() && options_[m][o].cost - gain < least; ++o) {
          const double cost = whole_cost(o);
          if (cost < least - 1e-12) {
            least = cost;
            best = o;
          }
        }
        changed = changed || best != choice[m];
        choice[m] = best;
        add(uses, m, best, 1);
      }
    }
  }

  /// The best of what is tried that is cheaper than what stands.
  struct Cheapest {
    explicit Cheapest(double now) : least(now - 1e-9) {}
    bool take(Choice& choice) {
      if (best.empty()) return false;
      choice = std::move(best);
      return true;
    }
    double least;
    Choice best;
  };

  void consider(Cheapest& found, Choice tried) const {
    descend(tried, {}, 1);
    const double cost = total(tried);
    if (cost < found.least) {
      found.least = cost;
      found.best = std::move(tried);
    }
  }

  /// Two bands of one gradient built alike, where that is cheaper on the whole: one alone would not leave the other.
  bool join_bands(Choice& choice) const {
    bool joined = false;
    for (std::size_t m = 0; m < choice.size(); ++m) {
      for (const auto& band : masses_[m].bands) {
        if (band.mass > m && options_[m][choice[m]].layering != options_[band.mass][choice[band.mass]].layering)
          joined = join(choice, m, band.mass) || joined;
      }
    }
    return joined;
  }

  bool join(Choice& choice, std::size_t m, std::size_t n) const {
    constexpr std::size_t kTried = 12;
    std::map<std::size_t, std::size_t> of_other;  // the cheapest option of each layering
    for (std::size_t o = 0; o < options_[n].size(); ++o) of_other.emplace(options_[n][o].layering, o);
    std::vector<std::pair<double, std::pair<std::size_t, std::size_t>>> both;
    std::set<std::size_t> seen;
    for (std::size_t o = 0; o < options_[m].size(); ++o) {
      const auto found = of_other.find(options_[m][o].layering);
      if (found == of_other.end() || !seen.insert(found->first).second) continue;
      both.push_back({options_[m][o].cost + options_[n][found->second].cost, {o, found->second}});
    }
    const std::size_t count = std::min(kTried, both.size());
    std::partial_sort(both.begin(), both.begin() + static_cast<std::ptrdiff_t>(count), both.end());
    Cheapest found(total(choice));
    for (std::size_t i = 0; i < count; ++i) {
      Choice tried = choice;
      tried[m] = both[i].second.first;
      tried[n] = both[i].second.second;
      consider(found, std::move(tried));
    }
    return found.take(choice);
  }

  bool drop_a_pass(Choice& choice) const {
    Cheapest found(total(choice));
    const Uses uses = uses_of(choice);
    for (std::size_t k = 0; k < uses.size(); ++k) {
      if (uses[k].masses == 0) continue;
      Choice tried = choice;
      descend(tried, k, 1);
      consider(found, std::move(tried));
    }
    return found.take(choice);
  }

  std::span<const LayeredMass> masses_;
  PlanPrices prices_;
  std::map<PassKey, std::uint32_t> numbers_;
  std::map<Layering, std::uint32_t> layerings_;
  std::vector<LeveledLayering> hows_;
  std::vector<std::vector<Option>> options_;
};

}  // namespace

double area_of(const LayeredMass& mass, std::size_t layering, std::size_t layer) {
  return mass.used.empty() ? mass.area : mass.area * static_cast<double>(mass.used[layering][layer]);
}

std::size_t count_passes(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen) {
  std::set<PassKey> passes;
  for (std::size_t m = 0; m < masses.size(); ++m) {
    for (const PassKey& k : keys(masses[m], chosen[m])) passes.insert(k);
  }
  return passes.size();
}

double plan_cost(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen,
                 const PlanPrices& prices) {
  std::map<PassKey, Use> uses;
  for (std::size_t m = 0; m < masses.size(); ++m) {
    const std::vector<PassKey> passes = keys(masses[m], chosen[m]);
    for (std::size_t i = 0; i < passes.size(); ++i) {
      ++uses[passes[i]].masses;
      uses[passes[i]].area += area_of(masses[m], chosen[m].layering, i);
    }
  }
  double sum = 0;
  for (const auto& [key, use] : uses) sum += price_of(use, prices);
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
