// SPDX-License-Identifier: MIT
#include "placed_sheet.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

namespace yd::swatches {
namespace {

/// Least squares of the eight numbers of a homography from shares to straight pixels.
check::Homography best_homography(const std::vector<Pair>& pairs, const check::Lens& lens) {
  const int n = static_cast<int>(pairs.size());
  cv::Mat_<double> a(2 * n, 8);
  cv::Mat_<double> b(2 * n, 1);
  for (int i = 0; i < n; ++i) {
    const Pair& pair = pairs[static_cast<std::size_t>(i)];
    const check::Point to = lens.straight(pair.seen);
    // About the middle of the lens and in half diagonals, so that all columns are of one size.
    const double x = (to.x - lens.middle.x) / lens.half_diagonal;
    const double y = (to.y - lens.middle.y) / lens.half_diagonal;
    const double u = pair.share.x;
    const double v = pair.share.y;
    cv::Mat(cv::Matx<double, 1, 8>(u, v, 1, 0, 0, 0, -x * u, -x * v)).copyTo(a.row(2 * i));
    cv::Mat(cv::Matx<double, 1, 8>(0, 0, 0, u, v, 1, -y * u, -y * v)).copyTo(a.row(2 * i + 1));
    b(2 * i) = x;
    b(2 * i + 1) = y;
  }
  cv::Mat_<double> h;
  cv::solve(a, b, h, cv::DECOMP_SVD);
  check::Homography out{h(0), h(1), h(2), h(3), h(4), h(5), h(6), h(7), 1};
  for (std::size_t k = 0; k < 3; ++k) {
    out[k] = out[k] * lens.half_diagonal + lens.middle.x * out[6 + k];
    out[3 + k] = out[3 + k] * lens.half_diagonal + lens.middle.y * out[6 + k];
  }
  return out;
}

PlacedSheet placed_with(const std::vector<Pair>& pairs, check::Lens lens, double bend) {
  lens.bend = bend;
  PlacedSheet out;
  out.placement.lens = lens;
  out.placement.into = best_homography(pairs, lens);
  double sum = 0;
  for (const Pair& p : pairs) {
    const double d = check::distance(out.placement.at(p.share.x, p.share.y), p.seen);
    sum += d * d;
  }
  out.off_px = std::sqrt(sum / static_cast<double>(pairs.size()));
  return out;
}

}  // namespace

PlacedSheet placed_by(const std::vector<Pair>& pairs, int width, int height) {
  const check::Lens lens{{0.5 * width, 0.5 * height}, 0.5 * std::hypot(width, height), 0};
  // Golden section (J. Kiefer, 1953): the rest is linear once the bend is known.
  constexpr double kGolden = 0.6180339887498949;
  double low = -0.3;
  double high = 0.3;
  while (high - low > 1e-4) {
    const double p = high - kGolden * (high - low);
    const double q = low + kGolden * (high - low);
    if (placed_with(pairs, lens, p).off_px < placed_with(pairs, lens, q).off_px) {
      high = q;
    } else {
      low = p;
    }
  }
  return placed_with(pairs, lens, 0.5 * (low + high));
}

}  // namespace yd::swatches
