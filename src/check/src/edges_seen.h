// SPDX-License-Identifier: MIT
// Where colour steps in a photograph, and which way.
#pragma once

#include <opencv2/core.hpp>

#include "check/photo.h"

namespace yd::check {

/// The cube root of light, near enough to equal steps of sight, 0 to 100 in each channel.
cv::Mat as_sensed(const LightImage& image);

/// The same of the picture made smaller, averaged in light; `scale` up to 1.
cv::Mat sensed_small(const LightImage& image, double scale);

/// The gradient of all channels together: its length and its direction (S. Di Zenzo, "A note on the gradient of a
/// multi-image", Computer Vision, Graphics and Image Processing 33, 1986). Steps of `as_sensed` per pixel.
struct EdgePicture {
  cv::Mat strength;  ///< CV_32F
  cv::Mat nx, ny;    ///< CV_32F, the unit vector across the edge, nx >= 0
  double floor = 1;  ///< strength under which it is grain and noise
};
EdgePicture edges_of(const cv::Mat& sensed, double blur_px);
/// The same without directions.
EdgePicture steps_seen(const cv::Mat& sensed, double blur_px);

}  // namespace yd::check
