// SPDX-License-Identifier: MIT
#include "colour/lab.h"
#include "craft/school.h"

namespace yd::plan {
namespace {

bool nothing_over_a_more_vivid(const media::Stick& under, const media::Stick& over) {
  return colour::chroma(over.lab) >= colour::chroma(under.lab) - kIntenseSlack;
}

bool thin_to_firm(const StrokeShape& under, const StrokeShape& over) { return over.pressure >= under.pressure; }

}  // namespace

const SchoolLaws kToneMap = [] {
  SchoolLaws s;
  s.name = "tone-map";
  s.follows = nothing_over_a_more_vivid;
  s.presses = thin_to_firm;
  s.tones_first = true;
  s.bars_pressures = true;
  s.order = SchoolLaws::Order::thin_first;
  s.intense_last = true;
  s.black_last = true;
  return s;
}();

}  // namespace yd::plan
