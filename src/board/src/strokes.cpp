// SPDX-License-Identifier: MIT
#include "strokes.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "parallel/each.h"
#include "support/random.h"

namespace yd::board {
namespace {

/// Width and length of a mark on the paper, millimetres. Common practice, no published source.
struct StrokeSize {
  double across = 0, along = 0;
};
constexpr StrokeSize kBroad{1.1, 9};
constexpr StrokeSize kFine{0.35, 4};
constexpr double kHandSlant_deg = 52;  // of a right hand, anticlockwise from level
constexpr double kStreaky = 0.5;       // of where shades meet: the strokes beside the grain
constexpr double kRagged_mm = 0.12;
constexpr double kFarOff_mm = 0.8;  // what is wider than this is no part of a streak
constexpr double kEvenOver = 4;     // times as far the strength of streaks is made even
constexpr int kCell_px = 4;         // of the field of directions
constexpr double kFormScale_px = 3;
constexpr float kStep_px = 1.4F;  // along a streamline

/// How a mass is stroked.
struct Hand {
  double angle_deg = kHandSlant_deg;
  bool fixed = false;  ///< the direction does not follow the form
  bool fine = false;
  bool rubbed = false;
};

bool is_fine(const plan::Touch& t) {
  constexpr double kNarrow_mm = 6;
  const bool small = t.mark != plan::Mark::broad && t.mark != plan::Mark::level && t.mark != plan::Mark::pulled_down &&
                     t.mark != plan::Mark::hatching && t.mark != plan::Mark::brushed;
  return small || t.place.width_mm < kNarrow_mm;
}

Hand hand_of(const plan::Touch& t) {
  Hand out;
  out.fixed = t.mark == plan::Mark::level || t.mark == plan::Mark::pulled_down;
  if (t.mark == plan::Mark::level) {
    out.angle_deg = 0;
  } else if (t.mark == plan::Mark::pulled_down) {
    out.angle_deg = 90;
  } else if (t.directed) {
    out.angle_deg = t.angle_deg;
  }
  out.fine = is_fine(t);
  out.rubbed = t.tool != plan::RubTool::none;
  return out;
}

/// The last pass over a good part of a mass decides what is seen of the hand there.
std::vector<Hand> hands(std::size_t masses, std::span<const std::vector<plan::Touch>> touches) {
  constexpr double kGoodPart = 0.25;
  std::vector<Hand> out(masses);
  std::vector<double> most(masses, 0);
  for (const auto& pass : touches) {
    for (const plan::Touch& t : pass) {
      if (t.mark == plan::Mark::sprayed) continue;
      double& share = most[static_cast<std::size_t>(t.place.mass)];
      if (t.place.share < kGoodPart && t.place.share < share) continue;
      share = t.place.share;
      out[static_cast<std::size_t>(t.place.mass)] = hand_of(t);
    }
  }
  return out;
}

cv::Mat lightness(const subject::LabImage& image, int width, int height) {
  cv::Mat out(image.height, image.width, CV_32F);
  for (int y = 0; y < image.height; ++y) {
    auto* row = out.ptr<float>(y);
    for (int x = 0; x < image.width; ++x) row[x] = image.at(x, y).l;
  }
  cv::resize(out, out, cv::Size(width, height), 0, 0, cv::INTER_AREA);
  return out;
}

/// Directions of the strokes as unit vectors, cell by cell; doubled angles are averaged, so that there is no front and
/// back.
cv::Mat directions_of(const subject::Subject& s, const std::vector<Hand>& hand) {
  const int w = std::max(2, s.image.width / kCell_px);
  const int h = std::max(2, s.image.height / kCell_px);
  const cv::Mat l = lightness(s.softened, w, h);
  cv::Mat gx;
  cv::Mat gy;
  cv::Sobel(l, gx, CV_32F, 1, 0);
  cv::Sobel(l, gy, CV_32F, 0, 1);
  cv::Mat xx = gx.mul(gx);
  cv::Mat yy = gy.mul(gy);
  cv::Mat xy = gx.mul(gy);
  for (cv::Mat* m : {&xx, &yy, &xy}) cv::GaussianBlur(*m, *m, cv::Size(0, 0), kFormScale_px);
  cv::Mat doubled(h, w, CV_32FC2);
  constexpr float kFaint = 12;  // squared L* a cell, below which the form says nothing
  for (int y = 0; y < h; ++y) {
    for (int x = 0; x < w; ++x) {
      const int mass = s.labels.at(std::min(s.labels.width - 1, x * s.labels.width / w),
                                   std::min(s.labels.height - 1, y * s.labels.height / h));
      const Hand& own = hand[static_cast<std::size_t>(mass)];
      // Image rows run downwards, angles upwards.
      const double a = -2 * own.angle_deg * std::numbers::pi / 180;
      cv::Vec2f v(static_cast<float>(std::cos(a)), static_cast<float>(std::sin(a)));
      if (!own.fixed) {
        // Along the edge: the doubled angle of the gradient, turned by 180 degrees.
        const float d = xx.at<float>(y, x) - yy.at<float>(y, x);
        const float o = 2 * xy.at<float>(y, x);
        const float power = xx.at<float>(y, x) + yy.at<float>(y, x) + kFaint;
        const cv::Vec2f form(-d / power, -o / power);
        const float sure = std::min(1.0F, std::hypot(form[0], form[1]));
        v = form * 1.5F + v * (1 - sure);
      }
      doubled.at<cv::Vec2f>(y, x) = v;
    }
  }
  cv::GaussianBlur(doubled, doubled, cv::Size(0, 0), 1.5);
  for (int y = 0; y < h; ++y) {
    for (int x = 0; x < w; ++x) {
      auto& v = doubled.at<cv::Vec2f>(y, x);
      const float angle = 0.5F * std::atan2(v[1], v[0]);
      v = {std::cos(angle), std::sin(angle)};
    }
  }
  return doubled;
}

/// Noise along one way of a streamline, in steps of kStep_px; the begin itself is not counted.
float along_one_way(const cv::Mat& grain, const cv::Mat& directions, float x, float y, float way, int steps,
                    float cells) {
  float sum = 0;
  float dx = 0;
  float dy = 0;
  const auto w = static_cast<float>(grain.cols);
  const auto h = static_cast<float>(grain.rows);
  for (int i = 0; i < steps; ++i) {
    const auto& d = directions.ptr<cv::Vec2f>(static_cast<int>(y * cells))[static_cast<int>(x * cells)];
    const float sign = i == 0 ? way : (d[0] * dx + d[1] * dy < 0 ? -kStep_px : kStep_px);
    dx = sign * d[0];
    dy = sign * d[1];
    x += dx;
    y += dy;
    if (x < 0 || y < 0 || x >= w || y >= h) break;
    sum += grain.ptr<float>(static_cast<int>(y))[static_cast<int>(x)];
  }
  return sum;
}

/// A streamline's worth of noise for every pixel of a field `shrink` times smaller than the directions' picture; 0
/// where `wanted`, of the field's size, is 0. Of no size: everywhere.
cv::Mat convolve_along(const cv::Mat& grain, const cv::Mat& directions, double half_length_px, int shrink,
                       const cv::Mat& wanted) {
  cv::Mat out(grain.size(), CV_32F, cv::Scalar(0));
  const int steps = std::max(1, static_cast<int>(std::lround(half_length_px / static_cast<double>(kStep_px))));
  // The last cells of the directions stand for what is left over at the rim.
  const float cells = static_cast<float>(shrink) / kCell_px;
  const int most_x = static_cast<int>(std::ceil(static_cast<float>(grain.cols) * cells));
  const int most_y = static_cast<int>(std::ceil(static_cast<float>(grain.rows) * cells));
  cv::Mat wide;
  cv::copyMakeBorder(directions, wide, 0, std::max(0, most_y + 1 - directions.rows), 0,
                     std::max(0, most_x + 1 - directions.cols), cv::BORDER_REPLICATE);
  parallel::each(grain.rows, [&](int y) {
    auto* row = out.ptr<float>(y);
    const auto* begin = grain.ptr<float>(y);
    const auto* want = wanted.empty() ? nullptr : wanted.ptr<std::uint8_t>(y);
    const float fy = static_cast<float>(y) + 0.5F;
    for (int x = 0; x < grain.cols; ++x) {
      if (want != nullptr && want[x] == 0) continue;
      const float fx = static_cast<float>(x) + 0.5F;
      row[x] = begin[x] + along_one_way(grain, wide, fx, fy, kStep_px, steps, cells) +
               along_one_way(grain, wide, fx, fy, -kStep_px, steps, cells);
    }
  });
  return out;
}

/// A wide blur, worked out on a field so much smaller that its kernel is two pixels wide.
cv::Mat blurred(const cv::Mat& field, double sigma_px) {
  cv::Mat out;
  const int shrink = static_cast<int>(sigma_px / 2);
  if (shrink < 2) {
    cv::GaussianBlur(field, out, cv::Size(0, 0), sigma_px);
    return out;
  }
  const cv::Size small((field.cols + shrink - 1) / shrink, (field.rows + shrink - 1) / shrink);
  cv::resize(field, out, small, 0, 0, cv::INTER_AREA);
  cv::GaussianBlur(out, out, cv::Size(0, 0), sigma_px / shrink);
  cv::resize(out, out, field.size(), 0, 0, cv::INTER_LINEAR);
  return out;
}

/// Mean 0 and variance 1 over any few millimetres: what is wider goes, and so does an unevenness of strength.
void even_out(cv::Mat& field, double sigma_px) {
  field -= blurred(field, sigma_px);
  cv::Mat power = blurred(field.mul(field), kEvenOver * sigma_px);
  cv::sqrt(power + 1e-9, power);
  field /= power;
}

cv::Mat streaks(const cv::Mat& directions, cv::Size size, const StrokeSize& stroke, double px_per_mm,
                std::uint64_t seed, cv::Mat wanted = {}) {
  const int shrink = stroke.across * px_per_mm > 2.5 ? 2 : 1;
  const double px = px_per_mm / shrink;
  const cv::Size small((size.width + shrink - 1) / shrink, (size.height + shrink - 1) / shrink);
  const double blur = stroke.across * px / 3;
  const cv::Mat grain = noise(small.width, small.height, blur, blur, seed);
  if (shrink > 1 && !wanted.empty()) cv::resize(wanted, wanted, small, 0, 0, cv::INTER_NEAREST);
  cv::Mat out = convolve_along(grain, directions, stroke.along * px / 2, shrink, wanted);
  if (shrink > 1) cv::resize(out, out, size, 0, 0, cv::INTER_LINEAR);
  even_out(out, std::max(1.0, kFarOff_mm * px_per_mm));
  return out;
}

/// Where masses are stroked finely, and so far round them as streaks are made even by what lies beside them.
cv::Mat fine_places(const subject::Subject& s, const std::vector<Hand>& hand, double px_per_mm) {
  cv::Mat out(s.labels.height, s.labels.width, CV_8U);
  for (int y = 0; y < out.rows; ++y) {
    auto* row = out.ptr<std::uint8_t>(y);
    for (int x = 0; x < out.cols; ++x) row[x] = hand[s.labels.at(x, y)].fine ? 255 : 0;
  }
  const int side = 1 + 2 * static_cast<int>(std::lround(2 * kEvenOver * kFarOff_mm * px_per_mm));
  cv::dilate(out, out, cv::getStructuringElement(cv::MORPH_RECT, {side, side}));
  return out;
}

}  // namespace

cv::Mat noise(int width, int height, double along, double across, std::uint64_t seed) {
  cv::Mat field(height, width, CV_32F);
  parallel::each(height, [&](int y) {
    Random random(seed + static_cast<std::uint64_t>(y) * 0x9E37ULL);
    auto* row = field.ptr<float>(y);
    // The sum of four uniforms is near enough to a bell.
    for (int x = 0; x < width; ++x) {
      row[x] = static_cast<float>((random.uniform() + random.uniform() + random.uniform() + random.uniform() - 2) *
                                  std::sqrt(3.0));
    }
  });
  if (along > 0.3 || across > 0.3) {
    cv::GaussianBlur(field, field, cv::Size(0, 0), std::max(0.3, along), std::max(0.3, across));
    cv::Scalar mean;
    cv::Scalar deviation;
    cv::meanStdDev(field, mean, deviation);
    field = (field - mean[0]) / std::max(1e-6, deviation[0]);
  }
  return field;
}

double quantile_of(double z) { return 0.5 * std::erfc(-z * 0.70710678); }

StrokeFields stroke_fields(const subject::Subject& s, std::span<const std::vector<plan::Touch>> touches,
                           double px_per_mm) {
  const std::vector<Hand> hand = hands(s.masses.size(), touches);
  const cv::Mat directions = directions_of(s, hand);
  const cv::Size size(s.image.width, s.image.height);
  cv::Mat broad;
  cv::Mat others;
  cv::Mat fine;
  // A stroke over tooth ends ragged: without the grain shades would meet in lines as sharp as engraving.
  const auto ragged = [&](std::uint64_t seed) {
    return noise(size.width, size.height, kRagged_mm * px_per_mm, kRagged_mm * px_per_mm, seed);
  };
  const std::array<cv::Mat, 2> grains{ragged(24), ragged(25)};
  cv::Mat grain;
  cv::merge(grains.data(), grains.size(), grain);
  parallel::at_once({[&] { broad = streaks(directions, size, kBroad, px_per_mm, 21); },
                     [&] {
                       others = streaks(directions, size, kBroad, px_per_mm, 22);
                       cv::addWeighted(others, std::sqrt(kStreaky), grains[0], std::sqrt(1 - kStreaky), 0, others);
                     },
                     [&] {
                       const cv::Mat places = fine_places(s, hand, px_per_mm);
                       if (cv::countNonZero(places) > 0) fine = streaks(directions, size, kFine, px_per_mm, 23, places);
                     }});
  StrokeFields out{broad, others, grain, {}};
  for (const Hand& own : hand) out.rubbed.push_back(own.rubbed ? 1 : 0);
  parallel::each(size.height, [&](int y) {
    for (int x = 0; x < size.width; ++x) {
      const Hand& own = hand[s.labels.at(x, y)];
      if (own.fine) out.streaks.at<float>(y, x) = fine.at<float>(y, x);
    }
  });
  return out;
}

}  // namespace yd::board
