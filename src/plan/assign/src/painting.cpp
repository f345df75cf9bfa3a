// SPDX-License-Identifier: MIT
#include "assign/painting.h"

#include <algorithm>

#include "painting_family.h"
#include "parallel/each.h"

namespace yd::plan {
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
    for (const Bed& bed : f->beds) {
      SearchInput over{&bed.ground, in_.parameters, in_.sticks, {}, f->rules};
      if (rubs_up(bed, *f)) over.below = {&bare(f->coat), bed.laid};
      f->bed_lattices.push_back(std::make_unique<Lattice>(over, in_.options->hand));
    }
  }
}

Painting::~Painting() = default;

const optics::Ground& Painting::bare(int coat) const {
  return coat < 0 ? in_.paper->ground : in_.coats[static_cast<std::size_t>(coat)].ground;
}

/// Whether what lies there can be followed stroke by stroke; more strokes are taken for a ground that stays.
bool Painting::rubs_up(const Bed& bed, const Family& family) const {
  auto most = static_cast<std::size_t>(most_layers(family));
  // What the artist chose comes whole, however much lies there.
  for (const std::vector<std::size_t>& targets : family.targets) {
    const HandChoice* hand = chosen_by_hand(*in_.options, in_.targets[targets.front()].mass);
    if (hand != nullptr) most = std::max(most, hand->strokes.size());
  }
  return bed.laid.size() + most <= kMostStrokes;
}

void Painting::add_mass(const std::vector<std::size_t>& targets) {
  const TargetPlan& any = in_.targets[targets.front()];
  StackRules rules = in_.rules[static_cast<std::size_t>(any.mass)];
  std::vector<colour::Lab> labs;
  std::vector<double> areas;
  std::vector<double> counts;
  std::vector<double> even;
  double light = 0;
  double area = 0;
  for (const std::size_t t : targets) {
    labs.push_back(in_.targets[t].target);
    areas.push_back(in_.targets[t].area);
    counts.push_back(counted(in_.targets[t]));
    even.push_back(in_.even[t]);
    light += in_.targets[t].target.l * in_.targets[t].area;
    area += in_.targets[t].area;
  }
  rules.coat_first = rules.school->coat_under_lights && light >= kGlazed * area;
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
  ShadeSet& shades = (*found)->shades;
  shades.add_mass(labs, areas, counts, in_.smooth[static_cast<std::size_t>(any.mass)], even);
  const std::size_t first = shades.masses.back().first;
  for (const std::size_t s : shades.standing_out(shades.masses.size() - 1))
    in_.targets[targets[s - first]].stands_out = true;
}

double Painting::smooth_at(std::size_t target) const { return in_.targets[target].stands_out ? 0 : in_.even[target]; }

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
  PairTable out(sticks.size(), kRowsOfMass * in_.masses, {});
  for (std::size_t f = 0; f < families_.size(); ++f) {
    const Family& family = *families_[f];
    const auto n = static_cast<double>(families_.size());
    Stretch part(observer, static_cast<double>(f) / n, static_cast<double>(f + 1) / n);
    const optics::Ground& ground = family.beds.empty() ? bare(family.coat) : family.beds.front().ground;
    Lattice lattice({&ground, in_.parameters, sticks, {}, family.rules}, in_.options->hand);
    const auto table = search_layers(lattice, family.shades.rows(), part);
    if (!table) return table.error();
    std::vector<std::size_t> rows;
    for (const std::size_t m : family.masses) {
      for (std::size_t row = 0; row < kRowsOfMass; ++row) rows.push_back(kRowsOfMass * m + row);
    }
    out.take(table.value(), rows);
  }
  return out;
}

std::vector<double> Painting::weights() const {
  std::vector<double> out(kRowsOfMass * in_.masses, 0);
  double sum = 0;
  for (const auto& f : families_) {
    const ShadeSet rows = f->shades.rows();
    for (std::size_t n = 0; n < rows.masses.size(); ++n) {
      double& weight = out[kRowsOfMass * f->masses[n / kRowsOfMass] + n % kRowsOfMass];
      const double counts = rows.counts[n];
      weight = rows.by_itself[n] != 0
                   ? prices().vivid.stands_out * counts
                   : rows.share[n] * (counts + prices().mass.small / static_cast<double>(in_.masses));
      sum += weight;
    }
  }
  for (double& w : out) w /= sum;
  return out;
}

int Painting::most_layers(const Family& family) const {
  const int usual = family.rules.school->strokes;
  const int most = usual > 1 ? usual : in_.options->most_strokes;
  if (family.beds.empty()) return most;
  int laid = 0;
  for (const Bed& b : family.beds) laid = std::max(laid, static_cast<int>(b.laid.size()));
  return std::clamp(most - laid, 1, 2);
}

/// Recipes and alternatives of all masses by what was chosen.
Result<Painted> Painting::write_plan(Observer& observer) {
  const std::vector<LeveledLayering>& chosen = chosen_;
  Painted out;
  for (const auto& f : families_) out.looks += f->listed.looks;
  if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
  work_out_ways(chosen);
  parallel::each(chosen.size(), [&](std::size_t m) {
    write_mass(*place_[m].first, place_[m].second, chosen[m]);
    write_alternatives(*place_[m].first, place_[m].second, chosen[m]);
    write_recipes(place_[m].first->targets[place_[m].second]);
  });
  drop_brief_passes(chosen);
  out.hurried = hurried_;
  out.accents = most_accents(chosen);
  observer.progress(1, "building recipes");
  return out;
}

}  // namespace yd::plan
