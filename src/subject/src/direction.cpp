// SPDX-License-Identifier: MIT
#include "subject/direction.h"

#include <algorithm>
#include <cmath>
#include <iterator>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "mat_view.h"

namespace yd::subject {

namespace {

/// The structure tensor of a mass, its gradients added up.
struct Tensor {
  double xx = 0, xy = 0, yy = 0;
};

Direction direction_of(const Tensor& t) {
  const double sum = t.xx + t.yy;
  if (sum <= 0) return {};
  // The gradient's angle, turned by a quarter; y points down in pictures, up for artists.
  const double across = 0.5 * std::atan2(2 * t.xy, t.xx - t.yy);
  double along_deg = 90 - across * 180 / std::numbers::pi;
  if (along_deg > 90) along_deg -= 180;
  return {along_deg, std::hypot(t.xx - t.yy, 2 * t.xy) / sum};
}

}  // namespace

std::vector<Direction> directions(const LabImage& image, const LabelImage& labels, std::size_t masses) {
  cv::Mat l = lightness(image);
  cv::GaussianBlur(l, l, cv::Size(0, 0), 1.2);
  cv::Mat dx;
  cv::Mat dy;
  cv::Scharr(l, dx, CV_32F, 1, 0);
  cv::Scharr(l, dy, CV_32F, 0, 1);
  std::vector<Tensor> sums(masses);
  for (int y = 1; y + 1 < image.height; ++y) {
    for (int x = 1; x + 1 < image.width; ++x) {
      const auto m = labels.at(x, y);
      // Borders of masses are not texture.
      if (labels.at(x - 1, y) != m || labels.at(x + 1, y) != m || labels.at(x, y - 1) != m || labels.at(x, y + 1) != m)
        continue;
      const double gx = dx.at<float>(y, x);
      const double gy = dy.at<float>(y, x);
      sums[m].xx += gx * gx;
      sums[m].xy += gx * gy;
      sums[m].yy += gy * gy;
    }
  }
  std::vector<Direction> out;
  out.reserve(sums.size());
  std::transform(sums.begin(), sums.end(), std::back_inserter(out), direction_of);
  return out;
}

}  // namespace yd::subject
