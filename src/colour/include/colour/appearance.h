// SPDX-License-Identifier: MIT
#pragma once

#include "colour/lab.h"

namespace yd::colour {

/// What the eye makes of a colour beside its surround: CIECAM02 (CIE 159:2004) through Little CMS. J lightness, C
/// chroma, h hue.
struct Appearance {
  double j = 0, c = 0, h = 0;
};

/// The conditions a picture is judged in.
struct Viewing {
  Xyz white{96.42, 100, 82.49};  ///< adopted white
  double background_y = 20;      ///< luminance factor of the surround, 0 to 100 (white = 100)
  double adapting_cd_m2 = 64;    ///< about a fifth of white under 1000 lx
};

Appearance appearance(const Xyz& xyz, const Viewing& viewing);

/// How a colour seems on a surround, as the Lab it would have on a middle grey one: the colour's own Lab moved by what
/// the change of surround does to its CIECAM02 correlates. Darker surrounds make it seem lighter.
Lab seems_on(const Lab& colour, const Lab& surround);

}  // namespace yd::colour
