// SPDX-License-Identifier: MIT
#include "subject/shades.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "colour/din99o.h"
#include "parallel/each.h"

namespace yd::subject {
namespace {

using colour::Din99o;
using Vector = std::array<double, 3>;

constexpr double kFineEnough = 1.3;  // scatter within a shade, DIN99o, that a hand does not tell apart
constexpr int kSampleSide = 470;     // long side of the grid of pixels that are grouped
constexpr int kSettlings = 5;        // of moving colours to the nearest group

Vector vector(const Din99o& p) { return {p.l, p.a, p.b}; }
Din99o even(const colour::LabPixel& p) { return colour::to_din99o({p.l, p.a, p.b}); }

struct Sample {
  Din99o even;
  colour::LabPixel lab;
  double counts = 1;  // kInFocus times where it matters
};

/// Colours that are one shade.
struct Group {
  std::vector<std::size_t> members;
  Vector mean{};
  double scatter = 0;  // sum of squared distances from the mean

  void measure(const std::vector<Sample>& all) {
    mean = {};
    scatter = 0;
    double counted = 0;
    for (const std::size_t i : members) {
      const Vector v = vector(all[i].even);
      for (std::size_t k = 0; k < 3; ++k) mean[k] += all[i].counts * v[k];
      counted += all[i].counts;
    }
    for (double& x : mean) x /= std::max(1.0, counted);
    for (const std::size_t i : members) {
      const Vector v = vector(all[i].even);
      for (std::size_t k = 0; k < 3; ++k) scatter += all[i].counts * (v[k] - mean[k]) * (v[k] - mean[k]);
    }
  }

  std::array<Vector, 3> covariance(const std::vector<Sample>& all) const {
    std::array<Vector, 3> out{};
    for (const std::size_t i : members) {
      const Vector v = vector(all[i].even);
      for (std::size_t r = 0; r < 3; ++r) {
        for (std::size_t c = 0; c < 3; ++c) out[r][c] += all[i].counts * (v[r] - mean[r]) * (v[c] - mean[c]);
      }
    }
    return out;
  }

  /// The direction of largest scatter, by repeated multiplication with the covariance.
  Vector axis(const std::vector<Sample>& all) const {
    const std::array<Vector, 3> spread = covariance(all);
    Vector out{1, 0.3, 0.2};
    constexpr int kTimes = 12;
    for (int n = 0; n < kTimes; ++n) {
      Vector next{};
      double length = 0;
      for (std::size_t r = 0; r < 3; ++r) {
        for (std::size_t c = 0; c < 3; ++c) next[r] += spread[r][c] * out[c];
        length += next[r] * next[r];
      }
      if (length <= 0) return out;
      for (std::size_t r = 0; r < 3; ++r) out[r] = next[r] / std::sqrt(length);
    }
    return out;
  }
};

/// The two halves of a group, cut through its mean.
std::array<Group, 2> halves(const Group& group, const std::vector<Sample>& all) {
  const Vector axis = group.axis(all);
  std::array<Group, 2> out;
  for (const std::size_t i : group.members) {
    const Vector v = vector(all[i].even);
    double along = 0;
    for (std::size_t k = 0; k < 3; ++k) along += (v[k] - group.mean[k]) * axis[k];
    out[along > 0 ? 1 : 0].members.push_back(i);
  }
  return out;
}

std::vector<Group> grouped(const std::vector<Sample>& all) {
  std::vector<Group> groups(1);
  for (std::size_t i = 0; i < all.size(); ++i) groups[0].members.push_back(i);
  groups[0].measure(all);
  double counted = 0;
  for (const Sample& s : all) counted += s.counts;
  while (groups.size() < static_cast<std::size_t>(kMostShades)) {
    const auto worst = std::max_element(groups.begin(), groups.end(),
                                        [](const Group& p, const Group& q) { return p.scatter < q.scatter; });
    double sum = 0;
    for (const Group& g : groups) sum += g.scatter;
    const double rms = std::sqrt(sum / counted);
    const bool fine = groups.size() >= static_cast<std::size_t>(kFewestShades) && rms < kFineEnough;
    if (fine || worst->scatter < 1e-3) break;
    std::array<Group, 2> two = halves(*worst, all);
    if (two[0].members.empty() || two[1].members.empty()) break;
    for (Group& g : two) g.measure(all);
    *worst = std::move(two[0]);
    groups.push_back(std::move(two[1]));
  }
  return groups;
}

std::size_t nearest_of(const Din99o& here, const std::vector<Din99o>& centres) {
  std::size_t best = 0;
  float least = colour::distance_squared(here, centres[0]);
  for (std::size_t i = 1; i < centres.size(); ++i) {
    const float d = colour::distance_squared(here, centres[i]);
    best = d < least ? i : best;
    least = std::min(least, d);
  }
  return best;
}

/// Every colour to the nearest group, a few times; a group that loses all is gone.
void settle(std::vector<Group>& groups, const std::vector<Sample>& all) {
  for (int round = 0; round < kSettlings; ++round) {
    std::vector<Din99o> centres;
    for (Group& g : groups) {
      centres.push_back({static_cast<float>(g.mean[0]), static_cast<float>(g.mean[1]), static_cast<float>(g.mean[2])});
      g.members.clear();
    }
    for (std::size_t i = 0; i < all.size(); ++i) groups[nearest_of(all[i].even, centres)].members.push_back(i);
    std::erase_if(groups, [](const Group& g) { return g.members.empty(); });
    for (Group& g : groups) g.measure(all);
  }
}

std::vector<Shade> shades_of(const Mass& mass, const std::vector<Sample>& all) {
  std::vector<Group> groups = grouped(all);
  settle(groups, all);
  std::vector<Shade> out;
  for (const Group& g : groups) {
    Shade s;
    const auto n = static_cast<double>(g.members.size());
    for (const std::size_t i : g.members) {
      s.lab.l += all[i].lab.l / n;
      s.lab.a += all[i].lab.a / n;
      s.lab.b += all[i].lab.b / n;
      s.matters += all[i].counts > 1 ? 1 / n : 0;
    }
    s.area = mass.area * n / static_cast<double>(all.size());
    s.role = role_at(mass, s.lab.l);
    out.push_back(s);
  }
  std::sort(out.begin(), out.end(), [](const Shade& p, const Shade& q) { return p.lab.l < q.lab.l; });
  return out;
}

/// Connected places of one shade, on a grid of every `step`-th pixel.
class Places {
 public:
  Places(const LabelImage& labels, const Grid<std::uint8_t>& shades, int step, const WhatMatters& where)
      : where_(where),
        step_(step),
        width_((labels.width + step - 1) / step),
        height_((labels.height + step - 1) / step) {
    key_.resize(static_cast<std::size_t>(width_) * static_cast<std::size_t>(height_));
    for (int y = 0; y < height_; ++y) {
      for (int x = 0; x < width_; ++x)
        key_[at(x, y)] = labels.at(x * step_, y * step_) * kMostShades + shades.at(x * step_, y * step_);
    }
  }

  /// Pixels in all and in places that are large enough, by mass and shade.
  void measure(std::vector<Mass>& masses) {
    std::vector<std::array<double, 2>> pixels(masses.size() * kMostShades);
    const double least = kHit * static_cast<double>(key_.size());
    for (std::size_t i = 0; i < key_.size(); ++i) {
      if (key_[i] == kSeen) continue;
      const auto key = static_cast<std::size_t>(key_[i]);
      const auto size = static_cast<double>(fill(i));
      pixels[key][0] += size;
      if (size >= (matters(i) ? kHitWithAPoint / kHit : 1) * least) pixels[key][1] += size;
    }
    for (std::size_t m = 0; m < masses.size(); ++m) {
      for (std::size_t s = 0; s < masses[m].shades.size(); ++s) {
        const auto& [all, whole] = pixels[m * kMostShades + s];
        masses[m].shades[s].solid = all > 0 ? whole / all : 0;
      }
    }
  }

 private:
  static constexpr int kSeen = -1;
  std::size_t at(int x, int y) const {
    return static_cast<std::size_t>(y) * static_cast<std::size_t>(width_) + static_cast<std::size_t>(x);
  }

  bool matters(std::size_t i) const {
    const auto w = static_cast<std::size_t>(width_);
    return where_.at(static_cast<int>(i % w), static_cast<int>(i / w), width_, height_);
  }

  std::size_t fill(std::size_t from) {
    const int key = key_[from];
    key_[from] = kSeen;
    open_.assign(1, from);
    std::size_t size = 0;
    const auto visit = [&](std::size_t i) {
      if (key_[i] == key) {
        key_[i] = kSeen;
        open_.push_back(i);
      }
    };
    while (!open_.empty()) {
      const std::size_t i = open_.back();
      open_.pop_back();
      ++size;
      const int x = static_cast<int>(i % static_cast<std::size_t>(width_));
      const int y = static_cast<int>(i / static_cast<std::size_t>(width_));
      if (x > 0) visit(i - 1);
      if (x + 1 < width_) visit(i + 1);
      if (y > 0) visit(at(x, y - 1));
      if (y + 1 < height_) visit(at(x, y + 1));
    }
    return size;
  }

  const WhatMatters& where_;
  int step_, width_, height_;
  std::vector<int> key_;
  std::vector<std::size_t> open_;
};

}  // namespace

std::size_t nearest_shade(const Mass& mass, const colour::Lab& lab) {
  const Din99o wanted = colour::to_din99o(lab);
  std::size_t best = 0;
  float least = 1e12F;
  for (std::size_t s = 0; s < mass.shades.size(); ++s) {
    const float d = colour::distance_squared(wanted, colour::to_din99o(mass.shades[s].lab));
    if (d < least) {
      least = d;
      best = s;
    }
  }
  return best;
}

Grid<std::uint8_t> find_shades(const LabImage& softened, const LabelImage& labels, std::vector<Mass>& masses,
                               const WhatMatters& where) {
  std::vector<std::vector<Sample>> samples(masses.size());
  const int step = std::max(1, std::max(softened.width, softened.height) / kSampleSide);
  for (int y = step / 2; y < softened.height; y += step) {
    for (int x = step / 2; x < softened.width; x += step) {
      const bool matters = where.at(x, y, softened.width, softened.height);
      samples[labels.at(x, y)].push_back({even(softened.at(x, y)), softened.at(x, y), matters ? kInFocus : 1});
    }
  }
  std::vector<std::vector<Din99o>> centres(masses.size());
  parallel::each(masses.size(), [&](std::size_t m) {
    Mass& mass = masses[m];
    // A mass that slips through the grid is as small as one colour.
    const bool slipped = samples[m].empty();
    mass.shades = slipped ? std::vector<Shade>{{mass.mean, mass.area, Role::middle}} : shades_of(mass, samples[m]);
    for (const Shade& s : mass.shades) centres[m].push_back(colour::to_din99o(s.lab));
  });
  Grid<std::uint8_t> out(softened.width, softened.height);
  parallel::each(softened.height, [&](int y) {
    for (int x = 0; x < softened.width; ++x) {
      const std::size_t best = nearest_of(even(softened.at(x, y)), centres[labels.at(x, y)]);
      out.at(x, y) = static_cast<std::uint8_t>(best);
    }
  });
  Places(labels, out, step, where).measure(masses);
  return out;
}

}  // namespace yd::subject
