#include "subject/squint.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <opencv2/ximgproc/edge_filter.hpp>

namespace yd::subject {
namespace {

cv::Mat view(const LabImage& image) {
  return {image.height, image.width, CV_32FC3, const_cast<colour::LabPixel*>(image.data.data())};
}

LabImage from_mat(const cv::Mat& mat) {
  LabImage out(mat.cols, mat.rows);
  mat.copyTo(cv::Mat(mat.rows, mat.cols, CV_32FC3, out.data.data()));
  return out;
}

}  // namespace

LabImage squint(const LabImage& image, double strength) {
  if (strength <= 0) return image;
  const int radius = std::max(1, static_cast<int>(std::lround(strength * std::max(image.width, image.height) / 60.0)));
  const double keep = 20 + 180 * strength;  // variance in L* below which detail is smoothed
  cv::Mat out;
  cv::Mat guide;
  cv::extractChannel(view(image), guide, 0);
  cv::ximgproc::guidedFilter(guide, view(image), out, radius, keep);
  return from_mat(out);
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
