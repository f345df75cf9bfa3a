// SPDX-License-Identifier: MIT
#include "search/layer_search.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <numeric>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "parallel/each.h"
#include "support/bounds.h"

namespace yd::plan {
namespace {

std::vector<float> bare_reach(const ShadeSet& shades, const optics::Ground& ground) {
  std::vector<float> best(shades.size(), kFarOff);
  Looks bare;
  bare.at.push_back(colour::to_din99o(colour::to_lab(optics::mean(ground.reflectance))));
  bare.unsteady.push_back(0);
  reach_down(shades, bare, best.data());
  return best;
}

void lower(std::vector<float>& to, const float* by) {
  for (std::size_t i = 0; i < to.size(); ++i) to[i] = std::min(to[i], by[i]);
}

/// The four ways a pair may be used, or the two of a single stick; the shapes stand in the table.
std::vector<StackGeometry> ways_of_pairs() {
  std::vector<StackGeometry> out;
  const auto add = [&](int strokes, Technique first, Technique second) {
    StackGeometry g;
    g.strokes = strokes;
    g.shape[0].technique = first;
    g.shape[1].technique = second;
    out.push_back(g);
  };
  for (const Technique t : kAllTechniques) add(1, t, t);
  for (const Technique first : kAllTechniques) {
    for (const Technique second : kAllTechniques) add(2, first, second);
  }
  return out;
}

/// Whether two colours so far apart, values aside, are two colours.
bool is_off(float a, float b) {
  constexpr float kStandsOut = 9;  // DIN99o
  return std::hypot(a, b) >= kStandsOut;
}

}  // namespace

double calm_of(double even, const colour::Lab& lab) {
  constexpr double kVivid = 60;
  return even * std::max(0.0, 1 - colour::chroma(lab) / kVivid);
}

void ShadeSet::add_mass(std::span<const colour::Lab> labs, std::span<const double> areas,
                        std::span<const double> counted, double is_smooth, std::span<const double> evens) {
  const std::size_t first = l.size();
  if (counted.empty()) counted = areas;
  const double sum = std::accumulate(areas.begin(), areas.end(), 0.0);
  const double all = std::accumulate(counted.begin(), counted.end(), 0.0);
  for (std::size_t i = 0; i < labs.size(); ++i) {
    const colour::Din99o p = colour::to_din99o(labs[i]);
    l.push_back(p.l);
    a.push_back(p.a);
    b.push_back(p.b);
    weight.push_back(static_cast<float>(areas[i] / sum));
    count.push_back(static_cast<float>(counted[i] / all));
    lab.push_back(labs[i]);
    even.push_back(static_cast<float>(evens.empty() ? is_smooth : evens[i]));
  }
  masses.emplace_back(first, l.size());
  whole.emplace_back(first, l.size());
  area.push_back(sum);
  counts.push_back(all);
  smooth.push_back(is_smooth);
  // A thing in it is no part of the smooth surface.
  for (const std::size_t s : standing_out(masses.size() - 1)) even[s] = 0;
  for (std::size_t s = first; s < l.size(); ++s) calm.push_back(static_cast<float>(calm_of(even[s], lab[s])));
}

std::vector<std::size_t> ShadeSet::off_hue(std::size_t mass) const {
  constexpr double kNotGrey = 8;  // chroma
  const auto [first, last] = masses[mass];
  float mean_a = 0;
  float mean_b = 0;
  for (std::size_t s = first; s < last; ++s) mean_a += weight[s] * a[s], mean_b += weight[s] * b[s];
  std::vector<std::size_t> out;
  for (std::size_t s = first; s < last; ++s) {
    if (colour::chroma(lab[s]) >= kNotGrey && is_off(a[s] - mean_a, b[s] - mean_b)) out.push_back(s);
  }
  return out;
}

std::vector<std::size_t> ShadeSet::vivid(std::size_t mass) const {
  constexpr double kSmall = 0.25;  // share of the mass that all of them may have
  std::vector<std::size_t> out = off_hue(mass);
  double taken = 0;
  for (const std::size_t s : out) taken += static_cast<double>(weight[s]);
  return taken <= kSmall ? out : std::vector<std::size_t>{};
}

std::vector<std::size_t> ShadeSet::standing_out(std::size_t mass) const {
  constexpr double kRare = 0.05;  // share of the mass that may have such a colour
  std::vector<std::size_t> out = vivid(mass);
  if (!out.empty()) return out;
  out = off_hue(mass);
  std::erase_if(out, [&](std::size_t s) {
    double like_it = 0;
    for (std::size_t o = masses[mass].first; o < masses[mass].second; ++o)
      like_it += is_off(a[s] - a[o], b[s] - b[o]) ? 0.0 : static_cast<double>(weight[o]);
    return like_it > kRare;
  });
  return out;
}

ShadeSet ShadeSet::rows() const {
  ShadeSet out = *this;
  out.masses.clear();
  out.whole.clear();
  out.area.clear();
  out.counts.clear();
  out.smooth.clear();
  /// Shades that are a row, of those of `mass`: the shares of the whole are made shares of the row.
  const auto row = [&](std::size_t mass, std::size_t begin, std::size_t end, bool alone) {
    double own = 0;
    double counted = 0;
    for (std::size_t s = begin; s < end; ++s) {
      own += static_cast<double>(out.weight[s]);
      counted += static_cast<double>(out.count[s]);
    }
    for (std::size_t s = begin; s < end; ++s) {
      out.weight[s] = static_cast<float>(out.weight[s] / own);
      out.count[s] = static_cast<float>(out.count[s] / counted);
    }
    out.masses.emplace_back(begin, end);
    out.whole.push_back(masses[mass]);
    out.area.push_back(alone ? own * area[mass] : area[mass]);
    out.counts.push_back(alone ? counted * counts[mass] : counts[mass]);
    out.smooth.push_back(smooth[mass]);
    out.share.push_back(counted);
    out.by_itself.push_back(alone ? 1 : 0);
  };
  for (std::size_t m = 0; m < masses.size(); ++m) {
    std::size_t at = masses[m].first;
    double done = 0;
    for (int part = 1; part <= 3; ++part) {
      const std::size_t begin = at;
      while (at < masses[m].second && (done < part / 3.0 - 1e-6 || part == 3)) done += weight[at++];
      row(m, begin, at, false);
    }
    const std::size_t begin = out.l.size();
    for (const std::size_t s : vivid(m)) {
      out.l.push_back(l[s]);
      out.a.push_back(a[s]);
      out.b.push_back(b[s]);
      out.lab.push_back(lab[s]);
      out.weight.push_back(weight[s]);
      out.count.push_back(count[s]);
      out.even.push_back(even[s]);
      out.calm.push_back(calm[s]);
    }
    row(m, begin, out.l.size(), true);
  }
  return out;
}

LayerPrices::LayerPrices(const SearchInput& input, const ShadeSet& shades, const Prices& charged)
    : in_(input), shades_(shades), prices_(charged), sticks_(input.sticks.size()) {
  for (std::size_t m = 0; m < shades.masses.size(); ++m) {
    double light = 0;
    for (std::size_t s = shades.masses[m].first; s < shades.masses[m].second; ++s)
      light += shades.lab[s].l > kLightShade ? shades.weight[s] : 0;
    light_share_.push_back(light);
    const auto [first, last] = shades.whole[m];
    for (const media::Stick& stick : input.sticks) {
      double nearest = kFarOff;
      for (std::size_t s = first; s < last; ++s) {
        if (std::abs(stick.lab.l - shades.lab[s].l) / colour::kLightnessBound < nearest)
          nearest = std::min(nearest, colour::ciede2000(stick.lab, shades.lab[s]));
      }
      far_.push_back(nearest);
    }
  }
}

double LayerPrices::of_layer(std::size_t mass, const Layer& layer, bool first) const {
  const media::Stick& stick = in_.sticks[static_cast<std::size_t>(layer.stick)];
  const double beyond = std::max(0.0, far_from(mass, layer.stick) - prices_.layer.far_free);
  const double strange = std::min(beyond, prices_.layer.stranger);
  double price = prices_.layer.far * beyond + prices_.layer.far_square * strange * strange;
  const media::MediumFacts& medium = media::facts(stick.medium);
  if (medium.pointed() && shades_.area[mass] > prices_.layer.broad) price += prices_.layer.broad_point;
  if (medium.blunt() && shades_.area[mass] < prices_.layer.fine) price += prices_.layer.fine_stub;
  if (layer.technique == Technique::rubbed) price += prices_.layer.rubbed * (1 - shades_.smooth[mass]);
  if (first && in_.rules.school->clean_lights && stick.lab.l < kDarkStick)
    price += prices_.start.dark * light_share_[mass];
  return price;
}

double LayerPrices::of(std::size_t mass, const Layering& layering) const {
  if (layering.empty()) return 0;
  double price = prices_.layer.further * static_cast<double>(layering.size() - 1);
  bool all_rubbed = true;
  bool colour_below = false;
  double darkest = 100;
  for (std::size_t i = 0; i < layering.size(); ++i) {
    price += of_layer(mass, layering[i], i == 0);
    const media::Stick& stick = in_.sticks[static_cast<std::size_t>(layering[i].stick)];
    all_rubbed = all_rubbed && layering[i].technique == Technique::rubbed;
    if (is_black(stick) && colour_below) price += prices_.layer.black_over_colour;
    colour_below = colour_below || !is_black(stick);
    if (i + 1 == layering.size() && i > 0 && layering[i].technique == Technique::rubbed &&
        stick.lab.l < darkest - kDarkFirstSlack)
      price += prices_.layer.dark_rubbed_last;
    darkest = std::min(darkest, stick.lab.l);
  }
  if (all_rubbed && layering.size() > 1) price += prices_.layer.all_rubbed * (1 - shades_.smooth[mass]);
  if (in_.rules.school->price == nullptr) return price;
  const auto [first, last] = shades_.whole[mass];
  const colour::Lab& middle = shades_.lab[(first + last) / 2];
  std::array<Stroke, kMostStrokes> strokes;
  const std::size_t layers = within(layering.size(), strokes.size());
  std::transform(layering.begin(), layering.end(), strokes.begin(), [](const Layer& layer) {
    return Stroke{layer.stick, 0.75, layer.technique};
  });
  return price + school_price(in_.rules, std::span(strokes).first(layers), in_.sticks, middle);
}

/// Chain by chain; within one, first sticks are spread over the cores, so no two threads share a row.
class LayerSearch {
 public:
  LayerSearch(Lattice& lattice, const ShadeSet& shades, const PairOptions& options)
      : lattice_(lattice),
        options_(options),
        in_(lattice.input()),
        shades_(shades),
        prices_(in_, shades),
        bare_(bare_reach(shades, *in_.ground)),
        table_(in_.sticks.size(), shades.masses.size(), ways_of_pairs()) {
    for (const media::Stick& s : in_.sticks) even_.push_back(colour::to_din99o(s.lab));
  }

  Result<PairTable> run(Observer& observer) {
    singles();
    choose_sticks();
    const auto chains = chains_of_two();
    for (std::size_t c = 0; c < chains.size(); ++c) {
      for (std::uint16_t way = 2; way < 6; ++way) {
        if (observer.cancelled()) return Error{Error::Code::cancelled, "search", "stopped"};
        pairs(of_medium(chains[c].first), of_medium(chains[c].second), way);
      }
      observer.progress(static_cast<double>(c + 1) / static_cast<double>(chains.size()), "searching layers");
    }
    table_.evaluations = evaluations_;
    return std::move(table_);
  }

 private:
  /// What may lie over what, of the media that there are.
  std::vector<std::pair<optics::Medium, optics::Medium>> chains_of_two() const {
    std::vector<std::pair<optics::Medium, optics::Medium>> out;
    for (const optics::Medium first : media::all_media()) {
      for (const optics::Medium second : media::all_media()) {
        if (may_lie_over(second, first) && !of_medium(first).empty() && !of_medium(second).empty())
          out.emplace_back(first, second);
      }
    }
    return out;
  }

  std::vector<int> of_medium(optics::Medium m) const {
    std::vector<int> out;
    for (std::size_t i = 0; i < in_.sticks.size(); ++i) {
      if (in_.sticks[i].medium == m) out.push_back(static_cast<int>(i));
    }
    return out;
  }

  float* single(int stick, std::size_t technique) {
    return &singles_[(static_cast<std::size_t>(stick) * 2 + technique) * shades_.size()];
  }

  /// One layer, each stick by itself: also what a pair comes to where the other layer is left out.
  void singles() {
    std::vector<Layering> all;
    for (std::size_t i = 0; i < in_.sticks.size(); ++i) {
      for (const Technique t : kAllTechniques) all.push_back({{static_cast<int>(i), t}});
    }
    lattice_.prepare(all);
    singles_.assign(all.size() * shades_.size(), kFarOff);
    parallel::each(all.size(),
                   [&](std::size_t n) { reach_down(shades_, lattice_.looks(all[n]), &singles_[n * shades_.size()]); });
    for (std::size_t n = 0; n < all.size(); ++n) {
      std::vector<float> best = bare_;
      lower(best, &singles_[n * shades_.size()]);
      const auto stick = static_cast<std::size_t>(all[n][0].stick);
      keep(stick, stick, static_cast<std::uint16_t>(all[n][0].technique), all[n], best);
    }
    evaluations_ += all.size() * kGrades.size();
  }

  void keep(std::size_t first, std::size_t second, std::uint16_t way, const Layering& layering,
            const std::vector<float>& best) {
    for (std::size_t m = 0; m < shades_.masses.size(); ++m) {
      const float cost = static_cast<float>(mean_difference(shades_, m, best.data()) + prices_.of(m, layering)) +
                         (layering.size() > 1 ? stroke_price() : 0.0F);
      const std::size_t cell = table_.at(m, first, second);
      if (cost < table_.cost_[cell]) {
        table_.cost_[cell] = cost;
        table_.geometry_[cell] = way;
      }
    }
  }

  /// Sticks that may serve a mass: the best alone, and for every shade the nearest.
  void choose_sticks() {
    const std::size_t sticks = in_.sticks.size();
    worth_.assign(shades_.masses.size() * sticks, 0);
    parallel::each(shades_.masses.size(), [&](std::size_t m) {
      std::vector<std::pair<double, std::size_t>> order;
      const auto take = [&](std::size_t count) {
        count = std::min(count, order.size());
        std::partial_sort(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count), order.end());
        for (std::size_t i = 0; i < count; ++i) worth_[m * sticks + order[i].second] = 1;
      };
      if (!shades_.by_itself.empty() && shades_.by_itself[m] != 0) return;
      for (std::size_t s = 0; s < sticks; ++s) order.emplace_back(table_.cost(m, s, s), s);
      take(options_.alone);
      for (std::size_t n = shades_.masses[m].first; n < shades_.masses[m].second; ++n) {
        order.clear();
        for (std::size_t s = 0; s < sticks; ++s)
          order.emplace_back(colour::distance_squared(even_[s], {shades_.l[n], shades_.a[n], shades_.b[n]}), s);
        take(options_.near);
      }
    });
  }

  bool worth_trying(int first, int second) const {
    const std::size_t sticks = in_.sticks.size();
    for (std::size_t m = 0; m < shades_.masses.size(); ++m) {
      if (worth_[m * sticks + static_cast<std::size_t>(first)] != 0 &&
          worth_[m * sticks + static_cast<std::size_t>(second)] != 0)
        return true;
    }
    return false;
  }

  void pairs(const std::vector<int>& firsts, const std::vector<int>& seconds, std::uint16_t way) {
    const StackGeometry& shape = table_.geometries_[way];
    const std::array<Technique, 2> how{shape.shape[0].technique, shape.shape[1].technique};
    const Layering pattern{{firsts.front(), how[0]}, {seconds.front(), how[1]}};
    lattice_.prepare(std::span(&pattern, 1));
    const ChainGeometry& chain = lattice_.chain(pattern);
    if (std::none_of(chain.allowed.begin(), chain.allowed.end(), [](char c) { return c != 0; })) return;
    prepare_over(chain, seconds);
    parallel::spans(firsts.size(), 2, [&](std::size_t begin, std::size_t end) {
      for (std::size_t i = begin; i < end; ++i) one_first(chain, firsts[i], seconds, how, way);
    });
  }

  /// Tables of the coats that hold the second stick alone: the same over every first stick.
  void prepare_over(const ChainGeometry& chain, const std::vector<int>& seconds) {
    offset_.clear();
    std::size_t count = 0;
    for (const StackGeometry& g : chain.nodes) {
      offset_.push_back(count);
      count += g.coats.size() - g.under;
    }
    coats_ = count;
    over_.resize(seconds.size() * count);
    parallel::each(seconds.size(), [&](std::size_t n) {
      for (std::size_t node = 0; node < chain.nodes.size(); ++node) {
        const StackGeometry& g = chain.nodes[node];
        for (std::size_t c = g.under; c < g.coats.size(); ++c) {
          if (g.coats[c].share[1] < 1) continue;
          optics::kernel().films(lattice_.pigment(seconds[n]), g.coats[c].loads,
                                 over_[n * count + offset_[node] + c - g.under]);
        }
      }
    });
  }

  optics::CoarseStrata under_coats(const StackGeometry& g, int first) const {
    optics::CoarseStrata state = optics::coarse(in_.ground->reflectance);
    optics::CoatTable coat;
    for (std::size_t c = 0; c < g.under; ++c) {
      optics::kernel().films(lattice_.pigment(first), g.coats[c].loads, coat);
      optics::kernel().lay(state, coat, state);
    }
    return state;
  }

  void one_first(const ChainGeometry& chain, int first, const std::vector<int>& seconds,
                 const std::array<Technique, 2>& how, std::uint16_t way) {
    std::vector<optics::CoarseStrata> under;
    for (const StackGeometry& g : chain.nodes) under.push_back(under_coats(g, first));
    Looks looks;
    std::uint64_t done = 0;
    for (std::size_t n = 0; n < seconds.size(); ++n) {
      const int second = seconds[n];
      if (first == second || !stack_allowed(in_, first, second) || !worth_trying(first, second)) continue;
      looks.at.clear();
      for (std::size_t node = 0; node < chain.nodes.size(); ++node)
        looks.at.push_back(colour::to_din99o(finish(chain.nodes[node], under[node], first, second, n, offset_[node])));
      looks.speckle.assign(looks.at.size(), 0);
      add_unsteadiness(looks, chain, lattice_.hand());
      std::vector<float> best = bare_;
      lower(best, single(first, static_cast<std::size_t>(how[0])));
      lower(best, single(second, static_cast<std::size_t>(how[1])));
      reach_down(shades_, looks, best.data());
      keep(static_cast<std::size_t>(first), static_cast<std::size_t>(second), way, {{first, how[0]}, {second, how[1]}},
           best);
      done += looks.at.size();
    }
    evaluations_ += done;
  }

  /// Coats above the first stick's own, for the n-th second stick.
  colour::Lab finish(const StackGeometry& g, const optics::CoarseStrata& under, int first, int second, std::size_t n,
                     std::size_t offset) const {
    optics::CoarseStrata state;
    const optics::CoarseStrata* below = &under;
    optics::CoatTable mixed;
    colour::CoarseSpectrum mean;
    for (std::size_t c = g.under; c < g.coats.size(); ++c) {
      const optics::CoatTable* coat = &over_[n * coats_ + offset + c - g.under];
      if (g.coats[c].share[1] < 1) {
        const std::array<const optics::CoarsePigment*, 2> both{&lattice_.pigment(first), &lattice_.pigment(second)};
        optics::kernel().films(blend(g.coats[c].share, both), g.coats[c].loads, mixed);
        coat = &mixed;
      }
      if (c + 1 == g.coats.size()) {
        optics::kernel().lay_mean(*below, *coat, mean);
      } else {
        optics::kernel().lay(*below, *coat, state);
        below = &state;
      }
    }
    if (g.under == g.coats.size()) mean = optics::mean(under);
    return colour::to_lab(mean);
  }

  Lattice& lattice_;
  PairOptions options_;
  const SearchInput& in_;
  const ShadeSet& shades_;
  std::vector<colour::Din99o> even_;  ///< masstones of the sticks
  std::vector<char> worth_;           ///< by mass and stick
  LayerPrices prices_;
  std::vector<float> bare_;
  PairTable table_;
  std::vector<float> singles_;
  std::vector<optics::CoatTable> over_;
  std::vector<std::size_t> offset_;
  std::size_t coats_ = 0;
  std::atomic<std::uint64_t> evaluations_ = 0;
};

Result<PairTable> search_layers(Lattice& lattice, const ShadeSet& shades, Observer& observer,
                                const PairOptions& options) {
  if (lattice.input().sticks.empty()) return bad_value("sticks", "there are none to search");
  if (shades.masses.empty()) return bad_value("masses", "there are none to match");
  if (!lattice.input().below.strokes.empty()) return bad_value("below", "pairs are searched on a ground only");
  return LayerSearch(lattice, shades, options).run(observer);
}

}  // namespace yd::plan
