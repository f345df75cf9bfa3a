// SPDX-License-Identifier: MIT
#pragma once

#include <opencv2/core.hpp>
#include <vector>

#include "guide/marks.h"
#include "subject/subject.h"

namespace yd::board {

/// Gaussian noise of unit variance with correlation lengths in pixels, the same for the same seed.
cv::Mat noise(int width, int height, double along, double across, std::uint64_t seed);

/// The place of a value of noise of unit variance among all, 0 to 1.
double quantile_of(double z);

/// How far strokes show beside the grain, 0 to 1.
inline constexpr double kLaidShare = 0.62;
inline constexpr double kRubbedShare = 0.25;

/// What the hand leaves on every pixel: two fields of streaks along the strokes, each of mean 0 and variance 1 over any
/// few millimetres, so that from far off nothing changes.
struct StrokeFields {
  cv::Mat streaks;           ///< the strokes themselves
  cv::Mat others;            ///< those of a second layer
  cv::Mat grain;             ///< no strokes, two channels: what a finger leaves of them where shades or masses meet
  std::vector<char> rubbed;  ///< masses whose last pass over a good part is rubbed
};

/// Line integral convolution (B. Cabral, L. C. Leedom, "Imaging vector fields using line integral convolution",
/// SIGGRAPH 1993) of noise along the form: the structure tensor where the picture says one, else the direction of the
/// mark, else a slant of the hand. `touches`: of each pass, mass by mass; none of them: broad strokes everywhere.
StrokeFields stroke_fields(const subject::Subject& subject, std::span<const std::vector<plan::Touch>> touches,
                           double px_per_mm);

}  // namespace yd::board
