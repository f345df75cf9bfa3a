// SPDX-License-Identifier: MIT
#include <algorithm>

#include "colour/lab.h"
#include "craft/school.h"

namespace yd::plan {
namespace {

constexpr double kValueStep = 11.1;     // L*
constexpr double kMostlyPencils = 0.6;  // share of what is at hand
constexpr double kGreyish = 14;         // mean chroma
constexpr double kContrasty = 6;        // value steps

/// Over the area of a mass, shade by shade: in its mean a red and a green would be grey.
double chroma_of(const subject::Mass& m) {
  if (m.shades.empty()) return m.area * colour::chroma(m.mean);
  double out = 0;
  for (const subject::Shade& s : m.shades) out += s.area * colour::chroma(s.lab);
  return out;
}

}  // namespace

SchoolAdvice advise_school(std::span<const subject::Mass> masses, std::span<const media::Stick> sticks) {
  double pencils = 0;
  double hand = 0;
  for (const media::Stick& s : sticks) {
    if (!media::at_hand(s)) continue;
    hand += 1;
    pencils += media::facts(s.medium).pointed() ? 1 : 0;
  }
  SchoolAdvice out;
  double dark = 100;
  double light = 0;
  double chroma = 0;
  double area = 0;
  bool far = false;
  for (const subject::Mass& m : masses) {
    for (const subject::Target& t : m.targets) {
      if (t.lab.l < dark) {
        dark = t.lab.l;
        out.darkest = m.id;
      }
      if (t.lab.l > light) {
        light = t.lab.l;
        out.lightest = m.id;
      }
    }
    chroma += chroma_of(m);
    area += m.area;
    far = far || (m.plane == subject::Plane::background && m.area > 0.1);
  }
  out.pencils = hand > 0 ? pencils / hand : 0;
  out.chroma = area > 0 ? chroma / area : 0;
  out.steps = (light - dark) / kValueStep;
  if (out.pencils > kMostlyPencils) {
    out.school = School::light_coat;
    out.why = SchoolAdvice::Why::pencils_are_transparent;
  } else if (out.chroma < kGreyish && out.steps > kContrasty && !far) {
    out.school = School::tone_map;
    out.why = SchoolAdvice::Why::values_carry;
  } else {
    out.why = SchoolAdvice::Why::sticks_cover;
  }
  return out;
}

}  // namespace yd::plan
