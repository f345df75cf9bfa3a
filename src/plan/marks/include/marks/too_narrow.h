// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "media/collection.h"
#include "subject/subject.h"

namespace yd::plan {

/// A line, a rim or a spot of the subject that is narrower than the finest mark.
struct NarrowFeature {
  double x0 = 0, y0 = 0, x1 = 0, y1 = 0;  ///< what it lies in, shares of width and height
  int mass = -1;
  bool lighter = false;                ///< than what it lies in
  double width_mm = 0, length_mm = 0;  ///< on this sheet
  double contrast = 0;                 ///< L* on average
  double from_cm = 0;                  ///< longer side of a sheet on which the finest mark is as narrow as it
};

/// What of a subject is finer than the hand on a sheet of this size.
struct TooNarrow {
  double finest_mm = 0;              ///< width of the finest mark
  double least_mm = 0;               ///< what the picture has pixels for: nothing finer is found
  int count = 0;                     ///< of features that are seen across the room
  double share = 0;                  ///< of the picture that they cover
  double from_cm = 0;                ///< longer side from which on nine tenths of them can be said; 0: there are none
  std::vector<NarrowFeature> first;  ///< the most telling, contrast times area
};

/// Width of the finest mark of a stick, mm; 0: none.
double finest_mm(const media::Stick& stick);
/// Of the sticks of a tray and of what draws lines beside it, where `lines` may be taken.
double finest_mm(std::span<const media::Stick> sticks, std::span<const int> tray, bool lines);

/// By openings and closings of L* with discs (J. Serra, Image Analysis and Mathematical Morphology, Academic Press
/// 1982: top hats). `longer_cm`: of the sheet. `most`: features told one by one.
TooNarrow too_narrow(const subject::Subject& subject, double longer_cm, double finest_mm, std::size_t most = 12);

}  // namespace yd::plan
