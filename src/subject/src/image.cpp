// SPDX-License-Identifier: MIT
#include "subject/image.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "parallel/each.h"

namespace yd::subject {
namespace {

cv::Size working_size(int width, int height, int long_side) {
  const double scale = std::min(1.0, static_cast<double>(long_side) / std::max(width, height));
  return {std::max(1, static_cast<int>(std::lround(width * scale))),
          std::max(1, static_cast<int>(std::lround(height * scale)))};
}

cv::Rect pixels_of(const Crop& wanted, cv::Size size) {
  const Crop c = held_inside(wanted);
  const int x = static_cast<int>(c.x * size.width);
  const int y = static_cast<int>(c.y * size.height);
  const int width = std::max(1, static_cast<int>(std::lround(c.width * size.width)));
  const int height = std::max(1, static_cast<int>(std::lround(c.height * size.height)));
  return cv::Rect(x, y, width, height) & cv::Rect({0, 0}, size);
}

}  // namespace

Result<LabImage> working_image(const RawPicture& picture, int long_side, const Crop& crop) {
  const auto pixels = static_cast<std::size_t>(picture.width) * static_cast<std::size_t>(picture.height);
  if (picture.width < 1 || picture.height < 1 || picture.rgb.size() != 3 * pixels) {
    return bad_value("picture", "has no pixels");
  }
  const auto transform = colour::PictureToLab::from_icc(picture.icc);
  if (!transform) return transform.error();
  const cv::Mat all(picture.height, picture.width, CV_16UC3, const_cast<std::uint16_t*>(picture.rgb.data()));
  const cv::Mat full = all(pixels_of(crop, all.size()));
  const cv::Size size = working_size(full.cols, full.rows, long_side);
  cv::Mat small = full;
  if (size != full.size()) cv::resize(full, small, size, 0, 0, cv::INTER_AREA);
  LabImage out(size.width, size.height);
  parallel::each(size.height, [&](int y) {
    transform->convert(small.ptr<std::uint16_t>(y), &out.at(0, y), static_cast<std::size_t>(size.width));
  });
  return out;
}

Grid<colour::Rgb8> to_srgb(const LabImage& image) {
  Grid<colour::Rgb8> out(image.width, image.height);
  const auto width = static_cast<std::size_t>(image.width);
  parallel::each(image.height, [&](int y) { colour::picture_to_srgb(&image.at(0, y), &out.at(0, y), width); });
  return out;
}

}  // namespace yd::subject
