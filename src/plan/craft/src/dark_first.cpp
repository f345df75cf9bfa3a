// SPDX-License-Identifier: MIT
#include "craft/school.h"

namespace yd::plan {
namespace {

bool nothing_over_a_lighter(const media::Stick& under, const media::Stick& over) {
  return under.lab.l <= over.lab.l + kDarkFirstSlack;
}

}  // namespace

const SchoolLaws kDarkFirst = [] {
  SchoolLaws s;
  s.name = "dark-first";
  s.follows = nothing_over_a_lighter;
  s.clean_lights = true;
  s.sheet_of_darks = true;
  s.intense_last = true;
  return s;
}();

}  // namespace yd::plan
