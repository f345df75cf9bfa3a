// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "board/board.h"
#include "check/light_fix.h"
#include "make/plan.h"
#include "subject/subject.h"

namespace yd::check {

/// A colour that was measured against the one that should be there.
struct Compared {
  colour::Lab measured, expected;
  double area = 0;  ///< share of the picture
  double de00 = 0;  ///< CIEDE2000
};

struct MassReading {
  int mass = 0;
  Compared whole;
};

/// The work as it is, against the Board after the passes that are done.
struct Reading {
  LightImage picture;               ///< straight, the light put right; as large as the Board
  board::BoardImage board;          ///< what should be there
  std::vector<MassReading> masses;  ///< in the subject's order
  std::vector<Compared> targets;    ///< in the plan's order; area 0 where too little of it is seen
  std::vector<char> alone;          ///< of each target: it was read where its layers lie and nothing else
  std::vector<Compared> shades;     ///< the same with both seen from a little further off: a shade that lies in threads
                                    ///< among others is not told as off because the picture was placed a hair aside
  double glare = 0;  ///< light that lies on the work in one place and not as a mass is off, share of white
  double glare_u = 0, glare_v = 0;     ///< where, shares of the picture
  double too_light = 0, too_dark = 0;  ///< how far it is off at most either way, over a few centimetres, share of white
};

/// Means over the pixels of each mass and target, in linear light, away from the borders of masses.
Reading read_work(LightImage picture, board::BoardImage board, const subject::Subject& subject,
                  const board::BoardMap& map, const plan::Plan& plan);

/// How much lighter (above 0) or darker the work is than it should be, in steps of nine, pixel by pixel, both seen from
/// across the room: blurred by `blur_px` in linear light.
subject::Grid<float> value_differences(const Reading& reading, double blur_px);

/// The picture of a placement with its light put right.
LightImage put_right(const Photo& photo, const Placement& placement, const LightFix& fix, int width, int height);

}  // namespace yd::check
