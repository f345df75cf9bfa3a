// SPDX-License-Identifier: MIT
#include "check/photo.h"

#include <array>
#include <atomic>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "parallel/each.h"

namespace yd::check {
namespace {

constexpr std::uint16_t kTop = 65000;  // of 65535: the channel can go no further

const std::vector<float>& light_of_code() {
  static const std::vector<float> table = [] {
    std::vector<float> t(65536);
    for (std::size_t i = 0; i < t.size(); ++i)
      t[i] = static_cast<float>(colour::light_of_fraction(static_cast<double>(i) / 65535));
    return t;
  }();
  return table;
}

/// A picture with a profile of its own: its codes, averaged, through the profile into our primaries.
Status through_profile(const subject::RawPicture& picture, LightImage& image) {
  const auto transform = colour::PictureToLab::from_icc(picture.icc);
  if (!transform) return transform.error();
  parallel::each(image.height, [&](int y) {
    const auto n = static_cast<std::size_t>(image.width);
    std::vector<std::uint16_t> codes(3 * n);
    std::vector<colour::LabPixel> labs(n);
    for (std::size_t x = 0; x < n; ++x) {
      const colour::Light& c = image.at(static_cast<int>(x), y);
      for (const auto& [k, light] : {std::pair{0, c.r}, {1, c.g}, {2, c.b}}) {
        const double v = light <= 0.0031308F ? 12.92 * light : 1.055 * std::pow(light, 1 / 2.4) - 0.055;
        codes[3 * x + static_cast<std::size_t>(k)] =
            static_cast<std::uint16_t>(std::lround(65535 * std::clamp(v, 0.0, 1.0)));
      }
    }
    transform->convert(codes.data(), labs.data(), n);
    for (std::size_t x = 0; x < n; ++x)
      image.at(static_cast<int>(x), y) = colour::to_light(colour::Lab{labs[x].l, labs[x].a, labs[x].b});
  });
  return success();
}

/// The light of a picture's pixels into `light`, of its size; how many of its numbers are clipped, as a share.
double to_light(const subject::RawPicture& picture, cv::Mat& light) {
  std::atomic<std::size_t> clipped{0};
  const auto row = 3 * static_cast<std::size_t>(picture.width);
  parallel::each(picture.height, [&](int y) {
    const std::uint16_t* in = picture.rgb.data() + static_cast<std::size_t>(y) * row;
    auto* out = light.ptr<float>(y);
    std::size_t top = 0;
    for (std::size_t i = 0; i < row; ++i) {
      out[i] = light_of_code()[in[i]];
      top += in[i] >= kTop ? 1 : 0;
    }
    clipped += top;
  });
  return static_cast<double>(clipped) / static_cast<double>(picture.rgb.size());
}

}  // namespace

Result<Photo> open_photo(const subject::RawPicture& picture) {
  const auto pixels = static_cast<std::size_t>(picture.width) * static_cast<std::size_t>(picture.height);
  if (picture.width < 1 || picture.height < 1 || picture.rgb.size() != 3 * pixels)
    return bad_value("photograph", "has no pixels");
  cv::Mat light(picture.height, picture.width, CV_32FC3);
  Photo out;
  out.width = picture.width;
  out.height = picture.height;
  out.clipped = to_light(picture, light);
  out.scale = std::max(1.0, static_cast<double>(std::max(picture.width, picture.height)) / kPhotoSide);
  const cv::Size size(std::max(1, static_cast<int>(std::lround(picture.width / out.scale))),
                      std::max(1, static_cast<int>(std::lround(picture.height / out.scale))));
  if (std::min(size.width, size.height) < kLeastPhotoSide)
    return bad_value("photograph", "is too small or too narrow to be read");
  out.image = LightImage(size.width, size.height);
  static_assert(sizeof(colour::Light) == 3 * sizeof(float));
  cv::Mat small(size, CV_32FC3, out.image.data.data());
  if (size == light.size()) {
    light.copyTo(small);
  } else {
    cv::resize(light, small, size, 0, 0, cv::INTER_AREA);
  }
  if (!picture.icc.empty()) {
    const Status converted = through_profile(picture, out.image);
    if (!converted) return converted.error();
  }
  return out;
}

Result<Photo> open_photo(const subject::Grid<colour::Rgb8>& picture) {
  subject::RawPicture raw{picture.width, picture.height, {}, {}};
  raw.rgb.reserve(3 * picture.size());
  for (const colour::Rgb8& c : picture.data) {
    for (const std::uint8_t v : {c.r, c.g, c.b}) raw.rgb.push_back(static_cast<std::uint16_t>(257 * v));
  }
  return open_photo(raw);
}

}  // namespace yd::check
