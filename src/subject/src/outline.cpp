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

std::vector<Point> number_places(const LabelImage& labels, std::size_t masses) {
  constexpr int kSide = 300;  // of the longer side: a number needs no more
  const double scale = std::max(1.0, static_cast<double>(std::max(labels.width, labels.height)) / kSide);
  const int w = std::max(1, static_cast<int>(labels.width / scale));
  const int h = std::max(1, static_cast<int>(labels.height / scale));
  std::vector<Point> out(masses);
  cv::Mat mask(h + 2, w + 2, CV_8U), inside;  // the border of the picture is one of the mass
  for (std::size_t m = 0; m < masses; ++m) {
    mask = 0;
    for (int y = 0; y < h; ++y)
      for (int x = 0; x < w; ++x)
        mask.at<std::uint8_t>(y + 1, x + 1) =
            labels.at(static_cast<int>((x + 0.5) * scale), static_cast<int>((y + 0.5) * scale)) == m ? 1 : 0;
    cv::distanceTransform(mask, inside, cv::DIST_L2, cv::DIST_MASK_5);
    cv::Point at;
    cv::minMaxLoc(inside, nullptr, nullptr, nullptr, &at);
    out[m] = {(at.x - 0.5) / w, (at.y - 0.5) / h};
  }
  return out;
}

}  // namespace yd::subject
