// SPDX-License-Identifier: MIT
#pragma once

#include <memory>
#include <vector>

#include "check/geometry.h"
#include "check/photo.h"

namespace yd::check {

/// Four-sided things in the photograph, corners in pixels of `photo.image`: the sheet, the picture on it, a board below
/// it, likeliest first; the whole frame is the last. Lines are found by votes (P. Hough's transform, with the direction
/// of each edge: D. Ballard, Pattern Recognition 13, 1981) and taken together four by four where edges run along them.
std::vector<Quad> find_quads(const Photo& photo);

/// The sides of a quad found to a fraction of a pixel, and the bend of the lens with it: lines that are straight on the
/// sheet are straight once the lens is undone (plumb lines: D. Brown, "Close-range camera calibration",
/// Photogrammetric Engineering 37, 1971). `quad`: near it.
struct SharpQuad {
  Quad seen;
  Lens lens;
  double blur_px = 0;  ///< of the photograph, standard deviation, by how its sides end; pixels of `photo.image`
  double support = 0;  ///< share of the sides along which an edge was found, the least of the four
};
/// The edges of the whole photograph, worked out once for all quads.
class Sharpener {
 public:
  explicit Sharpener(const Photo& photo);
  SharpQuad sharpen(const Quad& quad) const;

 private:
  struct Seen;
  std::shared_ptr<const Seen> seen_;
};

}  // namespace yd::check
