// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "subject/image.h"

namespace yd::subject {

/// The pixels as a matrix without copying; for reading only.
inline cv::Mat view(const LabImage& image) {
  return {image.height, image.width, CV_32FC3, const_cast<colour::LabPixel*>(image.data.data())};
}
inline cv::Mat view(LabImage& image) { return {image.height, image.width, CV_32FC3, image.data.data()}; }

/// L* alone, copied.
inline cv::Mat lightness(const LabImage& image) {
  cv::Mat l;
  cv::extractChannel(view(image), l, 0);
  return l;
}

/// A share of the longer side in pixels; one at least.
inline int reach_of(double share, int width, int height) {
  return std::max(1, static_cast<int>(std::lround(share * std::max(width, height))));
}

/// Mean over a square of so many pixels each way.
inline cv::Mat box(const cv::Mat& m, int radius) {
  cv::Mat out;
  cv::boxFilter(m, out, CV_32F, cv::Size(2 * radius + 1, 2 * radius + 1), cv::Point(-1, -1), true, cv::BORDER_REFLECT);
  return out;
}

}  // namespace yd::subject
