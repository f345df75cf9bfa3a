// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>
#include <set>

#include "colour/observer.h"
#include "layer_climb.h"
#include "parallel/each.h"
#include "support/bounds.h"
#include "support/least.h"

namespace yd::plan {
namespace {

constexpr int kRounds = 2;             // of steps within the tray
constexpr double kNear = 14;           // CIEDE2000 from a mass beyond which no stick is fetched for it
constexpr std::size_t kMostNear = 24;  // sticks that are tried for a mass

class TrayLayerings {
 public:
  TrayLayerings(Lattice& lattice, const ShadeSet& shades, std::span<const int> tray, const TraySearch& options)
      : lattice_(lattice),
        in_(lattice.input()),
        shades_(shades),
        tray_(tray),
        options_(options),
        prices_(in_, shades),
        rules_(in_),
        bare_(shades.size(), kFarOff),
        full_(options.known != nullptr ? *options.known : own_) {
    Looks bare;
    bare.at.push_back(colour::to_din99o(colour::to_lab(optics::mean(in_.ground->reflectance))));
    bare.unsteady.push_back(0);
    reach_down(shades_, bare, bare_.data());
    full_.emplace(Layering{}, bare_);
  }

  Result<std::vector<LayeringCosts>> run(Observer& observer) {
    // Nothing at all: bare paper, or what lies there.
    out_.push_back(costs({}, bare_));
    std::vector<Layering> latest;
    for (const int stick : tray_) {
      for (const Technique t : kAllTechniques) latest.push_back({{stick, t}});
    }
    work_out(latest);
    for (int layers = 2; layers <= options_.most_layers; ++layers) {
      if (observer.cancelled()) return Error{Error::Code::cancelled, "search", "stopped"};
      const bool last = layers > 3;
      std::vector<Layering> grown =
          grow(layers == 2 ? latest : best_of(latest, last ? options_.grown_to_four : options_.grown));
      latest = layers == 2 ? std::move(grown) : best_guessed(grown, last ? options_.kept_of_four : options_.kept);
      work_out(latest);
    }
    if (options_.most_layers < 2 || options_.started == 0) return std::move(out_);
    for (int round = 0; round < kRounds; ++round) {
      if (observer.cancelled()) return Error{Error::Code::cancelled, "search", "stopped"};
      climb([&](std::size_t) { return std::vector<int>(tray_.begin(), tray_.end()); }, options_.stepped);
    }
    if (!options_.others.empty()) climb([&](std::size_t m) { return near(m); }, options_.stepped_out);
    return std::move(out_);
  }

 private:
  /// One layer more on top of each.
  std::vector<Layering> grow(const std::vector<Layering>& from) const {
    std::vector<Layering> out;
    for (const Layering& l : from) {
      for (const int stick : tray_) {
        for (const Technique t : kAllTechniques) {
          if (!rules_.may_grow(l, {stick, t})) continue;
          out.push_back(l);
          out.back().push_back({stick, t});
        }
      }
    }
    return out;
  }

  /// What a shade comes to, and which of the layers it takes.
  struct Reach {
    std::vector<float> best;
    std::vector<std::uint8_t> layers;  ///< a bit for each, the lowest first

    void lower(std::span<const float> by, std::size_t mask) {
      for (std::size_t i = 0; i < best.size(); ++i) {
        layers[i] = by[i] < best[i] ? static_cast<std::uint8_t>(mask) : layers[i];
        best[i] = std::min(best[i], by[i]);
      }
    }
  };

  /// What every shade can come to if some of the layers are left out here and there. `whole` stands for all of them.
  Reach reach(const Layering& layering, std::span<const float> whole) const {
    Reach out{bare_, std::vector<std::uint8_t>(bare_.size(), 0)};
    const std::size_t all = (std::size_t{1} << layering.size()) - 1;
    out.lower(whole, all);
    for (std::size_t mask = 1; mask < all; ++mask) {
      const auto found = full_.find(masked(layering, mask));
      if (found != full_.end()) out.lower(found->second, mask);
    }
    return out;
  }

  LayerShares shares(std::size_t mass, const Reach& reached, std::size_t layers) const {
    LayerShares out{};
    const auto [first, last] = shades_.masses[mass];
    for (std::size_t s = first; s < last; ++s) {
      for (std::size_t i = 0; i < layers; ++i) out[i] += (reached.layers[s] >> i & 1U) != 0 ? shades_.weight[s] : 0;
    }
    return out;
  }

  LayeringCosts costs(const Layering& layering, std::span<const float> whole) const {
    const Reach reached = reach(layering, whole);
    LayeringCosts c{layering, {}, {}};
    for (std::size_t m = 0; m < shades_.masses.size(); ++m) {
      c.cost.push_back(static_cast<float>(mean_difference(shades_, m, reached.best.data()) + prices_.of(m, layering)));
      c.used.push_back(shares(m, reached, layering.size()));
    }
    return c;
  }

  void work_out(const std::vector<Layering>& layerings) {
    lattice_.prepare(layerings);
    std::vector<std::vector<float>> whole(layerings.size());
    std::vector<LayeringCosts> made(layerings.size());
    parallel::each(layerings.size(), [&](std::size_t n) {
      const auto known = full_.find(layerings[n]);
      if (known == full_.end()) {
        whole[n].assign(shades_.size(), kFarOff);
        reach_down(shades_, lattice_.looks(layerings[n]), whole[n].data());
      }
      made[n] = costs(layerings[n], known == full_.end() ? whole[n] : known->second);
    });
    for (std::size_t n = 0; n < layerings.size(); ++n) {
      if (!whole[n].empty()) full_.emplace(layerings[n], std::move(whole[n]));
    }
    listed_.insert(layerings.begin(), layerings.end());
    std::move(made.begin(), made.end(), std::back_inserter(out_));
  }

  /// From the best of each mass a step further, into the sticks that suit it: what growing from below has missed.
  template <class Sticks>
  void climb(Sticks sticks, int kept) {
    const std::size_t masses = shades_.masses.size();
    std::vector<std::vector<Layering>> steps(masses);
    std::vector<Layering> all;
    for (std::size_t m = 0; m < masses; ++m) {
      steps[m] = steps_from(best_on(m), sticks(m), options_.most_layers, in_);
      for (const Layering& l : steps[m]) {
        all.push_back(l);
        for (Layering& part : parts_of(l)) all.push_back(std::move(part));
      }
    }
    lattice_.prepare(all);
    std::vector<std::vector<Layering>> found(masses);
    parallel::each(masses, [&](std::size_t m) { found[m] = cheapest_steps(m, steps[m], kept); });
    for (const std::set<Layering>& layerings : with_parts(found)) {
      std::vector<Layering> unknown;
      std::copy_if(layerings.begin(), layerings.end(), std::back_inserter(unknown),
                   [&](const Layering& l) { return listed_.count(l) == 0; });
      work_out(unknown);
    }
  }

  /// All of the lists and what they are built on, by layers: parts are worked out before what has them.
  std::array<std::set<Layering>, kMostStrokes + 1> with_parts(const std::vector<std::vector<Layering>>& lists) const {
    std::array<std::set<Layering>, kMostStrokes + 1> out;
    for (const std::vector<Layering>& list : lists) {
      for (const Layering& l : list) {
        out[within(l.size(), kMostStrokes)].insert(l);
        for (Layering& part : parts_of(l)) {
          if (rules_.may_stand(part)) out[part.size()].insert(std::move(part));
        }
      }
    }
    return out;
  }

  static std::vector<std::size_t> cheapest_on(std::size_t mass, const std::vector<LayeringCosts>& all, int kept) {
    return least_of(all.size(), static_cast<std::size_t>(kept), [&](std::size_t i) { return all[i].cost[mass]; });
  }

  std::vector<Layering> best_on(std::size_t mass) const {
    std::vector<Layering> out;
    for (const std::size_t i : cheapest_on(mass, out_, options_.started)) out.push_back(out_[i].layering);
    return out;
  }

  /// The cheapest by a guess; of those that need a stick from outside the tray, one for each such stick.
  std::vector<Layering> cheapest_steps(std::size_t mass, const std::vector<Layering>& steps, int kept) const {
    MassGuess guess(lattice_, shades_, mass, prices_, full_);
    std::vector<std::pair<double, std::size_t>> order;
    for (std::size_t i = 0; i < steps.size(); ++i) {
      if (listed_.count(steps[i]) == 0) order.emplace_back(guess.cost(steps[i]), i);
    }
    std::sort(order.begin(), order.end());
    std::vector<Layering> out;
    std::set<int> outside;
    for (const auto& [cost, i] : order) {
      if (static_cast<int>(out.size()) == kept) break;
      const int stick = stick_beyond(steps[i], tray_);
      if (stick < 0 || outside.insert(stick).second) out.push_back(steps[i]);
    }
    return out;
  }

  /// The other sticks that are nearest to a mass.
  std::vector<int> near(std::size_t mass) const {
    std::vector<std::pair<double, int>> order;
    for (const int s : options_.others) {
      if (prices_.far_from(mass, s) <= kNear) order.emplace_back(prices_.far_from(mass, s), s);
    }
    std::sort(order.begin(), order.end());
    order.resize(std::min(order.size(), kMostNear));
    std::vector<int> out(order.size());
    std::transform(order.begin(), order.end(), out.begin(), [](const auto& o) { return o.second; });
    return out;
  }

  /// The union of the cheapest of every mass.
  static std::vector<Layering> cheapest(const std::vector<LayeringCosts>& all, std::size_t masses, int kept) {
    std::set<std::size_t> chosen;
    for (std::size_t m = 0; m < masses; ++m) {
      for (const std::size_t i : cheapest_on(m, all, kept)) chosen.insert(i);
    }
    std::vector<Layering> out;
    out.reserve(chosen.size());
    for (const std::size_t i : chosen) out.push_back(all[i].layering);
    return out;
  }

  std::vector<Layering> best_of(const std::vector<Layering>& latest, int kept) {
    std::vector<LayeringCosts> last(out_.end() - static_cast<std::ptrdiff_t>(latest.size()), out_.end());
    return cheapest(last, shades_.masses.size(), kept);
  }

  std::vector<Layering> best_guessed(const std::vector<Layering>& layerings, int kept) {
    lattice_.prepare(layerings);
    std::vector<LayeringCosts> guessed(layerings.size());
    parallel::each(layerings.size(), [&](std::size_t n) {
      std::vector<float> whole(shades_.size(), kFarOff);
      reach_down(shades_, lattice_.guess(layerings[n]), whole.data());
      guessed[n] = costs(layerings[n], whole);
    });
    return cheapest(guessed, shades_.masses.size(), kept);
  }

  Lattice& lattice_;
  const SearchInput& in_;
  const ShadeSet& shades_;
  std::span<const int> tray_;
  TraySearch options_;
  LayerPrices prices_;
  LayerRules rules_;
  std::vector<float> bare_;
  WholeReach own_;
  WholeReach& full_;
  std::set<Layering> listed_;
  std::vector<LayeringCosts> out_;
};

}  // namespace

int stick_beyond(const Layering& layering, std::span<const int> tray) {
  for (const Layer& l : layering) {
    if (std::find(tray.begin(), tray.end(), l.stick) == tray.end()) return l.stick;
  }
  return -1;
}

Result<std::vector<LayeringCosts>> tray_layerings(Lattice& lattice, const ShadeSet& shades, std::span<const int> tray,
                                                  const TraySearch& options, Observer& observer) {
  return TrayLayerings(lattice, shades, tray, options).run(observer);
}

}  // namespace yd::plan
