// SPDX-License-Identifier: MIT
#include "subject/squint.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "mat_view.h"
#include "subject/shades.h"

namespace yd::subject {
namespace {

LabImage from_mat(const cv::Mat& mat) {
  LabImage out(mat.cols, mat.rows);
  mat.copyTo(view(out));
  return out;
}

cv::Mat thrice(const cv::Mat& m) {
  cv::Mat out;
  cv::merge(std::vector<cv::Mat>{m, m, m}, out);
  return out;
}

/// Guided filter (K. He, J. Sun, X. Tang, IEEE TPAMI 35, 2013, algorithm 1): in every window the output is a straight
/// line of the guide, a = cov(guide, p) / (var(guide) + keep), b = mean(p) - a mean(guide); lines are averaged.
cv::Mat guided(const cv::Mat& guide, const cv::Mat& p, int radius, double keep) {
  const cv::Mat mean_guide = box(guide, radius);
  const cv::Mat mean_p = box(p, radius);
  const cv::Mat variance = box(guide.mul(guide), radius) - mean_guide.mul(mean_guide);
  const cv::Mat covariance = box(thrice(guide).mul(p), radius) - thrice(mean_guide).mul(mean_p);
  const cv::Mat a = covariance / thrice(variance + keep);
  const cv::Mat b = mean_p - a.mul(thrice(mean_guide));
  return box(a, radius).mul(thrice(guide)) + box(b, radius);
}

}  // namespace

LabImage squint(const LabImage& image, double strength) {
  if (strength <= 0) return image;
  const int radius = reach_of(strength / 60, image.width, image.height);
  const double keep = 20 + 180 * strength;  // variance in L* below which detail is smoothed
  return from_mat(guided(lightness(image), view(image), radius, keep));
}

LabImage soften(const LabImage& image) {
  constexpr double kReach = 0.0065;  // of the longer side: windows of some 5 mm on a sheet of 400 mm
  constexpr double kKeep = 6;        // variance in a channel below which detail is smoothed
  const int radius = reach_of(kReach, image.width, image.height);
  const cv::Mat p = view(image);
  const cv::Mat mean = box(p, radius);
  const cv::Mat variance = box(p.mul(p), radius) - mean.mul(mean);
  const cv::Mat a = variance / (variance + cv::Scalar::all(kKeep));
  const cv::Mat b = mean - a.mul(mean);
  return from_mat(box(a, radius).mul(p) + box(b, radius));
}

LabImage run_together(const LabImage& given, const LabImage& picture) {
  constexpr double kRunReach = 0.012;  // of the longer side
  constexpr double kRunKeep = 10;      // variance in L* of an edge that parts
  const int radius = reach_of(kRunReach, picture.width, picture.height);
  return from_mat(guided(lightness(picture), view(given), radius, kRunKeep));
}

LabImage shrink(const LabImage& image, int long_side) {
  const double scale = static_cast<double>(long_side) / std::max(image.width, image.height);
  if (scale >= 1) return image;
  cv::Mat out;
  const cv::Size size(std::max(1, static_cast<int>(std::lround(image.width * scale))),
                      std::max(1, static_cast<int>(std::lround(image.height * scale))));
  cv::resize(view(image), out, size, 0, 0, cv::INTER_AREA);
  return from_mat(out);
}

}  // namespace yd::subject
