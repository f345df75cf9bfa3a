// SPDX-License-Identifier: MIT
#pragma once

#include <optional>

#include "board/board.h"
#include "check/marks.h"
#include "check/sheet.h"

namespace yd::check {

/// Where the picture lies in the photograph, and the sheet round it.
struct Located {
  Placement picture;
  std::optional<Quad> sheet;  ///< as seen, in the picture's own order of corners; none where only the picture was found
  double margin = 0;          ///< of bare sheet round the picture, share of its longer side
  std::optional<CornerMarks> cards;  ///< printed corner marks, where all four are seen
  double likeness = 0;               ///< correlation with the Board, -1 to 1
  double blur_px = 0;                ///< of the photograph, standard deviation; 0 where it could not be told
  bool bare_margin =
      false;  ///< paper of one light is seen above the picture and at both sides; asked where corners are looked for
};
/// Under this the photograph is not of this picture.
inline constexpr double kLikeness = 0.35;

/// By printed corner marks (printed/marks.h) where all four are seen. Else tries every quad as the sheet, with margins
/// up to a fifth, and as the picture itself, in all four turns, and keeps what looks most like `board`, the work as it
/// should be by now; then moves the corners until outlines lie on outlines (Gauss and Newton on the differences: B.
/// Lucas, T. Kanade, IJCAI 1981).
Located locate(const Photo& photo, const board::BoardImage& board);

/// The same with the corners of the picture given, in pixels of `photo.image`; they are not moved.
Located located_at(const Photo& photo, const board::BoardImage& board, const Quad& picture);

/// The photograph as if seen straight from before: `width` by `height` pixels of what lies within the placement.
LightImage straightened(const Photo& photo, const Placement& placement, int width, int height);

}  // namespace yd::check
