// SPDX-License-Identifier: MIT
#include <tbb/parallel_for.h>

#include <algorithm>
#include <map>
#include <set>

#include "colour/observer.h"
#include "search/layer_search.h"

namespace yd::plan {
namespace {

class TrayLayerings {
 public:
  TrayLayerings(Lattice& lattice, const ShadeSet& shades, std::span<const int> tray, const TraySearch& options)
      : lattice_(lattice),
        in_(lattice.input()),
        shades_(shades),
        tray_(tray),
        options_(options),
        prices_(in_, shades),
        bare_(shades.size(), kFarOff) {
    Looks bare;
    bare.at.push_back(colour::to_din99o(colour::to_lab(optics::mean(in_.ground->reflectance))));
    bare.unsteady.push_back(0);
    reach_down(shades_, bare, bare_.data());
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
    return std::move(out_);
  }

 private:
  bool follows(const Layer& under, const Layer& over) const {
    const media::Stick& below = in_.sticks[static_cast<std::size_t>(under.stick)];
    const media::Stick& above = in_.sticks[static_cast<std::size_t>(over.stick)];
    if (in_.rules.manner == Manner::rubbed && under.technique != Technique::rubbed) return false;
    return under.stick != over.stick && may_lie_over(above.medium, below.medium) &&
           stick_may_follow(in_.rules, below, above);
  }

  /// A layer between may be nothing somewhere: the new one keeps the school's law, and dirties nothing, over all below.
  bool may_meet(const Layering& below, const Layer& over) const {
    const media::Stick& above = in_.sticks[static_cast<std::size_t>(over.stick)];
    return std::all_of(below.begin(), below.end(), [&](const Layer& l) {
      const media::Stick& under = in_.sticks[static_cast<std::size_t>(l.stick)];
      return stick_may_follow(in_.rules, under, above) &&
             !(over.technique == Technique::rubbed && dirties(under, above));
    });
  }

  bool completes(const Layering& l) const {
    if (l.size() != 3) return true;
    const auto stick = [&](std::size_t i) -> const media::Stick& {
      return in_.sticks[static_cast<std::size_t>(l[i].stick)];
    };
    return may_complete(in_.rules, stick(0), stick(1), stick(2));
  }

  /// One layer more on top of each.
  std::vector<Layering> grow(const std::vector<Layering>& from) const {
    std::vector<Layering> out;
    for (const Layering& l : from) {
      for (const int stick : tray_) {
        for (const Technique t : kAllTechniques) {
          if (in_.rules.manner == Manner::broken && t == Technique::rubbed) continue;
          if (!follows(l.back(), {stick, t}) || !may_meet(l, {stick, t})) continue;
          Layering more = l;
          more.push_back({stick, t});
          if (completes(more)) out.push_back(std::move(more));
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
      Layering part;
      for (std::size_t i = 0; i < layering.size(); ++i) {
        if ((mask >> i & 1U) != 0) part.push_back(layering[i]);
      }
      const auto found = full_.find(part);
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
    std::vector<std::vector<float>> whole(layerings.size(), std::vector<float>(shades_.size(), kFarOff));
    std::vector<LayeringCosts> made(layerings.size());
    tbb::parallel_for(std::size_t{0}, layerings.size(), [&](std::size_t n) {
      reach_down(shades_, lattice_.looks(layerings[n]), whole[n].data());
      made[n] = costs(layerings[n], whole[n]);
    });
    for (std::size_t n = 0; n < layerings.size(); ++n) full_.emplace(layerings[n], std::move(whole[n]));
    std::move(made.begin(), made.end(), std::back_inserter(out_));
  }

  /// The union of the cheapest of every mass.
  static std::vector<Layering> cheapest(std::vector<LayeringCosts>& all, std::size_t masses, int kept) {
    std::set<std::size_t> chosen;
    std::vector<std::size_t> order(all.size());
    const std::size_t count = std::min(all.size(), static_cast<std::size_t>(kept));
    for (std::size_t m = 0; m < masses; ++m) {
      for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
      std::partial_sort(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count), order.end(),
                        [&](std::size_t p, std::size_t q) {
                          return all[p].cost[m] != all[q].cost[m] ? all[p].cost[m] < all[q].cost[m] : p < q;
                        });
      chosen.insert(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count));
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
    tbb::parallel_for(std::size_t{0}, layerings.size(), [&](std::size_t n) {
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
  std::vector<float> bare_;
  std::map<Layering, std::vector<float>> full_;
  std::vector<LayeringCosts> out_;
};

}  // namespace

Result<std::vector<LayeringCosts>> tray_layerings(Lattice& lattice, const ShadeSet& shades, std::span<const int> tray,
                                                  const TraySearch& options, Observer& observer) {
  return TrayLayerings(lattice, shades, tray, options).run(observer);
}

}  // namespace yd::plan
