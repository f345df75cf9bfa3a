// SPDX-License-Identifier: MIT
#include <cmath>

#include "colour/lab.h"
#include "craft/school.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr double kFirm = 1.0;
constexpr double kUnsoftened = 30;  // chroma

/// Anything over a light coat, nothing lighter over other colours but a softening white.
bool glazes(const media::Stick& under, const media::Stick& over) {
  return is_light_coat(under) || is_light_coat(over) || over.lab.l <= under.lab.l + kDarkFirstSlack;
}

bool never_firm(const StrokeShape& under, const StrokeShape& over) {
  (void)under;
  return over.pressure < kFirm;
}

/// How firmly the light coat goes on: harder where lighter.
double coat_pressure(double l) { return l >= 80 ? 1.0 : l >= 66 ? 0.6 : 0.3; }

double without_coat_or_softening(std::span<const Stroke> strokes, std::span<const media::Stick> sticks,
                                 const colour::Lab& target) {
  if (target.l < kGlazed) return 0;
  const Stroke& first = strokes.front();
  if (!is_light_coat(sticks[static_cast<std::size_t>(first.stick)])) return prices().coat.missing;
  // White kills chroma: what is vivid is not softened.
  const bool softened =
      is_light_coat(sticks[static_cast<std::size_t>(strokes.back().stick)]) || colour::chroma(target) > kUnsoftened;
  return prices().coat.pressure * std::abs(first.pressure - coat_pressure(target.l)) +
         (softened ? 0 : prices().coat.softening);
}

}  // namespace

const SchoolLaws kLightCoat = [] {
  SchoolLaws s;
  s.name = "light-coat";
  s.follows = glazes;
  s.presses = never_firm;
  s.coat_under_lights = true;
  s.price = without_coat_or_softening;
  s.bars_pressures = true;
  s.order = SchoolLaws::Order::lights_first;
  s.black_last = true;
  return s;
}();

}  // namespace yd::plan
