// SPDX-License-Identifier: MIT
#include "subject/outline.h"

#include <opencv2/imgproc.hpp>

namespace yd::subject {

std::vector<Outline> outlines(const LabelImage& labels, std::size_t masses, double tolerance_px) {
  constexpr double kSmallest_px = 12;
  std::vector<Outline> out;
  cv::Mat mask(labels.height + 2, labels.width + 2, CV_8U);
  for (std::size_t m = 0; m < masses; ++m) {
    mask.setTo(0);
    for (int y = 0; y < labels.height; ++y) {
      for (int x = 0; x < labels.width; ++x) mask.at<uchar>(y + 1, x + 1) = labels.at(x, y) == m ? 255 : 0;
    }
    std::vector<std::vector<cv::Point>> found;
    cv::findContours(mask, found, cv::RETR_CCOMP, cv::CHAIN_APPROX_NONE, cv::Point(-1, -1));
    Outline outline{static_cast<int>(m), {}};
    for (const auto& line : found) {
      if (cv::contourArea(line) < kSmallest_px) continue;
      std::vector<cv::Point> simple;
      cv::approxPolyDP(line, simple, tolerance_px, true);
      std::vector<Point> points;
      points.reserve(simple.size());
      for (const cv::Point& p : simple) points.push_back({(p.x + 0.5) / labels.width, (p.y + 0.5) / labels.height});
      outline.lines.push_back(std::move(points));
    }
    out.push_back(std::move(outline));
  }
  return out;
}

}  // namespace yd::subject
