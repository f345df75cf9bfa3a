// SPDX-License-Identifier: MIT
#include "shades_off.h"

#include <algorithm>
#include <cmath>

#include "check/findings.h"
#include "colour/ciede2000.h"

namespace yd::check {
namespace {

constexpr double kShadeExtra = 1.5;  // CIEDE2000 beyond a whole mass: fewer pixels, and the shades' places may shift
constexpr double kTellable = 0.005;  // of the picture
constexpr double kSameWay = 0.5;     // of a difference, that another may point elsewhere
constexpr double kSameWay_e76 = 3;   // or this much of it

/// Measured less expected.
colour::Lab difference(const Compared& c) {
  return {c.measured.l - c.expected.l, c.measured.a - c.expected.a, c.measured.b - c.expected.b};
}

bool weightier(const Shades& p, const Shades& q) {
  const auto weight = [](const Shades& s) { return std::sqrt(s.colours.area) * s.beyond(); };
  return weight(p) > weight(q);
}

class SeenShades {
 public:
  SeenShades(const Reading& reading, const plan::Plan& plan, int mass, const HandSpread& spread)
      : reading_(reading), spread_(spread) {
    for (std::size_t t = 0; t < plan.targets.size(); ++t) {
      if (plan.targets[t].mass == mass && reading.shades[t].area > 0) seen_.push_back(static_cast<int>(t));
    }
  }

  const std::vector<int>& seen() const { return seen_; }

  Shades together(std::vector<int> targets) const {
    Shades out;
    Compared& c = out.colours;
    for (const int t : targets) {
      const Compared& one = reading_.shades[static_cast<std::size_t>(t)];
      add(c.measured, one.measured, one.area);
      add(c.expected, one.expected, one.area);
      out.spread_de00 += one.area * spread_.targets[static_cast<std::size_t>(t)];
      c.area += one.area;
    }
    if (c.area > 0) {
      for (colour::Lab* lab : {&c.measured, &c.expected}) *lab = {lab->l / c.area, lab->a / c.area, lab->b / c.area};
      out.spread_de00 /= c.area;
      c.de00 = colour::ciede2000(c.measured, c.expected);
    }
    out.targets = std::move(targets);
    return out;
  }

 private:
  static void add(colour::Lab& sum, const colour::Lab& lab, double by) {
    sum.l += by * lab.l;
    sum.a += by * lab.a;
    sum.b += by * lab.b;
  }

  const Reading& reading_;
  const HandSpread& spread_;
  std::vector<int> seen_;
};

}  // namespace

std::vector<Shades> shades_off(const Reading& reading, const plan::Plan& plan, int mass, const HandSpread& spread) {
  const SeenShades m(reading, plan, mass, spread);
  std::vector<Shades> open;
  for (const int t : m.seen()) {
    Shades one = m.together({t});
    if (one.beyond() > kFault + kShadeExtra) open.push_back(std::move(one));
  }
  std::stable_sort(open.begin(), open.end(), weightier);
  std::vector<Shades> out;
  while (!open.empty()) {
    const colour::Lab way = difference(open.front().colours);
    const double may = std::max(kSameWay_e76, kSameWay * colour::distance_1976(way, {}));
    const auto others = std::stable_partition(open.begin(), open.end(), [&](const Shades& s) {
      return colour::distance_1976(difference(s.colours), way) <= may;
    });
    std::vector<int> targets;
    for (auto s = open.begin(); s != others; ++s) targets.push_back(s->targets.front());
    open.erase(open.begin(), others);
    std::sort(targets.begin(), targets.end());
    Shades group = m.together(std::move(targets));
    if (group.colours.area >= kTellable) out.push_back(std::move(group));
  }
  std::stable_sort(out.begin(), out.end(), weightier);
  return out;
}

Shades rest_of(const Reading& reading, const plan::Plan& plan, int mass, std::span<const Shades> groups,
               const HandSpread& spread) {
  const SeenShades m(reading, plan, mass, spread);
  std::vector<int> rest = m.seen();
  for (const Shades& g : groups)
    std::erase_if(rest, [&](int t) { return std::binary_search(g.targets.begin(), g.targets.end(), t); });
  return m.together(std::move(rest));
}

}  // namespace yd::check
