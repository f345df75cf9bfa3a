// SPDX-License-Identifier: MIT
// What a tray offers every mass, and a tray that offers more.
#include <algorithm>
#include <set>

#include "painting_family.h"
#include "price/price.h"

namespace yd::plan {

/// A layering of one mass, with what it costs.
struct Painting::OfferedWay {
  double cost = 0;
  const Layering* layering = nullptr;
  int beyond = -1;  ///< the stick it needs from outside the tray
};

/// All ways of one mass, cheapest first.
struct Painting::WaysOfMass {
  double weight = 0;
  std::vector<OfferedWay> ways;

  /// Of the cheapest way that needs nothing from outside but `added`, and nothing of `removed`.
  double best(const std::set<int>& added, const std::set<int>& removed) const {
    for (const OfferedWay& w : ways) {
      const bool there = std::none_of(w.layering->begin(), w.layering->end(),
                                      [&](const Layer& l) { return removed.count(l.stick) != 0; });
      if (there && (w.beyond < 0 || added.count(w.beyond) != 0)) return w.cost;
    }
    return kForbidden;
  }
};

namespace {

constexpr std::size_t kAtATime = 3;  // sticks
constexpr int kExchanges = 2;

Layering layering_of(std::span<const Stroke> strokes) {
  Layering out;
  for (const Stroke& s : strokes) out.push_back({s.stick, s.technique});
  return out;
}

/// The layers that lie on no shade of the mass yet; one that is wanted twice is laid twice.
Layering still_to_come(const Layering& wanted, std::span<const Layering> laid) {
  Layering out;
  for (auto layer = wanted.begin(); layer != wanted.end(); ++layer) {
    const auto times = std::count(wanted.begin(), layer + 1, *layer);
    const bool there = std::any_of(laid.begin(), laid.end(), [&](const Layering& on_shade) {
      return std::count(on_shade.begin(), on_shade.end(), *layer) >= times;
    });
    if (!there) out.push_back(*layer);
  }
  return out;
}

/// A tray with some sticks more and some fewer.
std::vector<int> changed(std::span<const int> tray, const std::set<int>& added, const std::set<int>& removed) {
  std::vector<int> out(added.begin(), added.end());
  std::copy_if(tray.begin(), tray.end(), std::back_inserter(out), [&](int s) { return removed.count(s) == 0; });
  std::sort(out.begin(), out.end());
  return out;
}

}  // namespace

Status Painting::list_layerings(Family& family, std::span<const int> tray, std::span<const int> others,
                                Observer& observer) {
  Listing& listed = family.listed;
  listed = {};
  listed.costs.assign(family.masses.size(), {});
  listed.used.assign(family.masses.size(), {});
  if (!family.beds.empty()) return list_on_beds(family, tray, observer);
  TraySearch options;
  options.most_layers = most_layers(family);
  options.others = others;
  options.known = &family.known;
  auto found = tray_layerings(*family.lattice, family.shades, tray, options, observer);
  if (!found) return found.error();
  for (LayeringCosts& c : found.value()) {
    if (c.layering.empty()) continue;
    listed.looks += nodes_of(c.layering.size());
    if (stick_beyond(c.layering, tray) >= 0) {
      listed.beyond.push_back(std::move(c));
      continue;
    }
    listed.layerings.push_back(std::move(c.layering));
    for (std::size_t m = 0; m < family.masses.size(); ++m) {
      listed.costs[m].push_back(c.cost[m]);
      listed.used[m].push_back(c.used[m]);
    }
  }
  return success();
}

/// One layering more, which costs the mass nothing, and every other too much.
void Painting::Listing::give_only(std::size_t place, Layering layering) {
  layerings.push_back(std::move(layering));
  for (std::vector<float>& c : costs) c.push_back(kForbidden);
  std::fill(costs[place].begin(), costs[place].end(), kForbidden);
  costs[place].back() = 0;
  for (LayeringCosts& c : beyond) c.cost[place] = kForbidden;
  for (std::vector<LayerShares>& shares : used) {
    shares.emplace_back();
    shares.back().fill(1);
  }
}

/// What lies on a shade of the mass bars what may not lie over it; leaving all as it is, is one way.
Status Painting::list_on_beds(Family& family, std::span<const int> tray, Observer& observer) {
  Listing& listed = family.listed;
  std::vector<int> over;
  for (const int s : tray) {
    const bool may = std::all_of(family.beds.begin(), family.beds.end(), [&](const Bed& b) {
      return b.laid.empty() || may_lie_over(in_.sticks[static_cast<std::size_t>(s)].medium,
                                            in_.sticks[static_cast<std::size_t>(b.laid.back().stick)].medium);
    });
    if (may) over.push_back(s);
  }
  TraySearch options;
  options.most_layers = most_layers(family);
  options.started = 0;  // the same layerings on every bed
  for (std::size_t b = 0; b < family.beds.size(); ++b) {
    const Bed& bed = family.beds[b];
    std::vector<colour::Lab> labs;
    std::vector<double> areas;
    std::vector<double> counts;
    std::vector<double> even;
    for (const std::size_t t : bed.targets) {
      labs.push_back(in_.targets[t].target);
      areas.push_back(in_.targets[t].area);
      counts.push_back(counted(in_.targets[t]));
      even.push_back(in_.even[t]);
    }
    ShadeSet shades;
    shades.add_mass(labs, areas, counts, in_.smooth[static_cast<std::size_t>(in_.targets[bed.targets.front()].mass)],
                    even);
    auto found = tray_layerings(*family.bed_lattices[b], shades, over, options, observer);
    if (!found) return found.error();
    for (std::size_t i = 0; i < found.value().size(); ++i) {
      const LayeringCosts& c = found.value()[i];
      const auto share = static_cast<float>(bed.share);
      if (b == 0) {
        listed.layerings.push_back(c.layering);
        listed.costs[0].push_back(0);
        listed.used[0].push_back({});
      }
      listed.costs[0][i] += share * c.cost[0];
      for (std::size_t n = 0; n < c.layering.size(); ++n) listed.used[0][i][n] += share * c.used[0][n];
      listed.looks += nodes_of(c.layering.size());
    }
  }
  return success();
}

/// A mass whose layers the artist chose has that layering only, or what is left of it.
void Painting::force_hand_choices(Family& family) {
  Listing& listed = family.listed;
  std::vector<Layering> laid;
  for (const Bed& b : family.beds) laid.push_back(layering_of(b.laid));
  for (std::size_t m = 0; m < family.masses.size(); ++m) {
    const HandChoice* hand = chosen_by_hand(*in_.options, in_.targets[family.targets[m].front()].mass);
    if (hand == nullptr) continue;
    listed.give_only(m, still_to_come(layering_of(hand->strokes), laid));
    for (const std::size_t t : family.targets[m]) in_.targets[t].by_hand = true;
  }
}

Status Painting::consider(std::span<const int> tray, std::span<const int> others, Observer& observer) {
  for (std::size_t f = 0; f < families_.size(); ++f) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
    const auto n = static_cast<double>(families_.size());
    Stretch part(observer, static_cast<double>(f) / n, static_cast<double>(f + 1) / n);
    Status listed = list_layerings(*families_[f], tray, others, part);
    if (!listed) return listed;
    force_hand_choices(*families_[f]);
  }
  chosen_ = choose();
  return success();
}

std::vector<Painting::WaysOfMass> Painting::offered_ways(std::span<const int> tray) const {
  std::vector<WaysOfMass> out;
  for (std::size_t m = 0; m < all_.size(); ++m) {
    const auto& [family, place] = place_[m];
    const Listing& listed = family->listed;
    WaysOfMass of{all_[m].weight, {}};
    for (std::size_t l = 0; l < listed.layerings.size(); ++l)
      of.ways.push_back({listed.costs[place][l], &listed.layerings[l], -1});
    for (const LayeringCosts& c : listed.beyond)
      of.ways.push_back({c.cost[place], &c.layering, stick_beyond(c.layering, tray)});
    std::stable_sort(of.ways.begin(), of.ways.end(),
                     [](const OfferedWay& p, const OfferedWay& q) { return p.cost < q.cost; });
    out.push_back(std::move(of));
  }
  return out;
}

namespace {

/// The least `cost()` with one of `sticks` more in `changing`, and that stick; -1 where none costs less than `least`.
template <class Cost>
std::pair<double, int> cheapest_change(const Cost& cost, std::span<const int> sticks, std::set<int>& changing,
                                       double least) {
  std::pair<double, int> best{least, -1};
  for (const int s : sticks) {
    if (!changing.insert(s).second) continue;
    best = std::min(best, {cost(), s});
    changing.erase(s);
  }
  return best;
}

}  // namespace

/// The tray with the sticks that help most, without those that are missed least; itself where none is worth it.
std::vector<int> Painting::exchanged(std::span<const int> tray, const Exchange& exchange) const {
  const std::vector<WaysOfMass> masses = offered_ways(tray);
  std::set<int> added;
  std::set<int> removed;
  const auto cost = [&] {
    double sum = exchange.accents(changed(tray, added, removed));
    for (const WaysOfMass& m : masses) sum += m.weight * m.best(added, removed);
    return sum;
  };
  const double before = cost();
  double now = before;
  while (added.size() < kAtATime) {
    const auto [cheaper, stick] = cheapest_change(cost, exchange.others, added, now - prices().tray.fetch);
    if (stick < 0) break;
    added.insert(stick);
    now = cheaper;
  }
  std::vector<int> may_leave;
  std::copy_if(tray.begin(), tray.end(), std::back_inserter(may_leave), [&](int s) {
    return std::find(exchange.must_have.begin(), exchange.must_have.end(), s) == exchange.must_have.end();
  });
  while (tray.size() + added.size() - removed.size() > static_cast<std::size_t>(exchange.most_sticks)) {
    const auto [dearer, stick] = cheapest_change(cost, may_leave, removed, kForbidden);
    if (stick < 0) return {tray.begin(), tray.end()};
    removed.insert(stick);
    now = dearer;
  }
  if (before - now < prices().tray.fetch) return {tray.begin(), tray.end()};
  return changed(tray, added, removed);
}

void Painting::keep(Considered& now) {
  now.listings.clear();
  for (const auto& f : families_) now.listings.push_back(std::move(f->listed));
  now.chosen = std::move(chosen_);
  now.hurried = hurried_;
}

void Painting::bring_back(Considered& before) {
  for (std::size_t f = 0; f < families_.size(); ++f) families_[f]->listed = std::move(before.listings[f]);
  list_masses();
  chosen_ = std::move(before.chosen);
  hurried_ = before.hurried;
}

Result<Painted> Painting::paint(std::vector<int>& tray, const Exchange& exchange, Observer& observer) {
  Stretch first(observer, 0, 0.4);
  const Status considered = consider(tray, exchange.others, first);
  if (!considered) return considered.error();
  double cost = plan_cost(all_, chosen_, {}) + (exchange.others.empty() ? 0 : exchange.accents(tray));
  Exchange left = exchange;
  for (int n = 0; n < kExchanges && !left.others.empty(); ++n) {
    std::vector<int> other = exchanged(tray, left);
    if (other == tray) break;
    std::vector<int> others = tray;
    others.insert(others.end(), left.others.begin(), left.others.end());
    std::erase_if(others, [&](int s) { return std::count(other.begin(), other.end(), s) != 0; });
    Considered before;
    keep(before);
    Stretch again(observer, 0.4 + 0.15 * n, 0.4 + 0.15 * (n + 1));
    const Status tried = consider(other, others, again);
    if (!tried) return tried.error();
    const double now = plan_cost(all_, chosen_, {}) + exchange.accents(other);
    if (now >= cost) {
      bring_back(before);
      break;
    }
    cost = now;
    tray = std::move(other);
    left.others = std::move(others);
  }
  Stretch last(observer, 0.7, 1);
  return write_plan(last);
}

}  // namespace yd::plan
