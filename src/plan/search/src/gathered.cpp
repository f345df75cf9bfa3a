// SPDX-License-Identifier: MIT
#include "gathered.h"

#include <algorithm>
#include <map>
#include <optional>

namespace yd::plan {
namespace {

/// Passes, and which must come before which: in each mass the layers from the paper upwards.
class PassOrder {
 public:
  PassOrder(std::span<const LayeredMass> masses, std::span<const LeveledLayering> chosen) : masses_(masses) {
    std::map<PassKey, std::size_t> known;
    for (std::size_t m = 0; m < masses.size(); ++m) {
      std::vector<std::size_t> chain;
      const Layering& layering = masses[m].layerings[chosen[m].layering];
      for (std::size_t i = 0; i < layering.size(); ++i) {
        const auto found =
            known.try_emplace({chosen[m].levels[i], layering[i].stick, layering[i].technique}, ways_.size());
        if (found.second) ways_.push_back({layering[i], 0});
        ways_[found.first->second].area += area_of(masses[m], chosen[m].layering, i);
        chain.push_back(found.first->second);
      }
      chains_.push_back(std::move(chain));
    }
  }

  bool may_be_one(std::size_t p, std::size_t q, const std::vector<std::vector<char>>& before) const {
    return ways_[p].layer == ways_[q].layer && before[p][q] == 0 && before[q][p] == 0;
  }

  /// Two passes that may be one are made one; of several pairs that with the briefest pass, which costs most.
  bool gather_two() {
    const std::vector<std::vector<char>> before = all_before();
    std::optional<std::pair<std::size_t, std::size_t>> best;
    double briefest = 0;
    for (std::size_t p = 0; p < ways_.size(); ++p) {
      for (std::size_t q = p + 1; q < ways_.size(); ++q) {
        if (!may_be_one(p, q, before)) continue;
        const double area = std::min(ways_[p].area, ways_[q].area);
        if (best && area >= briefest) continue;
        best = {p, q};
        briefest = area;
      }
    }
    if (best) make_one(best->first, best->second);
    return best.has_value();
  }

  /// Of each mass's layers, as low as they can lie.
  std::vector<std::vector<int>> levels() const {
    std::vector<int> level(ways_.size(), 0);
    // Each round settles at least what lies one higher.
    for (bool changed = true; changed;) {
      changed = false;
      for (std::size_t m = 0; m < chains_.size(); ++m) {
        int least = masses_[m].first_level;
        for (const std::size_t p : chains_[m]) {
          if (level[p] < least) {
            level[p] = least;
            changed = true;
          }
          least = level[p] + 1;
        }
      }
    }
    std::vector<std::vector<int>> out;
    for (const auto& chain : chains_) {
      out.emplace_back();
      for (const std::size_t p : chain) out.back().push_back(level[p]);
    }
    return out;
  }

 private:
  struct Way {
    Layer layer;
    double area = 0;
  };

  /// [p][q]: p must come before q, by way of others too (Warshall 1962).
  std::vector<std::vector<char>> all_before() const {
    const std::size_t n = ways_.size();
    std::vector<std::vector<char>> out(n, std::vector<char>(n, 0));
    for (const auto& chain : chains_) {
      for (std::size_t i = 1; i < chain.size(); ++i) out[chain[i - 1]][chain[i]] = 1;
    }
    for (std::size_t k = 0; k < n; ++k) {
      for (std::size_t p = 0; p < n; ++p) {
        if (out[p][k] == 0) continue;
        for (std::size_t q = 0; q < n; ++q) out[p][q] = static_cast<char>(out[p][q] | out[k][q]);
      }
    }
    return out;
  }

  void make_one(std::size_t p, std::size_t q) {
    ways_[p].area += ways_[q].area;
    ways_.erase(ways_.begin() + static_cast<std::ptrdiff_t>(q));
    for (auto& chain : chains_) {
      for (std::size_t& w : chain) w = w == q ? p : w > q ? w - 1 : w;
    }
  }

  std::span<const LayeredMass> masses_;
  std::vector<Way> ways_;
  std::vector<std::vector<std::size_t>> chains_;
};

int highest(const std::vector<std::vector<int>>& levels) {
  int out = 0;
  for (const auto& of_mass : levels) {
    if (!of_mass.empty()) out = std::max(out, of_mass.back());
  }
  return out;
}

}  // namespace

std::vector<LeveledLayering> gathered(std::span<const LayeredMass> masses, std::vector<LeveledLayering> chosen) {
  PassOrder order(masses, chosen);
  while (order.gather_two()) {
    std::vector<std::vector<int>> levels = order.levels();
    if (highest(levels) >= kMostGathered) break;
    for (std::size_t m = 0; m < chosen.size(); ++m) chosen[m].levels = std::move(levels[m]);
  }
  return chosen;
}

}  // namespace yd::plan
