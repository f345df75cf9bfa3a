#include "marks_seen.h"

#include <apriltag/apriltag.h>
#include <apriltag/tag36h11.h>

#include <Eigen/QR>
#include <algorithm>
#include <cmath>
#include <memory>

#include "colour/light.h"

namespace yd::swatches {
namespace {

/// Grey levels, black and white of the photograph stretched to the ends.
std::unique_ptr<image_u8_t, decltype(&image_u8_destroy)> grey_of(const check::LightImage& image) {
  std::unique_ptr<image_u8_t, decltype(&image_u8_destroy)> out(
      image_u8_create(static_cast<unsigned>(image.width), static_cast<unsigned>(image.height)), &image_u8_destroy);
  float most = 1e-3F;
  for (const colour::Light& c : image.data) most = std::max(most, colour::luminance(c));
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x)
      out->buf[y * out->stride + x] = colour::level_of_light(colour::luminance(image.at(x, y)) / most);
  }
  return out;
}

/// Least squares of the eight numbers of a homography from shares to straight pixels.
check::Homography best_homography(const std::vector<Pair>& pairs, const check::Lens& lens) {
  const auto n = static_cast<Eigen::Index>(pairs.size());
  Eigen::MatrixXd a = Eigen::MatrixXd::Zero(2 * n, 8);
  Eigen::VectorXd b(2 * n);
  for (Eigen::Index i = 0; i < n; ++i) {
    const Pair& pair = pairs[static_cast<std::size_t>(i)];
    const check::Point to = lens.straight(pair.seen);
    // About the middle of the lens and in half diagonals, so that all columns are of one size.
    const double x = (to.x - lens.middle.x) / lens.half_diagonal;
    const double y = (to.y - lens.middle.y) / lens.half_diagonal;
    const double u = pair.share.x;
    const double v = pair.share.y;
    a.row(2 * i) << u, v, 1, 0, 0, 0, -x * u, -x * v;
    a.row(2 * i + 1) << 0, 0, 0, u, v, 1, -y * u, -y * v;
    b(2 * i) = x, b(2 * i + 1) = y;
  }
  const Eigen::VectorXd h = a.colPivHouseholderQr().solve(b);
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

std::vector<MarkSeen> marks_seen(const check::Photo& photo) {
  const std::unique_ptr<apriltag_family_t, decltype(&tag36h11_destroy)> family(tag36h11_create(), &tag36h11_destroy);
  const std::unique_ptr<apriltag_detector_t, decltype(&apriltag_detector_destroy)> detector(
      apriltag_detector_create(), &apriltag_detector_destroy);
  apriltag_detector_add_family_bits(detector.get(), family.get(), 1);
  detector->quad_decimate = 1;
  const auto grey = grey_of(photo.image);
  zarray_t* found = apriltag_detector_detect(detector.get(), grey.get());
  std::vector<MarkSeen> out;
  for (int i = 0; i < zarray_size(found); ++i) {
    apriltag_detection_t* d = nullptr;
    zarray_get(found, i, &d);
    // The library counts from the bottom left, against the clock.
    MarkSeen mark{d->id, {}};
    for (std::size_t k = 0; k < 4; ++k) mark.corners[k] = {d->p[3 - k][0], d->p[3 - k][1]};
    out.push_back(mark);
  }
  apriltag_detections_destroy(found);
  return out;
}

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
