// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>

#include "craft/school.h"
#include "price/price.h"

namespace yd::plan {
namespace {

/// The first stick again over a darker mark.
bool reunites(const media::Stick& first, const media::Stick& second, const media::Stick& third) {
  return third.id == first.id && second.lab.l <= first.lab.l - kDarkFirstSlack;
}

double not_reunited(std::span<const Stroke> strokes, std::span<const media::Stick> sticks, const colour::Lab& target) {
  double price = strokes.size() < 3 ? prices().local.reunited : 0;
  const double off = std::abs(sticks[static_cast<std::size_t>(strokes.front().stick)].lab.l - target.l);
  price += prices().local.beyond * std::max(0.0, off - prices().local.free);
  if (is_black(sticks[static_cast<std::size_t>(strokes.back().stick)])) price += prices().local.bare_black;
  return price;
}

}  // namespace

const SchoolLaws kFlatBroken = [] {
  SchoolLaws s;
  s.name = "flat-broken";
  s.completes = reunites;
  s.strokes = 3;
  s.whole = true;
  s.price = not_reunited;
  s.black_last = true;
  return s;
}();

}  // namespace yd::plan
