// SPDX-License-Identifier: MIT
#include "board/figures.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/ciede2000.h"
#include "parallel/each.h"

namespace yd::board {
namespace {

constexpr double kBlur_mm = 0.7;
constexpr int kStep = 2;  // blurred pictures change so little from pixel to pixel that every second one is enough

/// XYZ of every pixel, which light adds up in.
template <class LabAt>
cv::Mat linear(int width, int height, const LabAt& lab_at) {
  cv::Mat out(height, width, CV_32FC3);
  const colour::Xyz white = colour::weights(colour::Illuminant::d50).white;
  parallel::each(height, [&](int y) {
    auto* row = out.ptr<cv::Vec3f>(y);
    for (int x = 0; x < width; ++x) {
      const colour::Xyz xyz = colour::to_xyz(lab_at(x, y), white);
      row[x] = {static_cast<float>(xyz.x), static_cast<float>(xyz.y), static_cast<float>(xyz.z)};
    }
  });
  return out;
}

/// The same for a picture of few distinct colours: each is worked out once.
cv::Mat linear(const BoardImage& board) {
  std::vector<std::uint32_t> keys(board.size());
  for (std::size_t i = 0; i < board.size(); ++i) {
    const colour::Rgb8& c = board.data[i];
    keys[i] = (static_cast<std::uint32_t>(c.r) << 16U) | (static_cast<std::uint32_t>(c.g) << 8U) | c.b;
  }
  std::vector<std::uint32_t> distinct = keys;
  std::sort(distinct.begin(), distinct.end());
  distinct.erase(std::unique(distinct.begin(), distinct.end()), distinct.end());
  std::vector<cv::Vec3f> xyz(distinct.size());
  const colour::Xyz white = colour::weights(colour::Illuminant::d50).white;
  for (std::size_t i = 0; i < distinct.size(); ++i) {
    const colour::Rgb8 c{static_cast<std::uint8_t>(distinct[i] >> 16U), static_cast<std::uint8_t>(distinct[i] >> 8U),
                         static_cast<std::uint8_t>(distinct[i])};
    const colour::Xyz v = colour::to_xyz(colour::from_srgb(c), white);
    xyz[i] = {static_cast<float>(v.x), static_cast<float>(v.y), static_cast<float>(v.z)};
  }
  cv::Mat out(board.height, board.width, CV_32FC3);
  auto* to = out.ptr<cv::Vec3f>();
  parallel::each(keys.size(), [&](std::size_t i) {
    to[i] =
        xyz[static_cast<std::size_t>(std::lower_bound(distinct.begin(), distinct.end(), keys[i]) - distinct.begin())];
  });
  return out;
}

void blur(cv::Mat& picture, double sigma) {
  const int reach = static_cast<int>(std::lround(4 * sigma));
  const cv::Size window(2 * reach + 1, 2 * reach + 1);
  cv::GaussianBlur(picture, picture, window, sigma, sigma, cv::BORDER_REFLECT);
}

/// Of values in any order; between two of them where the share falls between.
double percentile(std::vector<double>& values, double share) {
  const double at = share * static_cast<double>(values.size() - 1);
  const auto low = static_cast<std::ptrdiff_t>(at);
  std::nth_element(values.begin(), values.begin() + low, values.end());
  const double first = values[static_cast<std::size_t>(low)];
  if (low + 1 >= static_cast<std::ptrdiff_t>(values.size())) return first;
  const double second = *std::min_element(values.begin() + low + 1, values.end());
  return first + (at - static_cast<double>(low)) * (second - first);
}

}  // namespace

Figure as_fitted(const plan::Plan& plan) {
  std::vector<std::pair<double, double>> by_difference;  // difference, area
  double area = 0;
  Figure out;
  for (const plan::TargetPlan& t : plan.targets) {
    by_difference.emplace_back(t.recipe.de00, t.area);
    out.mean += t.recipe.de00 * t.area;
    area += t.area;
  }
  if (area <= 0) return {};
  out.mean /= area;
  std::sort(by_difference.begin(), by_difference.end());
  double below = 0;
  for (const auto& [difference, share] : by_difference) {
    out.p95 = difference;
    below += share;
    if (below >= 0.95 * area) break;
  }
  return out;
}

Figure as_seen(const subject::Subject& subject, const BoardImage& board, double long_side_mm) {
  const subject::LabImage& image = subject.image;
  cv::Mat wanted = linear(image.width, image.height, [&](int x, int y) -> colour::Lab {
    const colour::LabPixel& p = image.at(x, y);
    return {p.l, p.a, p.b};
  });
  cv::Mat painted = linear(board);
  const double sigma = std::max(board.width, board.height) * kBlur_mm / long_side_mm;
  blur(wanted, sigma);
  blur(painted, sigma);
  const int columns = (board.width + kStep - 1) / kStep;
  const int rows = (board.height + kStep - 1) / kStep;
  std::vector<double> off(static_cast<std::size_t>(columns) * static_cast<std::size_t>(rows));
  const colour::Xyz white = colour::weights(colour::Illuminant::d50).white;
  const auto lab = [&](const cv::Vec3f& v) { return colour::to_lab(colour::Xyz{v[0], v[1], v[2]}, white); };
  parallel::each(rows, [&](int y) {
    for (int x = 0; x < columns; ++x) {
      off[static_cast<std::size_t>(y) * static_cast<std::size_t>(columns) + static_cast<std::size_t>(x)] =
          colour::ciede2000(lab(wanted.at<cv::Vec3f>(kStep * y, kStep * x)),
                            lab(painted.at<cv::Vec3f>(kStep * y, kStep * x)));
    }
  });
  Figure out;
  for (const double d : off) out.mean += d / static_cast<double>(off.size());
  out.p95 = percentile(off, 0.95);
  return out;
}

Figures figures_of(const plan::Plan& plan, const subject::Subject& subject, const BoardImage& board, double sheet_cm2) {
  const double aspect = static_cast<double>(board.width) / board.height;
  const double long_side_mm = 10 * std::sqrt(sheet_cm2 * std::max(aspect, 1 / aspect));
  return {as_fitted(plan), as_seen(subject, board, long_side_mm)};
}

}  // namespace yd::board
