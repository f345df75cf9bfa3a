// SPDX-License-Identifier: MIT
#include "optics/pile.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace yd::optics {
namespace {

constexpr float kNothing = 1e-6F;

float between(double light, double firm, double pressure) {
  return static_cast<float>(light + (firm - light) * pressure);
}

}  // namespace

/// What a rub or a brush takes up: load by pigment, and the height it stood in.
struct Pile::Taken {
  std::map<int, double> load;
  double total = 0;
  double height = 0;

  void add(const Mix& mix, double amount, double room) {
    for (const Mix::Part& part : mix.parts) load[part.pigment] += amount * part.share;
    total += amount;
    height += room;
  }

  /// Removes `share` of the loose load of one coat.
  void from(Coat& coat, const Mix& mix, float share) {
    const float amount = coat.load * coat.loose * share;
    if (amount <= 0) return;
    const float room = coat.height * amount / coat.load;
    add(mix, amount, room);
    const float left = coat.load - amount;
    coat.loose = left > 0 ? (coat.load * coat.loose - amount) / left : 0;
    coat.load = left;
    coat.height -= room;
  }

  Mix mix() const {
    Mix m;
    for (const auto& [pigment, amount] : load) m.parts.push_back({pigment, static_cast<float>(amount / total)});
    return m;
  }
};

Pile::Pile(const Ground& ground, const Parameters& parameters) : ground_(&ground), parameters_(&parameters) {}

Pile::Pile(const Pile& other)
    : ground_(other.ground_),
      parameters_(other.parameters_),
      height_(other.height_),
      mixes_(other.mixes_),
      event_(other.event_) {
  for (std::size_t i = 0; i < kStrata; ++i) {
    strata_[i].reserve(other.strata_[i].size() + 1);
    strata_[i].assign(other.strata_[i].begin(), other.strata_[i].end());
  }
}

float Pile::free_room(std::size_t i) const { return std::max(0.0F, capacity(i) - height_[i]); }

float Pile::top() const {
  float t = surface(0);
  for (std::size_t i = 1; i < kStrata; ++i) t = std::max(t, surface(i));
  return t;
}

float Pile::loose_bed(std::size_t i) const {
  float bed = 0;
  for (const Coat& c : strata_[i]) bed += c.load * c.loose;
  return bed;
}

int Pile::pure(int pigment) {
  for (std::size_t i = 0; i < mixes_.size(); ++i) {
    if (mixes_[i].parts.size() == 1 && mixes_[i].parts[0].pigment == pigment) return static_cast<int>(i);
  }
  mixes_.push_back(Mix{{{pigment, 1.0F}}});
  return static_cast<int>(mixes_.size()) - 1;
}

void Pile::push(std::size_t i, Coat coat) {
  if (coat.load < kNothing) return;
  coat.event = event_;
  strata_[i].push_back(coat);
  height_[i] += coat.height;
}

void Pile::stroke(int pigment, Medium medium, double asked) {
  if (asked <= 0) return;
  const double pressure = parameters_->hand.of(asked);
  const MediumParameters& m = parameters_->of(medium);
  const float reach = between(m.reach_light, m.reach_firm, pressure);
  const float highest = top();
  Strata touch{};
  for (std::size_t i = 0; i < kStrata; ++i) touch[i] = std::exp(-(highest - surface(i)) / reach);
  if (m.scrape > 0) scrape(touch, m.scrape * pressure);
  ++event_;
  Coat coat{pure(pigment), 0, 0, between(m.loose_light, m.loose_firm, pressure), 1, static_cast<float>(m.grain), 0};
  for (std::size_t i = 0; i < kStrata; ++i) {
    const float room = free_room(i);
    if (room <= kNothing) continue;
    const auto grip = static_cast<float>(std::pow(room / ground_->room[i], m.bite) / (1 + m.slip * loose_bed(i)));
    const float want = static_cast<float>(m.lay * pressure) * touch[i] * grip;
    coat.load = coat.height = room * (1 - std::exp(-want / room));
    push(i, coat);
  }
}

void Pile::scrape(const Strata& touch, double share) {
  for (std::size_t m = 0; m < mixes_.size(); ++m) {
    Taken taken;
    Coat moved{static_cast<int>(m), 0, 0, 1, 1, 0, 0};
    for (std::size_t i = 0; i < kStrata; ++i) {
      const float before = static_cast<float>(taken.height);
      for (Coat& c : strata_[i]) {
        if (c.mix != static_cast<int>(m)) continue;
        taken.from(c, mixes_[m], touch[i] * static_cast<float>(share));
        moved.scatter_scale = std::min(moved.scatter_scale, c.scatter_scale);
        moved.grain = std::max(moved.grain, c.grain);
      }
      height_[i] -= static_cast<float>(taken.height) - before;
    }
    if (taken.total < kNothing) continue;
    ++event_;
    const Strata add = level_out(static_cast<float>(taken.height));
    const auto load_per_height = static_cast<float>(taken.total / taken.height);
    for (std::size_t i = 0; i < kStrata; ++i) {
      moved.load = add[i] * load_per_height;
      moved.height = add[i];
      push(i, moved);
    }
  }
}

Strata Pile::level_out(float height) const {
  // Water in a vessel: the level at which the room below it, over all strata, holds `height`.
  Strata order{};
  for (std::size_t i = 0; i < kStrata; ++i) order[i] = surface(i);
  std::sort(order.begin(), order.end());
  float level = order[0];
  float left = height;
  for (std::size_t n = 1; n <= kStrata; ++n) {
    const float step = n < kStrata ? (order[n] - order[n - 1]) * static_cast<float>(n) : left;
    const float used = std::min(step, left);
    level = order[n - 1] + used / static_cast<float>(n);
    left -= used;
    if (left <= 0) break;
  }
  Strata add{};
  for (std::size_t i = 0; i < kStrata; ++i) add[i] = std::max(0.0F, level - surface(i));
  return add;
}

/// So much of what is loose, less of it the deeper it lies under what was laid later.
Pile::Taken Pile::take_loose(double share) {
  Taken taken;
  const auto reach = static_cast<float>(parameters_->rub.reach);
  for (std::size_t i = 0; i < kStrata; ++i) {
    float cover = 0;
    for (auto c = strata_[i].rbegin(); c != strata_[i].rend(); ++c) {
      const float load = c->load;
      const float before = c->height;
      taken.from(*c, mixes_[static_cast<std::size_t>(c->mix)], static_cast<float>(share) * std::exp(-cover / reach));
      height_[i] -= before - c->height;
      cover += load;
    }
  }
  return taken;
}

void Pile::lift() { take_loose(parameters_->lifting.take); }

void Pile::rub() {
  const RubParameters& r = parameters_->rub;
  const Taken taken = take_loose(1);
  if (taken.total < kNothing) return;
  ++event_;
  mixes_.push_back(taken.mix());
  // Never looser than it stood: pressing cannot take up more room than before.
  const double packing = std::min(r.packing, taken.height / taken.total);
  const double height = taken.total * packing;
  Strata even{};
  double spread = 0;
  for (std::size_t i = 0; i < kStrata; ++i) {
    even[i] = std::min(static_cast<float>(height * r.smear / kStrata), free_room(i));
    spread += even[i];
    height_[i] += even[i];
  }
  const Strata rest = level_out(static_cast<float>(height - spread));
  for (std::size_t i = 0; i < kStrata; ++i) {
    height_[i] -= even[i];
    const float room = even[i] + rest[i];
    push(i, {static_cast<int>(mixes_.size()) - 1, static_cast<float>(room / packing), room, static_cast<float>(r.loose),
             1, static_cast<float>(r.grain), 0});
  }
}

void Pile::wash(int pigment, WashKind kind, double load, bool wet) {
  if (load <= 0) return;
  const WashParameters& w = parameters_->of(kind);
  const float highest = top();
  float mean_gap = 0;
  for (std::size_t i = 0; i < kStrata; ++i) mean_gap += (highest - surface(i)) / kStrata;
  Taken taken;
  taken.add(Mix{{{pigment, 1.0F}}}, load * kStrata, 0);
  for (std::size_t i = 0; i < kStrata && w.lift > 0; ++i) {
    for (Coat& c : strata_[i]) {
      const float before = c.height;
      taken.from(c, mixes_[static_cast<std::size_t>(c.mix)], static_cast<float>(w.lift));
      height_[i] -= before - c.height;
    }
  }
  int mix = pure(pigment);
  if (taken.load.size() > 1) {
    mixes_.push_back(taken.mix());
    mix = static_cast<int>(mixes_.size()) - 1;
  }
  ++event_;
  for (std::size_t i = 0; i < kStrata; ++i) {
    const float gap = highest - surface(i);
    const double follow = mean_gap > 0 ? w.follow * (gap / mean_gap - 1) : 0;
    const auto here = static_cast<float>(taken.total / kStrata * (1 + follow));
    const float height = std::min(here * static_cast<float>(w.packing), free_room(i));
    push(i, {mix, here, height, static_cast<float>(w.loose), wet ? static_cast<float>(w.wet_scatter) : 1.0F, 0, 0});
  }
}

void Pile::fix() {
  const FixativeParameters& f = parameters_->fixative;
  for (std::size_t i = 0; i < kStrata; ++i) {
    height_[i] = 0;
    for (Coat& c : strata_[i]) {
      c.scatter_scale *= static_cast<float>(f.scatter);
      c.loose *= static_cast<float>(f.loose);
      c.height *= static_cast<float>(f.settle);
      height_[i] += c.height;
    }
  }
}

double Pile::tooth_left() const {
  double left = 0;
  double all = 0;
  for (std::size_t i = 0; i < kStrata; ++i) {
    left += free_room(i);
    all += ground_->room[i];
  }
  return all > 0 ? left / all : 0;
}

double Pile::mean_load() const {
  double sum = 0;
  for (const auto& stratum : strata_) {
    for (const Coat& c : stratum) sum += c.load;
  }
  return sum / kStrata;
}

double Pile::mean_load_of(int pigment) const {
  double sum = 0;
  for (const auto& stratum : strata_) {
    for (const Coat& c : stratum) {
      for (const Mix::Part& part : mixes_[static_cast<std::size_t>(c.mix)].parts) {
        if (part.pigment == pigment) sum += c.load * part.share;
      }
    }
  }
  return sum / kStrata;
}

}  // namespace yd::optics
