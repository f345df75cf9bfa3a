// SPDX-License-Identifier: MIT
#include "edges_seen.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "parallel/each.h"

namespace yd::check {
namespace {

constexpr double kLeastStep = 0.5;  // of 100, a pixel
constexpr double kOverNoise = 4;    // times the median strength

double median_of(const cv::Mat& m) {
  std::vector<float> some;
  const int step = 5;
  for (int y = 0; y < m.rows; y += step) {
    for (int x = 0; x < m.cols; x += step) some.push_back(m.at<float>(y, x));
  }
  std::nth_element(some.begin(), some.begin() + static_cast<std::ptrdiff_t>(some.size() / 2), some.end());
  return some[some.size() / 2];
}

EdgePicture seen(const cv::Mat& sensed, double blur_px, bool directions) {
  cv::Mat smooth;
  cv::GaussianBlur(sensed, smooth, cv::Size(0, 0), blur_px);
  cv::Mat gx;
  cv::Mat gy;
  cv::Sobel(smooth, gx, CV_32F, 1, 0, 3, 0.125);
  cv::Sobel(smooth, gy, CV_32F, 0, 1, 3, 0.125);
  EdgePicture out;
  out.strength.create(sensed.size(), CV_32F);
  if (directions) {
    out.nx.create(sensed.size(), CV_32F);
    out.ny.create(sensed.size(), CV_32F);
  }
  parallel::each(sensed.rows, [&](int y) {
    for (int x = 0; x < sensed.cols; ++x) {
      const auto& u = gx.at<cv::Vec3f>(y, x);
      const auto& v = gy.at<cv::Vec3f>(y, x);
      const float xx = u.dot(u);
      const float yy = v.dot(v);
      const float xy = u.dot(v);
      out.strength.at<float>(y, x) =
          std::sqrt(std::max(0.0F, 0.5F * (xx + yy + std::sqrt((xx - yy) * (xx - yy) + 4 * xy * xy))));
      if (!directions) continue;
      const float angle = 0.5F * std::atan2(2 * xy, xx - yy);
      out.nx.at<float>(y, x) = std::cos(angle);
      out.ny.at<float>(y, x) = std::sin(angle);
    }
  });
  out.floor = std::max(kLeastStep, kOverNoise * median_of(out.strength));
  return out;
}

}  // namespace

cv::Mat as_sensed(const LightImage& image) {
  cv::Mat out(image.height, image.width, CV_32FC3);
  parallel::each(image.height, [&](int y) {
    auto* row = out.ptr<cv::Vec3f>(y);
    for (int x = 0; x < image.width; ++x) {
      const colour::Light& c = image.at(x, y);
      row[x] = {100 * std::cbrt(std::max(0.0F, c.r)), 100 * std::cbrt(std::max(0.0F, c.g)),
                100 * std::cbrt(std::max(0.0F, c.b))};
    }
  });
  return out;
}

cv::Mat sensed_small(const LightImage& image, double scale) {
  if (scale >= 1) return as_sensed(image);
  const cv::Mat all(image.height, image.width, CV_32FC3, const_cast<colour::Light*>(image.data.data()));
  LightImage small(std::max(8, static_cast<int>(std::lround(image.width * scale))),
                   std::max(8, static_cast<int>(std::lround(image.height * scale))));
  cv::Mat light(small.height, small.width, CV_32FC3, small.data.data());
  cv::resize(all, light, light.size(), 0, 0, cv::INTER_AREA);
  return as_sensed(small);
}

EdgePicture edges_of(const cv::Mat& sensed, double blur_px) { return seen(sensed, blur_px, true); }
EdgePicture steps_seen(const cv::Mat& sensed, double blur_px) { return seen(sensed, blur_px, false); }

}  // namespace yd::check
