// SPDX-License-Identifier: MIT
#include "guide/runs.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>
#include <numeric>

#include "colour/ciede2000.h"
#include "plane_fit.h"

namespace yd::plan {
namespace {

constexpr double kExplained = 0.5;   // of the variance of colour, by the plane, from which it is a gradient
constexpr double kBandLeast = 0.12;  // of a pass's firmest along the way: less than that is not laid
constexpr double kLightSide = 4;     // L* from side to side
constexpr std::size_t kSlices = 12;
constexpr double kDeg = 180 / std::numbers::pi;

struct Field {
  std::array<PlaneFit, 3> lab;
  void add(double x, double y, const colour::Lab& c) {
    lab[0].add(x, y, c.l);
    lab[1].add(x, y, c.a);
    lab[2].add(x, y, c.b);
  }
};

/// Groups of masses that are one gradient, each mass alone where it has no such neighbour.
std::vector<std::vector<int>> groups(std::size_t masses, std::span<const subject::GradientPair> bands) {
  std::vector<int> of(masses);
  std::iota(of.begin(), of.end(), 0);
  for (const auto& [p, q, length] : bands) {
    const int from = std::max(of[static_cast<std::size_t>(p)], of[static_cast<std::size_t>(q)]);
    const int to = std::min(of[static_cast<std::size_t>(p)], of[static_cast<std::size_t>(q)]);
    std::replace(of.begin(), of.end(), from, to);
  }
  std::vector<std::vector<int>> out;
  for (std::size_t g = 0; g < masses; ++g) {
    std::vector<int> group;
    for (std::size_t m = 0; m < masses; ++m) {
      if (of[m] == static_cast<int>(g)) group.push_back(static_cast<int>(m));
    }
    if (!group.empty()) out.push_back(std::move(group));
  }
  return out;
}

class Finder {
 public:
  Finder(const Plan& plan, const TargetMap& map) : plan_(plan), map_(map) {}

  /// Nothing (no bands) where the group is no gradient.
  Gradient find(const std::vector<int>& group) const {
    Gradient out;
    out.masses = group;
    Field field;
    each(group, [&](int x, int y, const TargetPlan& t) { field.add(x, y, t.target); });
    double ux = 0, uy = 0, explained = 0, variance = 0;
    for (const PlaneFit& f : field.lab) {
      const PlaneFit::Found found = f.fit();
      // Slopes of one sign: the one that explains most says which way the others count.
      const double sign = found.gx * ux + found.gy * uy < 0 ? -1 : 1;
      ux += sign * found.gx;
      uy += sign * found.gy;
      explained += found.explained * found.variance;
      variance += found.variance;
    }
    const double length = std::hypot(ux, uy);
    if (variance <= 0 || explained < kExplained * variance || length <= 0) return out;
    ux /= length, uy /= length;
    // From the top down, or from left to right: the way a hand goes.
    if (std::abs(uy) > std::abs(ux) ? uy < 0 : ux < 0) {
      ux = -ux;
      uy = -uy;
    }
    out.angle_deg = std::atan2(-uy, ux) * kDeg;
    slice(group, ux, uy, out);
    return out;
  }

 private:
  template <class Visit>
  void each(const std::vector<int>& group, Visit visit) const {
    for (int y = 0; y < map_.mass.height; ++y) {
      for (int x = 0; x < map_.mass.width; ++x) {
        if (!std::binary_search(group.begin(), group.end(), static_cast<int>(map_.mass.at(x, y)))) continue;
        visit(x, y, plan_.targets[map_.target.at(x, y)]);
      }
    }
  }

  void slice(const std::vector<int>& group, double ux, double uy, Gradient& out) const {
    double begin = std::numeric_limits<double>::infinity();
    double end = -begin;
    each(group, [&](int x, int y, const TargetPlan&) {
      const double at = ux * x + uy * y;
      begin = std::min(begin, at);
      end = std::max(end, at);
    });
    if (end - begin < kSlices) return;
    std::array<double, kSlices> n{};
    std::array<std::array<double, 3>, kSlices> mean{};
    std::vector<std::array<double, kSlices>> pressure(plan_.passes.size());
    for (int y = 0; y < map_.mass.height; ++y) {
      for (int x = 0; x < map_.mass.width; ++x) {
        if (!std::binary_search(group.begin(), group.end(), static_cast<int>(map_.mass.at(x, y)))) continue;
        const auto s =
            std::min(kSlices - 1, static_cast<std::size_t>((ux * x + uy * y - begin) / (end - begin) * kSlices));
        const int t = map_.target.at(x, y);
        const colour::Lab& c = plan_.targets[static_cast<std::size_t>(t)].target;
        n[s] += 1;
        mean[s][0] += c.l;
        mean[s][1] += c.a;
        mean[s][2] += c.b;
        for (std::size_t p = 0; p < plan_.passes.size(); ++p) pressure[p][s] += laid(p, t);
      }
    }
    const auto colour_at = [&](std::size_t s) {
      return colour::Lab{mean[s][0] / n[s], mean[s][1] / n[s], mean[s][2] / n[s]};
    };
    if (*std::min_element(n.begin(), n.end()) < 1) return;
    out.change = colour::ciede2000(colour_at(0), colour_at(kSlices - 1));
    if (out.change < kLeastChange) return;
    for (std::size_t p = 0; p < plan_.passes.size(); ++p) {
      for (std::size_t s = 0; s < kSlices; ++s) pressure[p][s] /= n[s];
      add_band(p, pressure[p], out);
    }
    std::sort(out.bands.begin(), out.bands.end(),
              [](const auto& p, const auto& q) { return std::pair(p.firmest, p.pass) < std::pair(q.firmest, q.pass); });
    keep_strongest(pressure, out);
    if (out.bands.size() < 2) out.bands.clear();
  }

  double laid(std::size_t p, int target) const {
    const Pass& pass = plan_.passes[p];
    if (pass.kind != PassKind::stroke || pass.accent) return 0;
    return std::binary_search(pass.targets.begin(), pass.targets.end(), target) ? pressure_on(pass, target) : 0;
  }

  void add_band(std::size_t p, const std::array<double, kSlices>& pressure, Gradient& out) const {
    const auto most = std::max_element(pressure.begin(), pressure.end());
    if (*most < kBandLeast) return;
    const auto shown = [&](double v) { return v >= std::max(kBandLeast, 0.3 * *most); };
    const auto first = std::find_if(pressure.begin(), pressure.end(), shown);
    const auto last = std::find_if(pressure.rbegin(), pressure.rend(), shown);
    double weight = 0;
    double centre = 0;
    for (std::size_t s = 0; s < kSlices; ++s) {
      const double w = std::max(0.0, pressure[s] - 0.8 * *most);
      weight += w;
      centre += w * (static_cast<double>(s) + 0.5) / kSlices;
    }
    out.bands.push_back({static_cast<int>(p), static_cast<double>(first - pressure.begin()) / kSlices,
                         1 - static_cast<double>(last - pressure.rbegin()) / kSlices, centre / weight});
    out.rubbed = out.rubbed || plan_.passes[p].technique == Technique::rubbed;
  }

  /// One band each third of the way: what is laid most there.
  static void keep_strongest(const std::vector<std::array<double, kSlices>>& pressure, Gradient& out) {
    const auto amount = [&](const Gradient::Band& b) {
      const auto& p = pressure[static_cast<std::size_t>(b.pass)];
      return std::accumulate(p.begin(), p.end(), 0.0);
    };
    std::vector<Gradient::Band> kept;
    for (const Gradient::Band& b : out.bands) {
      const bool same = !kept.empty() && static_cast<int>(3 * kept.back().firmest) == static_cast<int>(3 * b.firmest);
      if (!same) {
        kept.push_back(b);
      } else if (amount(b) > amount(kept.back())) {
        kept.back() = b;
      }
    }
    out.bands = std::move(kept);
  }

  const Plan& plan_;
  const TargetMap& map_;
};

}  // namespace

std::vector<Gradient> gradients_of(const Plan& plan, const subject::Subject& subject, const TargetMap& map,
                                   std::span<const subject::GradientPair> bands) {
  const Finder finder(plan, map);
  std::vector<Gradient> out;
  for (const auto& group : groups(subject.masses.size(), bands)) {
    Gradient g = finder.find(group);
    if (!g.bands.empty()) out.push_back(std::move(g));
  }
  const auto area = [&](const Gradient& g) {
    double sum = 0;
    for (const int m : g.masses) sum += subject.masses[static_cast<std::size_t>(m)].area;
    return sum;
  };
  std::stable_sort(out.begin(), out.end(), [&](const auto& p, const auto& q) { return area(p) > area(q); });
  return out;
}

std::vector<double> light_sides(const Plan& plan, const TargetMap& map, std::size_t masses) {
  std::vector<PlaneFit> fits(masses);
  for (int y = 0; y < map.mass.height; ++y) {
    for (int x = 0; x < map.mass.width; ++x)
      fits[map.mass.at(x, y)].add(x, y, plan.targets[map.target.at(x, y)].target.l);
  }
  std::vector<double> out;
  for (const PlaneFit& fit : fits) {
    const PlaneFit::Found f = fit.fit();
    const bool sided = PlaneFit::along(f, fit.at) >= kLightSide;
    out.push_back(sided ? std::atan2(-f.gy, f.gx) * kDeg : std::numeric_limits<double>::quiet_NaN());
  }
  return out;
}

}  // namespace yd::plan
