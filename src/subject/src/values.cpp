// SPDX-License-Identifier: MIT
#include "subject/values.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "mat_view.h"

#include "colour/words.h"

namespace yd::subject {
namespace {

Spot spot_at(const cv::Mat& lab, const cv::Point& p) {
  const auto& c = lab.at<cv::Vec3f>(p);
  return {{(p.x + 0.5) / lab.cols, (p.y + 0.5) / lab.rows}, {c[0], c[1], c[2]}};
}

/// Centre of light of one mass and its whole centre.
struct Moments {
  double n = 0, x = 0, y = 0, l = 0, xx = 0, yy = 0;
  double lx = 0, ly = 0;  // L-weighted
};

}  // namespace

int value_in_steps(double l, int steps) {
  return std::clamp(static_cast<int>(std::lround(1 + (steps - 1) * l / 100)), 1, steps);
}

double lightness_of_step(int step, int steps) { return 100.0 * (step - 1) / (steps - 1); }

ValueReading read_values(const LabImage& squinted) {
  ValueReading out;
  for (const colour::LabPixel& p : squinted.data) out.share[static_cast<std::size_t>(value_in_steps(p.l, 9) - 1)] += 1;
  for (double& s : out.share) s /= static_cast<double>(std::max<std::size_t>(1, squinted.size()));
  const int side = std::max(1, static_cast<int>(std::lround(0.015 * std::max(squinted.width, squinted.height))));
  cv::Mat even;
  cv::blur(view(squinted), even, cv::Size(side, side));
  cv::Mat channel[3];
  cv::split(even, channel);
  cv::Point dark;
  cv::Point light;
  cv::Point vivid;
  cv::minMaxLoc(channel[0], nullptr, nullptr, &dark, &light);
  cv::Mat chroma;
  cv::magnitude(channel[1], channel[2], chroma);
  cv::minMaxLoc(chroma, nullptr, nullptr, nullptr, &vivid);
  out.darkest = spot_at(even, dark);
  out.lightest = spot_at(even, light);
  out.most_vivid = spot_at(even, vivid);
  out.contrast = colour::value_step(out.lightest.lab.l) - colour::value_step(out.darkest.lab.l);
  return out;
}

LightDirection guess_light(const LabImage& squinted, const LabelImage& labels, int masses) {
  std::vector<Moments> all(static_cast<std::size_t>(masses));
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      Moments& m = all[labels.at(x, y)];
      const double l = squinted.at(x, y).l;
      m.n += 1;
      m.x += x;
      m.y += y;
      m.l += l;
      m.xx += double(x) * x;
      m.yy += double(y) * y;
      m.lx += l * x;
      m.ly += l * y;
    }
  }
  // The least-squares slope of L over a mass points to its light; a mass speaks as loudly as its contrast and its size.
  double sum_x = 0;
  double sum_y = 0;
  double loudness = 0;
  const double total = static_cast<double>(labels.size());
  for (const Moments& m : all) {
    if (m.n < 0.002 * total) continue;
    const double sx = m.xx / m.n - m.x * m.x / m.n / m.n;
    const double sy = m.yy / m.n - m.y * m.y / m.n / m.n;
    if (sx <= 0 || sy <= 0) continue;
    const double gx = (m.lx / m.n - m.l / m.n * m.x / m.n) / std::sqrt(sx);
    const double gy = (m.ly / m.n - m.l / m.n * m.y / m.n) / std::sqrt(sy);
    const double weight = std::sqrt(m.n / total);
    sum_x += weight * gx;
    sum_y += weight * gy;
    loudness += weight * std::hypot(gx, gy);
  }
  LightDirection out;
  if (loudness <= 0) return out;
  out.angle_deg = std::atan2(-sum_y, sum_x) * 180 / std::numbers::pi;
  // Below about one L* of slope there is nothing to see.
  out.confidence = std::hypot(sum_x, sum_y) / loudness * std::min(1.0, loudness);
  return out;
}

Grid<float> relative_warmth(const LabImage& squinted) {
  cv::Mat warm(squinted.height, squinted.width, CV_32F);
  for (int y = 0; y < squinted.height; ++y) {
    auto* row = warm.ptr<float>(y);
    for (int x = 0; x < squinted.width; ++x) {
      const colour::LabPixel& p = squinted.at(x, y);
      row[x] = static_cast<float>(colour::warmth({p.l, p.a, p.b}));
    }
  }
  const int side = std::max(3, std::max(squinted.width, squinted.height) / 10 * 2 + 1);
  cv::Mat around;
  cv::blur(warm, around, cv::Size(side, side));
  Grid<float> out(squinted.width, squinted.height);
  cv::subtract(warm, around, cv::Mat(squinted.height, squinted.width, CV_32F, out.data.data()));
  return out;
}

}  // namespace yd::subject
