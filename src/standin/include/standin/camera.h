// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstdint>
#include <vector>

#include "board/board.h"
#include "colour/light.h"
#include "subject/measure.h"
#include "support/result.h"

namespace yd::standin {

/// A stand-in for the artist's camera: how a board is photographed. Ours, no published source for the ranges.
struct Camera {
  int width = 1600;  ///< of the photograph, pixels, 64 to 8000
  int height = 1200;
  double margin = 0.06;    ///< of bare sheet around the picture, share of its longer side, 0 to 0.5
  double fill = 0.8;       ///< share of the frame that the sheet takes, 0.1 to 1
  double tilt_deg = 0;     ///< the camera looks up or down at the sheet, -40 to 40
  double turn_deg = 0;     ///< and from one side
  double roll_deg = 0;     ///< held askew
  double barrel = 0;       ///< radial distortion at the corner of the frame, share of the distance; above 0 barrel
  double warmth = 0;       ///< of the light: red up and blue down by this share, -0.4 to 0.4
  double falloff = 0;      ///< light lost from the bright side of the sheet to the dark one, share, 0 to 0.8
  double falloff_deg = 0;  ///< towards the bright side, anticlockwise from the right
  double stops = 0;        ///< of exposure, off what is right
  double curve = 0;        ///< contrast put in by the camera: 0 none, 0.5 much
  double blur_px = 0;
  double noise = 0;     ///< standard deviation in light, share of white
  double glare = 0;     ///< light of a lamp mirrored in the sheet, share of white at its middle
  double table = 0.06;  ///< light of what the sheet lies on, share of white, 0 to 1
  std::uint64_t seed = 1;
};
Status check(const Camera& camera);

/// As a hand-held telephone might be held by a studio window: everything a little off, nothing spoilt.
Camera handheld(std::uint64_t seed);

/// What the picture lies on: bare paper, and the patches of a margin strip (board/strip.h) below it, if there is one.
struct Sheet {
  Sheet(const colour::Lab& colour) : paper(colour) {}  // NOLINT(google-explicit-constructor): a bare sheet is a colour
  colour::Lab paper;
  std::vector<colour::Lab> strip{};
  bool marks = false;  ///< printed corner marks, laid on the margin
};

struct Photograph {
  board::BoardImage image;
  std::array<subject::Point, 4>
      sheet;  ///< corners of the sheet in pixels: top left, top right, bottom right, bottom left
  std::array<subject::Point, 4> picture;  ///< and of the picture within its margin
};
/// What is photographed, in linear light: colours that no file holds are in it too.
using Scene = subject::Grid<colour::Light>;
Scene scene_of(const board::BoardImage& board);
/// Photographs a board on its sheet, on a table. Pixels are averaged in linear light. Deterministic.
Result<Photograph> photograph(const Scene& scene, const Sheet& sheet, const Camera& camera);
Result<Photograph> photograph(const board::BoardImage& board, const Sheet& sheet, const Camera& camera);

}  // namespace yd::standin
