// SPDX-License-Identifier: MIT
#include <QColorSpace>
#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/light.h"
#include "pictures/screen.h"

namespace yd::pictures {
namespace {

constexpr std::size_t kFine = 4096;

/// And back, by a table fine enough that no 8-bit step is missed.
const std::array<uchar, kFine + 1>& code_of() {
  static const std::array<uchar, kFine + 1> table = [] {
    std::array<uchar, kFine + 1> t{};
    for (std::size_t i = 0; i < t.size(); ++i) t[i] = colour::level_of_light(static_cast<double>(i) / kFine);
    return t;
  }();
  return table;
}

}  // namespace

QImage shrunk(const QImage& image, QSize size) {
  size = size.boundedTo(image.size()).expandedTo({1, 1});
  QImage from = image.format() == QImage::Format_RGB888 ? image : image.convertToFormat(QImage::Format_RGB888);
  if (size == from.size()) return from;
  const int values = 3 * from.width();
  cv::Mat light(from.height(), from.width(), CV_32FC3);
  cv::parallel_for_(cv::Range(0, from.height()), [&](const cv::Range& rows) {
    for (int y = rows.start; y < rows.end; ++y) {
      const uchar* in = from.constScanLine(y);
      auto* out = light.ptr<float>(y);
      for (int i = 0; i < values; ++i) out[i] = colour::light_of_level(in[i]);
    }
  });
  cv::Mat small;
  cv::resize(light, small, cv::Size(size.width(), size.height()), 0, 0, cv::INTER_AREA);
  QImage out(size, QImage::Format_RGB888);
  for (int y = 0; y < out.height(); ++y) {
    const auto* in = small.ptr<float>(y);
    uchar* row = out.scanLine(y);
    for (int i = 0; i < 3 * size.width(); ++i)
      row[i] = code_of()[static_cast<std::size_t>(std::lround(std::clamp(in[i], 0.0F, 1.0F) * kFine))];
  }
  out.setColorSpace(QColorSpace::SRgb);
  return out;
}

}  // namespace yd::pictures
