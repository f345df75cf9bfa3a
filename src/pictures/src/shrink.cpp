// SPDX-License-Identifier: MIT
#include <QColorSpace>
#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

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

const std::array<float, 256>& light_of() {
  static const std::array<float, 256> table = [] {
    std::array<float, 256> t{};
    for (std::size_t i = 0; i < t.size(); ++i) t[i] = colour::light_of_level(static_cast<std::uint8_t>(i));
    return t;
  }();
  return table;
}

/// How much of each of a few neighbours, from `first`, makes one of fewer: what of them lies in it. Weights add up
/// to 1.
struct Span {
  int first = 0;
  std::vector<float> weights;
};

std::vector<Span> spans(int many, int fewer) {
  std::vector<Span> out(static_cast<std::size_t>(fewer));
  const double wide = static_cast<double>(many) / fewer;
  for (int i = 0; i < fewer; ++i) {
    const double from = i * wide;
    const double to = std::min<double>(many, from + wide);
    Span& s = out[static_cast<std::size_t>(i)];
    s.first = static_cast<int>(from);
    for (int k = s.first; k < to; ++k)
      s.weights.push_back(static_cast<float>((std::min(to, k + 1.0) - std::max<double>(from, k)) / wide));
  }
  return out;
}

/// The rows of a span in one, in light, three values a pixel.
void gather(const QImage& from, const Span& span, std::vector<float>& row) {
  std::fill(row.begin(), row.end(), 0.0F);
  const float* light = light_of().data();
  for (std::size_t k = 0; k < span.weights.size(); ++k) {
    const uchar* in = from.constScanLine(span.first + static_cast<int>(k));
    const float weight = span.weights[k];
    for (std::size_t i = 0; i < row.size(); ++i) row[i] += weight * light[in[i]];
  }
}

uchar code(float light) {
  return code_of()[static_cast<std::size_t>(std::lround(std::clamp(light, 0.0F, 1.0F) * kFine))];
}

}  // namespace

// By hand, where a library's area average is four times slower: it fetches twelve bytes of fresh memory a pixel, and
// waits for threads that are busy with the plan. Pictures are drawn by it in the window's own thread.
QImage shrunk(const QImage& image, QSize size) {
  size = size.boundedTo(image.size()).expandedTo({1, 1});
  QImage from = image.format() == QImage::Format_RGB888 ? image : image.convertToFormat(QImage::Format_RGB888);
  if (size == from.size()) return from;
  QImage out(size, QImage::Format_RGB888);
  const std::vector<Span> columns = spans(from.width(), size.width());
  const std::vector<Span> lines = spans(from.height(), size.height());
  std::vector<float> row(3 * static_cast<std::size_t>(from.width()));
  for (int y = 0; y < size.height(); ++y) {
    gather(from, lines[static_cast<std::size_t>(y)], row);
    uchar* to = out.scanLine(y);
    for (const Span& span : columns) {
      const float* in = row.data() + 3 * static_cast<std::size_t>(span.first);
      colour::Light sum;
      for (const float weight : span.weights) {
        sum.r += weight * in[0];
        sum.g += weight * in[1];
        sum.b += weight * in[2];
        in += 3;
      }
      *to++ = code(sum.r);
      *to++ = code(sum.g);
      *to++ = code(sum.b);
    }
  }
  out.setColorSpace(QColorSpace::SRgb);
  return out;
}

}  // namespace yd::pictures
