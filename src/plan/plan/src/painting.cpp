#include "painting.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "colour/ciede2000.h"
#include "order/order.h"
#include "recipe/pareto.h"
#include "search/pressures.h"
#include "order/schedule.h"

namespace yd::plan {
namespace {

constexpr double kFixGain = 0.3;        // CIEDE2000 on a mass from which a stop for fixative is worth its drying
constexpr std::size_t kOtherWays = 10;  // layerings of a mass that are offered instead
constexpr double kSmallMass = 0.2;      // floor of a mass's weight, shared among all, so that a small one still counts

/// Strokes of the passes that are done, on one shade.
std::vector<Stroke> laid_on(const std::vector<LaidPass>& laid, const TargetPlan& target) {
  std::vector<Stroke> out;
  bool fixed = false;
  for (const LaidPass& p : laid) {
    const auto part = std::find_if(p.parts.begin(), p.parts.end(), [&](const LaidPass::Part& here) {
      return here.mass == target.mass && (here.shade < 0 ? here.role == target.role : here.shade == target.shade);
    });
    if (part == p.parts.end() || p.skipped) continue;
    fixed = fixed || p.kind == PassKind::fix;
    if (p.kind != PassKind::stroke) continue;
    out.push_back({p.stick, part->pressure > 0 ? part->pressure : p.pressure, p.technique, fixed,
                   part->level < 0 ? p.level : part->level});
    fixed = false;
  }
  return out;
}

const HandChoice* chosen_by_hand(const PlanOptions& options, int mass) {
  for (const HandChoice& h : options.by_hand) {
    if (h.mass == mass) return &h;
  }
  return nullptr;
}

Layering layering_of(std::span<const Stroke> strokes) {
  Layering out;
  for (const Stroke& s : strokes) out.push_back({s.stick, s.technique});
  return out;
}

/// Every way to use the layers of one mass on one ground: parts of the layering at all grades, and none of it.
struct Ways {
  std::vector<PressureWay> ways;
  std::vector<Stack> stacks;  ///< the same, with the strokes that are used
  std::vector<colour::Din99o> even;
};

Ways ways_of(Lattice& lattice, const Layering& layering) {
  Ways out;
  const optics::Look bare = optics::look(lattice.input().ground->reflectance);
  out.ways.push_back({std::vector<double>(layering.size(), 0), bare.lab, 0});
  out.stacks.push_back({{}, bare.lab, static_cast<float>(bare.spread_l), 1});
  out.even.push_back(colour::to_din99o(bare.lab));
  for (std::size_t mask = 1; mask < (std::size_t{1} << layering.size()); ++mask) {
    Layering part;
    std::vector<std::size_t> from;
    for (std::size_t i = 0; i < layering.size(); ++i) {
      if ((mask >> i & 1U) != 0) part.push_back(layering[i]), from.push_back(i);
    }
    lattice.prepare(std::span(&part, 1));
    const ChainGeometry& chain = lattice.chain(part);
    const Looks looks = lattice.looks(part);
    for (std::size_t n = 0; n < looks.at.size(); ++n) {
      if (looks.unsteady[n] >= kNotAllowed) continue;
      PressureWay way{std::vector<double>(layering.size(), 0), looks.lab[n], looks.unsteady[n]};
      for (std::size_t i = 0; i < from.size(); ++i) way.pressures[from[i]] = kGrades[grade_at(n, i)];
      out.ways.push_back(std::move(way));
      out.even.push_back(looks.at[n]);
      out.stacks.push_back(
          {strokes_at(part, n), looks.lab[n], looks.speckle[n], static_cast<float>(chain.nodes[n].tooth_left)});
    }
  }
  return out;
}

}  // namespace

/// Shades of one mass on which the same strokes lie already.
struct Painting::Bed {
  std::vector<Stroke> laid;
  std::vector<std::size_t> targets;
  double share = 1;  ///< of the mass
  optics::Ground ground;
};

/// Masses on the same ground under the same rules; one mass by itself where strokes lie on it already.
struct Painting::Family {
  int coat = -1;
  StackRules rules;
  std::vector<std::size_t> masses;
  std::vector<std::vector<std::size_t>> targets;  ///< of each mass, dark to light
  ShadeSet shades;
  std::unique_ptr<Lattice> lattice;
  std::vector<Bed> beds;  ///< empty where nothing is laid
  std::vector<std::unique_ptr<Lattice>> bed_lattices;
  std::vector<Layering> layerings;
  std::vector<std::vector<float>> costs;  ///< of each mass, by layering
  std::uint64_t looks = 0;
};

Painting::Painting(const PaintingInput& input) : in_(input) {
  std::vector<std::vector<std::size_t>> shades(in_.masses);
  for (std::size_t t = 0; t < in_.targets.size(); ++t)
    shades[static_cast<std::size_t>(in_.targets[t].mass)].push_back(t);
  for (std::vector<std::size_t>& u : shades) {
    if (u.empty()) continue;
    std::stable_sort(u.begin(), u.end(),
                     [&](std::size_t p, std::size_t q) { return in_.targets[p].target.l < in_.targets[q].target.l; });
    add_mass(u);
  }
  for (auto& f : families_) {
    const SearchInput search{&bare(f->coat), in_.parameters, in_.sticks, {}, f->rules};
    f->lattice = std::make_unique<Lattice>(search, in_.options->hand);
    for (const Bed& bed : f->beds)
      f->bed_lattices.push_back(std::make_unique<Lattice>(
          SearchInput{&bed.ground, in_.parameters, in_.sticks, {}, f->rules}, in_.options->hand));
  }
}

Painting::~Painting() = default;

const optics::Ground& Painting::bare(int coat) const {
  return coat < 0 ? in_.paper->ground : in_.coats[static_cast<std::size_t>(coat)].ground;
}

void Painting::add_mass(const std::vector<std::size_t>& targets) {
  const TargetPlan& any = in_.targets[targets.front()];
  StackRules rules = in_.rules[static_cast<std::size_t>(any.mass)];
  std::vector<colour::Lab> labs;
  std::vector<double> areas;
  double light = 0;
  double area = 0;
  for (const std::size_t t : targets) {
    labs.push_back(in_.targets[t].target);
    areas.push_back(in_.targets[t].area);
    light += in_.targets[t].target.l * in_.targets[t].area;
    area += in_.targets[t].area;
  }
  rules.coat_first = rules.school == School::light_coat && light >= kGlazed * area;
  std::vector<Bed> beds = beds_of(targets);
  auto found = std::find_if(families_.begin(), families_.end(), [&](const auto& f) {
    return beds.empty() && f->beds.empty() && f->coat == any.coat && f->rules == rules;
  });
  if (found == families_.end()) {
    families_.push_back(std::make_unique<Family>());
    found = families_.end() - 1;
    (*found)->coat = any.coat;
    (*found)->rules = rules;
    (*found)->beds = std::move(beds);
  }
  (*found)->masses.push_back(static_cast<std::size_t>(any.mass));
  (*found)->targets.push_back(targets);
  (*found)->shades.add_mass(labs, areas);
}

std::vector<Painting::Bed> Painting::beds_of(const std::vector<std::size_t>& targets) const {
  std::vector<Bed> out;
  bool any = false;
  double area = 0;
  const int coat = in_.targets[targets.front()].coat;
  for (const std::size_t t : targets) {
    TargetPlan& target = in_.targets[t];
    std::vector<Stroke> laid = laid_on(in_.options->laid, target);
    target.laid = static_cast<int>(laid.size());
    any = any || !laid.empty();
    area += target.area;
    auto found = std::find_if(out.begin(), out.end(), [&](const Bed& b) { return b.laid == laid; });
    if (found == out.end()) {
      out.push_back({std::move(laid), {}, 0, {}});
      found = out.end() - 1;
    }
    found->targets.push_back(t);
    found->share += target.area;
  }
  if (!any) return {};
  for (Bed& b : out) {
    b.share /= area;
    std::vector<optics::Pigment> pigments(in_.sticks.size());
    for (const Stroke& s : b.laid) {
      const auto i = static_cast<std::size_t>(s.stick);
      pigments[i] = media::pigment_of(in_.sticks[i], *in_.parameters);
    }
    b.ground =
        b.laid.empty() ? bare(coat) : optics::settle(build(bare(coat), *in_.parameters, in_.sticks, b.laid), pigments);
  }
  return out;
}

Result<PairTable> Painting::table(std::span<const int> pool, Observer& observer) {
  std::vector<media::Stick> sticks;
  for (const int i : pool) sticks.push_back(in_.sticks[static_cast<std::size_t>(i)]);
  PairTable out(sticks.size(), 3 * in_.masses, {});
  for (std::size_t f = 0; f < families_.size(); ++f) {
    const Family& family = *families_[f];
    const auto n = static_cast<double>(families_.size());
    Stretch part(observer, static_cast<double>(f) / n, static_cast<double>(f + 1) / n);
    const optics::Ground& ground = family.beds.empty() ? bare(family.coat) : family.beds.front().ground;
    Lattice lattice({&ground, in_.parameters, sticks, {}, family.rules}, in_.options->hand);
    const auto table = search_layers(lattice, family.shades.thirds(), part);
    if (!table) return table.error();
    std::vector<std::size_t> rows;
    for (const std::size_t m : family.masses) {
      for (std::size_t third = 0; third < 3; ++third) rows.push_back(3 * m + third);
    }
    out.take(table.value(), rows);
  }
  return out;
}

std::vector<double> Painting::weights() const {
  std::vector<double> out(3 * in_.masses, 0);
  double sum = 0;
  for (const auto& f : families_) {
    const ShadeSet thirds = f->shades.thirds();
    for (std::size_t n = 0; n < thirds.masses.size(); ++n) {
      double& weight = out[3 * f->masses[n / 3] + n % 3];
      weight = thirds.share[n] * (thirds.area[n] + kSmallMass / static_cast<double>(in_.masses));
      sum += weight;
    }
  }
  for (double& w : out) w /= sum;
  return out;
}

int Painting::most_layers(const Family& family) const {
  const int most = std::max(in_.options->most_strokes, usual_strokes(family.rules.school));
  if (family.beds.empty()) return most;
  int laid = 0;
  for (const Bed& b : family.beds) laid = std::max(laid, static_cast<int>(b.laid.size()));
  return std::clamp(most - laid, 1, 2);
}

Status Painting::list_layerings(Family& family, std::span<const int> tray, Observer& observer) {
  TraySearch options;
  options.most_layers = most_layers(family);
  family.costs.assign(family.masses.size(), {});
  if (family.beds.empty()) {
    auto found = tray_layerings(*family.lattice, family.shades, tray, options, observer);
    if (!found) return found.error();
    for (LayeringCosts& c : found.value()) {
      if (c.layering.empty()) continue;
      family.layerings.push_back(std::move(c.layering));
      for (std::size_t m = 0; m < family.masses.size(); ++m) family.costs[m].push_back(c.cost[m]);
      family.looks += nodes_of(family.layerings.back().size());
    }
    return success();
  }
  // What lies on a shade of the mass bars what may not lie over it; leaving all as it is, is one way.
  std::vector<int> over;
  for (const int s : tray) {
    const bool may = std::all_of(family.beds.begin(), family.beds.end(), [&](const Bed& b) {
      return b.laid.empty() || may_lie_over(in_.sticks[static_cast<std::size_t>(s)].medium,
                                            in_.sticks[static_cast<std::size_t>(b.laid.back().stick)].medium);
    });
    if (may) over.push_back(s);
  }
  for (std::size_t b = 0; b < family.beds.size(); ++b) {
    const Bed& bed = family.beds[b];
    std::vector<colour::Lab> labs;
    std::vector<double> areas;
    for (const std::size_t t : bed.targets) {
      labs.push_back(in_.targets[t].target);
      areas.push_back(in_.targets[t].area);
    }
    ShadeSet shades;
    shades.add_mass(labs, areas);
    auto found = tray_layerings(*family.bed_lattices[b], shades, over, options, observer);
    if (!found) return found.error();
    for (std::size_t i = 0; i < found.value().size(); ++i) {
      const LayeringCosts& c = found.value()[i];
      if (b == 0) family.layerings.push_back(c.layering), family.costs[0].push_back(0);
      family.costs[0][i] += static_cast<float>(bed.share) * c.cost[0];
      family.looks += nodes_of(c.layering.size());
    }
  }
  return success();
}

/// A mass whose layers the artist chose has that layering only.
void Painting::force_hand_choices(Family& family) {
  if (!family.beds.empty()) return;
  for (std::size_t m = 0; m < family.masses.size(); ++m) {
    const HandChoice* hand = chosen_by_hand(*in_.options, in_.targets[family.targets[m].front()].mass);
    if (hand == nullptr || hand->strokes.empty()) continue;
    family.layerings.push_back(layering_of(hand->strokes));
    for (std::vector<float>& costs : family.costs) costs.push_back(kForbidden);
    std::fill(family.costs[m].begin(), family.costs[m].end(), kForbidden);
    family.costs[m].back() = 0;
    for (const std::size_t t : family.targets[m]) in_.targets[t].by_hand = true;
  }
}

double Painting::minutes_of(const std::vector<LeveledLayering>& chosen) const {
  std::map<std::tuple<int, int, int>, double> area;
  for (std::size_t m = 0; m < chosen.size(); ++m) {
    const Layering& layering = all_[m].layerings[chosen[m].layering];
    for (std::size_t i = 0; i < layering.size(); ++i)
      area[{chosen[m].levels[i], layering[i].stick, static_cast<int>(layering[i].technique)}] += all_[m].area;
  }
  double sum = 0;
  for (const auto& [key, share] : area) {
    Pass p;
    p.stick = std::get<1>(key);
    p.technique = static_cast<Technique>(std::get<2>(key));
    sum += 1 + minutes_for(p, share * in_.options->sheet_cm2, in_.sticks);
  }
  return sum;
}

/// With a wish of passes or minutes the prices are raised until it is met, by halving.
std::vector<LeveledLayering> Painting::choose() {
  double weights = 0;
  for (auto& f : families_) {
    for (std::size_t m = 0; m < f->masses.size(); ++m) {
      LayeredMass mass;
      mass.area = f->shades.area[m];
      mass.weight = mass.area + kSmallMass / static_cast<double>(in_.masses);
      weights += mass.weight;
      mass.layerings = f->layerings;
      mass.cost = f->costs[m];
      if (!f->beds.empty()) {
        for (const Bed& b : f->beds) {
          for (const Stroke& s : b.laid) mass.first_level = std::max(mass.first_level, s.level + 1);
        }
      }
      all_.push_back(mass);
      place_.emplace_back(f.get(), m);
    }
  }
  for (LayeredMass& m : all_) m.weight /= weights;
  const auto place_of = [&](int mass) {
    return static_cast<std::size_t>(
        std::find_if(place_.begin(), place_.end(),
                     [&](const auto& p) { return p.first->masses[p.second] == static_cast<std::size_t>(mass); }) -
        place_.begin());
  };
  for (const auto& [p, q] : in_.bands) {
    const std::size_t a = place_of(p);
    const std::size_t b = place_of(q);
    if (a < all_.size() && b < all_.size()) all_[a].bands.push_back(b), all_[b].bands.push_back(a);
  }
  const int most = std::max({3, in_.options->most_strokes});
  PlanPrices prices;
  std::vector<LeveledLayering> chosen = choose_layerings(all_, most, prices);
  const auto meets = [&](const std::vector<LeveledLayering>& c) {
    return (!in_.options->wish_passes || static_cast<int>(count_passes(all_, c)) <= *in_.options->wish_passes) &&
           (!in_.options->wish_minutes || minutes_of(c) <= *in_.options->wish_minutes);
  };
  const bool wished = in_.options->wish_passes || in_.options->wish_minutes;
  if (!wished) return chosen;
  double low = prices.pass / 30;
  double high = 40;  // CIEDE2000 of the whole picture: no pass is worth that
  constexpr int kHalvings = 11;
  bool ever = false;
  for (int i = 0; i < kHalvings; ++i) {
    prices.pass = std::sqrt(low * high);
    std::vector<LeveledLayering> tried = choose_layerings(all_, most, prices);
    const bool met = meets(tried);
    (met ? high : low) = prices.pass;
    if (met || !ever) chosen = std::move(tried);
    ever = ever || met;
  }
  return chosen;
}

void Painting::write_mass(Family& family, std::size_t place, const LeveledLayering& chosen) {
  const Layering& layering = family.layerings[chosen.layering];
  std::vector<Bed> whole;
  if (family.beds.empty()) {
    whole.push_back({{}, {}, 1, {}});
    whole[0].targets = family.targets[place];
  }
  const std::vector<Bed>& beds = family.beds.empty() ? whole : family.beds;
  for (std::size_t b = 0; b < beds.size(); ++b) {
    Lattice& lattice = family.beds.empty() ? *family.lattice : *family.bed_lattices[b];
    const Ways ways = ways_of(lattice, layering);
    std::vector<PressurePlace> places;
    for (const std::size_t t : beds[b].targets) places.push_back({in_.targets[t].target, in_.targets[t].area});
    const std::vector<std::size_t> best = fit_pressures(places, ways.ways);
    for (std::size_t i = 0; i < best.size(); ++i) {
      TargetPlan& target = in_.targets[beds[b].targets[i]];
      target.recipe.strokes = beds[b].laid;
      const std::vector<double>& pressures = ways.ways[best[i]].pressures;
      for (std::size_t n = 0; n < layering.size(); ++n) {
        if (pressures[n] > 0)
          target.recipe.strokes.push_back(
              {layering[n].stick, pressures[n], layering[n].technique, false, chosen.levels[n]});
      }
    }
  }
}

/// Other layerings the mass could have, each at the pressures that suit the shade best.
void Painting::write_alternatives(Family& family, std::size_t place, const LeveledLayering& chosen) {
  if (!family.beds.empty()) return;
  const std::vector<float>& cost = family.costs[place];
  std::vector<std::size_t> order(cost.size());
  std::iota(order.begin(), order.end(), 0);
  const std::size_t count = std::min(kOtherWays, order.size());
  std::partial_sort(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count), order.end(),
                    [&](std::size_t p, std::size_t q) { return cost[p] != cost[q] ? cost[p] < cost[q] : p < q; });
  order.resize(count);
  if (std::find(order.begin(), order.end(), chosen.layering) == order.end()) order.push_back(chosen.layering);
  const std::vector<std::size_t>& targets = family.targets[place];
  std::vector<std::vector<Stack>> best(targets.size());
  for (const std::size_t l : order) {
    if (cost[l] >= kForbidden) continue;
    const Ways ways = ways_of(*family.lattice, family.layerings[l]);
    for (std::size_t i = 0; i < targets.size(); ++i) {
      const colour::Din99o wanted = colour::to_din99o(in_.targets[targets[i]].target);
      std::size_t nearest = ways.ways.size();
      float least = 1e12F;
      for (std::size_t w = 0; w < ways.ways.size(); ++w) {
        if (ways.stacks[w].strokes.empty()) continue;
        const float d = colour::distance_squared(wanted, ways.even[w]) + static_cast<float>(ways.ways[w].unsteady);
        if (d < least) least = d, nearest = w;
      }
      if (nearest < ways.ways.size()) best[i].push_back(ways.stacks[nearest]);
    }
  }
  for (std::size_t i = 0; i < targets.size(); ++i)
    in_.targets[targets[i]].alternatives = pareto(best[i], in_.targets[targets[i]].target);
}

/// A stop for fixative before a layer that finds the tooth full, where the whole mass gains by it.
void Painting::write_recipes(const std::vector<std::size_t>& targets) {
  const auto evaluated = [&](std::size_t t, std::vector<Stroke> strokes) {
    return evaluate(bare(in_.targets[t].coat), *in_.parameters, in_.sticks, std::move(strokes), in_.targets[t].target);
  };
  int most = 0;
  bool full = false;
  for (const std::size_t t : targets) {
    TargetPlan& target = in_.targets[t];
    target.recipe = evaluated(t, target.recipe.strokes);
    for (const Stroke& s : target.recipe.strokes) most = std::max(most, s.level);
    full = full || target.recipe.tooth_left < kFullTooth;
  }
  if (!full) return;
  for (int level = 1; level <= most; ++level) {
    std::vector<Recipe> fixed;
    double gain = 0;
    double area = 0;
    for (const std::size_t t : targets) {
      const TargetPlan& target = in_.targets[t];
      std::vector<Stroke> strokes = target.recipe.strokes;
      for (std::size_t i = std::max(1, target.laid); i < strokes.size(); ++i) {
        if (strokes[i].level == level) strokes[i].fix_first = true;
      }
      fixed.push_back(evaluated(t, std::move(strokes)));
      gain += target.area * (target.recipe.de00 - fixed.back().de00);
      area += target.area;
    }
    if (gain < kFixGain * area) continue;
    for (std::size_t i = 0; i < targets.size(); ++i) in_.targets[targets[i]].recipe = std::move(fixed[i]);
  }
}

Result<std::uint64_t> Painting::paint(std::span<const int> tray, Observer& observer) {
  std::uint64_t looks = 0;
  for (std::size_t f = 0; f < families_.size(); ++f) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
    const Status listed = list_layerings(*families_[f], tray, observer);
    if (!listed) return listed.error();
    force_hand_choices(*families_[f]);
    looks += families_[f]->looks;
    observer.progress(0.7 * static_cast<double>(f + 1) / static_cast<double>(families_.size()), "building recipes");
  }
  const std::vector<LeveledLayering> chosen = choose();
  if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
  // One family after the other: a lattice learns chains as it goes.
  for (std::size_t m = 0; m < chosen.size(); ++m) {
    write_mass(*place_[m].first, place_[m].second, chosen[m]);
    write_alternatives(*place_[m].first, place_[m].second, chosen[m]);
  }
  tbb::parallel_for(std::size_t{0}, chosen.size(),
                    [&](std::size_t m) { write_recipes(place_[m].first->targets[place_[m].second]); });
  observer.progress(1, "building recipes");
  return looks;
}

}  // namespace yd::plan
