// SPDX-License-Identifier: MIT
#include "check/marks.h"

#include <apriltag/apriltag.h>
#include <apriltag/tag36h11.h>

#include <algorithm>
#include <memory>

#include "printed/marks.h"

namespace yd::check {
namespace {

/// Grey levels, black and white of the photograph stretched to the ends.
std::unique_ptr<image_u8_t, decltype(&image_u8_destroy)> grey_of(const LightImage& image) {
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

}  // namespace

std::vector<MarkSeen> marks_seen(const Photo& photo) {
  // The library reads beyond a picture of a few pixels.
  if (std::min(photo.image.width, photo.image.height) < kLeastPhotoSide) return {};
  const std::unique_ptr<apriltag_family_t, decltype(&tag36h11_destroy)> family(tag36h11_create(), &tag36h11_destroy);
  const std::unique_ptr<apriltag_detector_t, decltype(&apriltag_detector_destroy)> detector(apriltag_detector_create(),
                                                                                            &apriltag_detector_destroy);
  apriltag_detector_add_family_bits(detector.get(), family.get(), 1);
  detector->quad_decimate = 2;  // squares are looked for at half size, and read at full size
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

std::optional<CornerMarks> corner_marks(const std::vector<MarkSeen>& marks) {
  CornerMarks out;
  for (int corner = 0; corner < 4; ++corner) {
    const auto is_it = [&](const MarkSeen& m) { return m.mark == printed::corner_mark(corner); };
    if (std::count_if(marks.begin(), marks.end(), is_it) != 1) return std::nullopt;
    out[static_cast<std::size_t>(corner)] = *std::find_if(marks.begin(), marks.end(), is_it);
  }
  return out;
}

Point on_mark(const MarkSeen& mark, const Point& place) {
  constexpr double kEdge = 1.0 / printed::kMarkCells;
  constexpr Quad kBlack{{{kEdge, kEdge}, {1 - kEdge, kEdge}, {1 - kEdge, 1 - kEdge}, {kEdge, 1 - kEdge}}};
  return carried(homography(kBlack, mark.corners), place);
}

std::optional<Quad> corners_by_marks(const CornerMarks& marks) {
  constexpr Quad kTouches{{{1, 1}, {0, 1}, {0, 0}, {1, 0}}};  // where the picture's corner touches each
  Quad out;
  for (std::size_t i = 0; i < 4; ++i) out[i] = on_mark(marks[i], kTouches[i]);
  return is_convex(out) ? std::optional(out) : std::nullopt;
}

}  // namespace yd::check
