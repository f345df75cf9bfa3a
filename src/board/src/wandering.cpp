// SPDX-License-Identifier: MIT
#include "wandering.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace yd::board {
namespace {

constexpr double kBroken_mm = 0.4;  // how far the edge of a shade wanders where strokes end
constexpr double kFading_mm = 1.2;  // how far neighbours with a soft edge reach into each other
constexpr double kJoin_mm = 12;     // and bands of one gradient: overlapped, and rubbed across the joins
constexpr int kBandCell_px = 8;     // of the fields that tell where bands lie
constexpr double kGraded = 14;      // CIE 1976 between two shades that a hand grades into each other
constexpr double kShows = 0.25;     // of the variance that two shades side by side have, against being off
constexpr double kRougher = 2;      // speckle, L*, by which it grades into a shade more broken than its own

bool well_painted(const plan::TargetPlan& t) {
  return colour::distance_1976(t.recipe.look.lab, t.target) < kGraded / 2;
}

/// A field of cells at a pixel, bilinear.
float at_cell(const cv::Mat& cells, int x, int y) {
  const float u =
      std::clamp((static_cast<float>(x) + 0.5F) / kBandCell_px - 0.5F, 0.0F, static_cast<float>(cells.cols - 1));
  const float v =
      std::clamp((static_cast<float>(y) + 0.5F) / kBandCell_px - 0.5F, 0.0F, static_cast<float>(cells.rows - 1));
  const int left = std::min(static_cast<int>(u), std::max(0, cells.cols - 2));
  const int top = std::min(static_cast<int>(v), std::max(0, cells.rows - 2));
  const int right = std::min(left + 1, cells.cols - 1);
  const int below = std::min(top + 1, cells.rows - 1);
  const float across = u - static_cast<float>(left);
  const float down = v - static_cast<float>(top);
  const auto row = [&](int at) {
    return cells.at<float>(at, left) * (1 - across) + cells.at<float>(at, right) * across;
  };
  return row(top) * (1 - down) + row(below) * down;
}

bool runs_into(const plan::TargetPlan& own, const plan::TargetPlan& other) {
  return well_painted(other) && other.recipe.look.spread_l < own.recipe.look.spread_l + kRougher;
}

bool ends_rubbed(const plan::TargetPlan& t, const StrokeFields& strokes) {
  if (t.recipe.strokes.empty()) return strokes.rubbed[static_cast<std::size_t>(t.mass)] != 0;
  return t.recipe.strokes.back().technique == plan::Technique::rubbed;
}

}  // namespace

Wandering::Wandering(const subject::Subject& subject, const plan::Plan& plan, const StrokeFields& strokes,
                     double px_per_mm)
    : s_(subject),
      targets_(plan.targets),
      first_(plan::first_targets(plan.targets, subject.masses.size())),
      fields_(strokes),
      px_per_mm_(px_per_mm),
      one_(subject.masses.size() * subject.masses.size(), 0) {
  const auto n = subject.masses.size();
  for (const auto& [p, q, length] : gradient_neighbours(s_.softened, s_.labels, static_cast<int>(n)))
    one_[static_cast<std::size_t>(p) * n + static_cast<std::size_t>(q)] =
        one_[static_cast<std::size_t>(q) * n + static_cast<std::size_t>(p)] = 1;
  for (const plan::TargetPlan& t : targets_) rubbed_.push_back(ends_rubbed(t, strokes) ? 1 : 0);
  for (std::size_t m = 0; m < n; ++m) {
    for (std::size_t own = 0; own < s_.masses[m].shades.size(); ++own) ways_.push_back(ways_from(m, own));
    near_.push_back(is_band(m) ? surroundings(m) : cv::Mat());
  }
}

bool Wandering::is_band(std::size_t mass) const {
  for (std::size_t q = 0; q < s_.masses.size(); ++q) {
    if (joins(mass, q)) return true;
  }
  return false;
}

std::vector<Wandering::Way> Wandering::ways_from(std::size_t mass, std::size_t own) const {
  const auto& shades = s_.masses[mass].shades;
  const colour::Lab& a = shades[own].lab;
  std::vector<Way> out;
  for (std::size_t s = 0; s < shades.size(); ++s) {
    const colour::Lab& b = shades[s].lab;
    const double apart = colour::distance_1976(a, b);
    if (s == own || apart <= 0 || apart > kGraded) continue;
    if (!rubbed(mass, own) && !runs_into(target(mass, own), target(mass, s))) continue;
    out.push_back({s, {b.l - a.l, b.a - a.a, b.b - a.b}, apart * apart});
  }
  return out;
}

/// Of the places within an overlap round each cell, the share that is of a mass.
cv::Mat Wandering::surroundings(std::size_t mass) const {
  cv::Mat of(s_.labels.height, s_.labels.width, CV_32F);
  for (int y = 0; y < of.rows; ++y) {
    auto* row = of.ptr<float>(y);
    for (int x = 0; x < of.cols; ++x) row[x] = s_.labels.at(x, y) == mass ? 1.0F : 0.0F;
  }
  const cv::Size cells((of.cols + kBandCell_px - 1) / kBandCell_px, (of.rows + kBandCell_px - 1) / kBandCell_px);
  cv::Mat out;
  cv::resize(of, out, cells, 0, 0, cv::INTER_AREA);
  cv::GaussianBlur(out, out, cv::Size(0, 0), std::max(0.5, kJoin_mm * px_per_mm_ / kBandCell_px));
  return out;
}

Wandering::Place Wandering::place(std::size_t mass, const Graded& g) const {
  Place out;
  out[0].target = first_[mass] + g.own;
  out[1] = {first_[mass] + g.into, g.share};
  return out;
}

Wandering::Place Wandering::at(int x, int y) const {
  const std::size_t mass = s_.labels.at(x, y);
  const std::size_t beyond = mass_at(x, y, kFading_mm);
  if (beyond != mass && !joins(mass, beyond) && (soft(mass) || soft(beyond))) {
    const std::size_t shade = nearest(beyond, x, y);
    if (well_painted(target(beyond, shade))) return place(beyond, reaching_in(beyond, shade, x, y));
  }
  if (rubbed(mass, s_.shade.at(x, y))) return blended(mass, x, y);
  const std::size_t joined = mass_at(x, y, kJoin_mm);
  if (joined != mass && joins(mass, joined)) {
    const std::size_t shade = nearest(joined, x, y);
    if (off(joined, shade, x, y) < kGraded / 2 && runs_into(target(mass, s_.shade.at(x, y)), target(joined, shade)))
      return place(joined, reaching_in(joined, shade, x, y));
  }
  const auto [bx, by] = moved(x, y, kBroken_mm);
  if (s_.labels.at(bx, by) == mass) return place(mass, graded(mass, s_.shade.at(bx, by), bx, by));
  return place(mass, {s_.shade.at(x, y), s_.shade.at(x, y), 0});
}

/// A mass that comes in from beside: graded where it is rubbed, stroke by stroke where not.
Wandering::Graded Wandering::reaching_in(std::size_t mass, std::size_t own, int x, int y) const {
  return rubbed(mass, own) ? graded(mass, own, x, y) : Graded{own, own, 0};
}

/// Of a rubbed mass: its shade and the next, and towards the next band of its gradient those of that one.
Wandering::Place Wandering::blended(std::size_t mass, int x, int y) const {
  const std::size_t shade = s_.shade.at(x, y);
  Place out = place(mass, graded(mass, shade, x, y));
  std::size_t band = mass;
  double most = 0;
  for (std::size_t q = 0; q < s_.masses.size(); ++q) {
    if (!joins(mass, q)) continue;
    const double of = at_cell(near_[q], x, y);
    if (of > most) {
      most = of;
      band = q;
    }
  }
  if (band == mass) return out;
  const std::size_t other = nearest(band, x, y);
  if (!runs_into(target(mass, shade), target(band, other))) return out;
  // The further its colours are from what is wanted here the less of it is rubbed in.
  const double like = std::clamp(2 - 4 * off(band, other, x, y) / kGraded, 0.0, 1.0);
  const double share = like * std::min(0.5, most);
  const Graded g = reaching_in(band, other, x, y);
  out[1].share *= 1 - share;
  out[2] = {first_[band] + g.own, share * (1 - g.share)};
  out[3] = {first_[band] + g.into, share * g.share};
  return out;
}

std::size_t Wandering::mass_at(int x, int y, double mm) const {
  const auto [u, v] = moved(x, y, mm);
  return s_.labels.at(u, v);
}

std::pair<int, int> Wandering::moved(int x, int y, double mm) const {
  const cv::Vec2f by = rubbed(s_.labels.at(x, y), s_.shade.at(x, y))
                           ? fields_.grain.at<cv::Vec2f>(y, x)
                           : cv::Vec2f(fields_.others.at<float>(y, x), fields_.streaks.at<float>(y, x));
  const double dx = mm * px_per_mm_ * static_cast<double>(by[0]);
  const double dy = mm * px_per_mm_ * static_cast<double>(by[1]);
  return {std::clamp(x + static_cast<int>(std::lround(dx)), 0, s_.image.width - 1),
          std::clamp(y + static_cast<int>(std::lround(dy)), 0, s_.image.height - 1)};
}

std::size_t Wandering::nearest(std::size_t mass, int x, int y) const {
  const colour::LabPixel& c = s_.softened.at(x, y);
  return subject::nearest_shade(s_.masses[mass], {c.l, c.a, c.b});
}

double Wandering::off(std::size_t mass, std::size_t shade, int x, int y) const {
  const colour::LabPixel& c = s_.softened.at(x, y);
  return colour::distance_1976(s_.masses[mass].shades[shade].lab, {c.l, c.a, c.b});
}

/// The shade of the pixel and another one that its colour lies towards: a finger blends them as far as it does; strokes
/// show the other as often as it does, but none so far off that it would come up as a speck here and there.
Wandering::Graded Wandering::graded(std::size_t mass, std::size_t own, int x, int y) const {
  const colour::LabPixel& c = s_.softened.at(x, y);
  const colour::Lab& a = s_.masses[mass].shades[own].lab;
  const std::array<double, 3> to{c.l - a.l, c.a - a.a, c.b - a.b};
  double nearest = to[0] * to[0] + to[1] * to[1] + to[2] * to[2];
  const bool blends = rubbed(mass, own);
  Graded out{own, own, 0};
  for (const Way& w : ways_[first_[mass] + own]) {
    const double along = to[0] * w.step[0] + to[1] * w.step[1] + to[2] * w.step[2];
    const double t = std::clamp(along / w.long2, 0.0, 0.5);
    double off = blends ? 0.0 : kShows * t * (1 - t) * w.long2;
    for (std::size_t k = 0; k < 3; ++k) off += (to[k] - t * w.step[k]) * (to[k] - t * w.step[k]);
    if (off < nearest) {
      nearest = off;
      out.share = t;
      out.into = w.to;
    }
  }
  if (blends || out.share <= 0) return out;
  const bool other = quantile_of(static_cast<double>(fields_.others.at<float>(y, x))) < out.share;
  return {other ? out.into : own, other ? out.into : own, 0};
}

}  // namespace yd::board
