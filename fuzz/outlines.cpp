// SPDX-License-Identifier: MIT
// Outlines read back: what lies deep in a mass lies within its lines, what lies far from it does not.
#include "subject/outline.h"

#include <opencv2/imgproc.hpp>
#include <optional>

#include "harness.h"

using namespace yd;

namespace {

constexpr int kDeep_px = 2;

/// Whether all pixels this near are of the mass, or none is; nothing where both are.
std::optional<bool> clearly(const subject::LabelImage& labels, int x, int y, std::size_t mass) {
  int in = 0;
  int all = 0;
  for (int dy = -kDeep_px; dy <= kDeep_px; ++dy) {
    for (int dx = -kDeep_px; dx <= kDeep_px; ++dx, ++all) {
      const bool inside = x + dx >= 0 && y + dy >= 0 && x + dx < labels.width && y + dy < labels.height;
      in += inside && labels.at(x + dx, y + dy) == mass ? 1 : 0;
    }
  }
  if (in != 0 && in != all) return {};
  return in != 0;
}

cv::Mat filled(const subject::Outline& outline, cv::Size size) {
  std::vector<std::vector<cv::Point>> lines;
  for (const auto& line : outline.lines) {
    fuzz::must(!line.empty(), "a line has points");
    std::vector<cv::Point> points;
    for (const subject::Point& p : line) {
      fuzz::must(p.x >= 0 && p.x <= 1 && p.y >= 0 && p.y <= 1, "a line lies on the picture");
      points.emplace_back(cvRound(p.x * size.width - 0.5), cvRound(p.y * size.height - 0.5));
    }
    lines.push_back(std::move(points));
  }
  cv::Mat out = cv::Mat::zeros(size, CV_8U);
  if (!lines.empty()) cv::fillPoly(out, lines, cv::Scalar(1));
  return out;
}

}  // namespace

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  if (size < 3) return 0;
  const int width = 1 + data[0] % 48;
  const std::size_t masses = 1 + data[1] % 6;
  const std::size_t cells = size - 2;
  const int height = static_cast<int>(std::min<std::size_t>(48, 1 + cells / static_cast<std::size_t>(width)));
  subject::LabelImage labels(width, height);
  for (std::size_t i = 0; i < labels.data.size(); ++i)
    labels.data[i] = static_cast<decltype(labels.data)::value_type>(data[2 + i % cells] % masses);
  for (const subject::Outline& outline : subject::outlines(labels, masses)) {
    const cv::Mat within = filled(outline, {width, height});
    for (int y = 0; y < height; ++y) {
      for (int x = 0; x < width; ++x) {
        const auto sure = clearly(labels, x, y, static_cast<std::size_t>(outline.mass));
        if (sure) fuzz::must((within.at<uchar>(y, x) != 0) == *sure, "the lines hold the mass");
      }
    }
  }
  return 0;
}
