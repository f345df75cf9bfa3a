// SPDX-License-Identifier: MIT
#pragma once

#include <opencv2/core.hpp>

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

}  // namespace yd::subject
