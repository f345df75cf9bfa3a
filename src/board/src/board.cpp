// SPDX-License-Identifier: MIT
#include "board/board.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>

#include "colour/observer.h"
#include "strokes.h"

namespace yd::board {
namespace {

constexpr double kGrainBlur = 0.35;  // the blur whose bumps stand one grain apart

/// Noise of unit variance to a stratum, each over an equal share.
std::uint8_t stratum_at(float depth) {
  return static_cast<std::uint8_t>(std::clamp(quantile_of(depth) * optics::kStrata, 0.0, optics::kStrata - 1.0));
}

/// Pixels a grain takes on the working image.
double grain_px(const subject::Subject& subject, const media::Paper& paper) {
  return paper.grain_mm * std::max(subject.image.width, subject.image.height) / kPictureSide_mm;
}

constexpr double kBroken_mm = 0.4;  // how far the edge of a shade wanders where strokes end
constexpr double kFading_mm = 1.2;  // how far neighbours with a soft edge reach into each other
constexpr double kJoin_mm = 12;     // and bands of one gradient: overlapped, and rubbed across the joins
constexpr double kGraded = 14;      // CIE 1976 between two shades that a hand grades into each other
constexpr double kShows = 0.25;     // of the variance that two shades side by side have, against being off
constexpr double kRougher = 2;      // speckle, L*, by which it grades into a shade more broken than its own

/// Which shade of which mass each pixel is painted to: the subject's own, but that shades run into each other as a hand
/// grades its pressure between them, end in broken strokes, and masses with a soft edge or of one gradient fade into
/// each other. None runs into a shade that is painted far from its colour or much more broken: a spire's edge in a sky
/// would come up as specks all over it.
class Wandering {
 public:
  Wandering(const subject::Subject& subject, const plan::Plan& plan, const StrokeFields& strokes, double px_per_mm)
      : s_(subject),
        targets_(plan.targets),
        first_(plan::first_targets(plan.targets, subject.masses.size())),
        hatch_(strokes.others),
        other_(strokes.streaks),
        px_per_mm_(px_per_mm),
        one_(subject.masses.size() * subject.masses.size(), 0) {
    const auto n = subject.masses.size();
    for (const auto& [p, q, length] : gradient_neighbours(s_.softened, s_.labels, static_cast<int>(n)))
      one_[static_cast<std::size_t>(p) * n + static_cast<std::size_t>(q)] =
          one_[static_cast<std::size_t>(q) * n + static_cast<std::size_t>(p)] = 1;
  }

  std::pair<std::size_t, std::size_t> at(int x, int y) const {
    const std::size_t mass = s_.labels.at(x, y);
    const std::size_t joined = mass_at(x, y, kJoin_mm);
    if (joined != mass && one_[mass * s_.masses.size() + joined] != 0) {
      const std::size_t shade = nearest(joined, x, y);
      if (off(joined, shade, x, y) < kGraded / 2 && runs_into(target(mass, s_.shade.at(x, y)), target(joined, shade)))
        return {joined, shade};
    }
    const std::size_t beyond = mass_at(x, y, kFading_mm);
    if (beyond != mass && (soft(mass) || soft(beyond))) {
      const std::size_t shade = nearest(beyond, x, y);
      if (well_painted(target(beyond, shade))) return {beyond, shade};
    }
    const auto [bx, by] = moved(x, y, kBroken_mm);
    const bool same = s_.labels.at(bx, by) == mass;
    return {mass, same ? graded(mass, bx, by) : s_.shade.at(x, y)};
  }

 private:
  bool soft(std::size_t mass) const { return s_.masses[mass].edge == subject::EdgeKind::soft; }
  std::size_t mass_at(int x, int y, double mm) const {
    const auto [u, v] = moved(x, y, mm);
    return s_.labels.at(u, v);
  }
  std::pair<int, int> moved(int x, int y, double mm) const {
    const double dx = mm * px_per_mm_ * static_cast<double>(hatch_.at<float>(y, x));
    const double dy = mm * px_per_mm_ * static_cast<double>(other_.at<float>(y, x));
    return {std::clamp(x + static_cast<int>(std::lround(dx)), 0, s_.image.width - 1),
            std::clamp(y + static_cast<int>(std::lround(dy)), 0, s_.image.height - 1)};
  }
  std::size_t nearest(std::size_t mass, int x, int y) const {
    const colour::LabPixel& c = s_.softened.at(x, y);
    return subject::nearest_shade(s_.masses[mass], {c.l, c.a, c.b});
  }

  double off(std::size_t mass, std::size_t shade, int x, int y) const {
    const colour::LabPixel& c = s_.softened.at(x, y);
    return colour::distance_1976(s_.masses[mass].shades[shade].lab, {c.l, c.a, c.b});
  }

  /// The shade of the pixel, or the other one that its colour lies towards, as often as it lies towards it; none so far
  /// off that it would come up as a speck here and there.
  std::size_t graded(std::size_t mass, int x, int y) const {
    const auto& shades = s_.masses[mass].shades;
    const std::size_t own = s_.shade.at(x, y);
    const colour::LabPixel& c = s_.softened.at(x, y);
    const colour::Lab& a = shades[own].lab;
    const std::array<double, 3> to{c.l - a.l, c.a - a.a, c.b - a.b};
    double nearest = to[0] * to[0] + to[1] * to[1] + to[2] * to[2];
    double share = 0;
    std::size_t other = own;
    for (std::size_t s = 0; s < shades.size(); ++s) {
      if (s == own || !runs_into(target(mass, own), target(mass, s))) continue;
      const colour::Lab& b = shades[s].lab;
      const std::array<double, 3> way{b.l - a.l, b.a - a.a, b.b - a.b};
      const double long2 = way[0] * way[0] + way[1] * way[1] + way[2] * way[2];
      if (long2 <= 0 || long2 > kGraded * kGraded) continue;
      const double t = std::clamp((to[0] * way[0] + to[1] * way[1] + to[2] * way[2]) / long2, 0.0, 0.5);
      double off = kShows * t * (1 - t) * long2;
      for (std::size_t k = 0; k < 3; ++k) off += (to[k] - t * way[k]) * (to[k] - t * way[k]);
      if (off < nearest) nearest = off, share = t, other = s;
    }
    return quantile_of(static_cast<double>(hatch_.at<float>(y, x))) < share ? other : own;
  }

  const plan::TargetPlan& target(std::size_t mass, std::size_t shade) const { return targets_[first_[mass] + shade]; }
  static bool well_painted(const plan::TargetPlan& t) {
    return colour::distance_1976(t.recipe.look.lab, t.target) < kGraded / 2;
  }
  static bool runs_into(const plan::TargetPlan& own, const plan::TargetPlan& other) {
    return well_painted(other) && other.recipe.look.spread_l < own.recipe.look.spread_l + kRougher;
  }

  const subject::Subject& s_;
  const std::vector<plan::TargetPlan>& targets_;
  std::vector<std::size_t> first_;
  cv::Mat hatch_;
  cv::Mat other_;
  double px_per_mm_;
  std::vector<char> one_;  // masses that are bands of one gradient: row by row
};

}  // namespace

BoardMap make_map(const subject::Subject& subject, const plan::Plan& plan, const media::Paper& paper,
                  std::span<const std::vector<plan::Touch>> touches) {
  const int w = subject.image.width;
  const int h = subject.image.height;
  const double grain = grain_px(subject, paper);
  const cv::Mat tooth = noise(w, h, grain * kGrainBlur, grain * kGrainBlur, 11);
  const auto first = plan::first_targets(plan.targets, subject.masses.size());
  const double px_per_mm = std::max(w, h) / kPictureSide_mm;
  const StrokeFields strokes = stroke_fields(subject, touches, px_per_mm);
  const Wandering wandering(subject, plan, strokes, px_per_mm);
  BoardMap map{{w, h}, {w, h}};
  tbb::parallel_for(0, h, [&](int y) {
    const auto* depth = tooth.ptr<float>(y);
    for (int x = 0; x < w; ++x) {
      const auto [mass, shade] = wandering.at(x, y);
      map.target.at(x, y) = static_cast<std::uint16_t>(first[mass] + shade);
      // Strokes and grain together are noise of unit variance again: every stratum keeps its share of the area.
      const float share = strokes.share.at<float>(y, x);
      map.stratum.at(x, y) =
          stratum_at(std::sqrt(share) * strokes.streaks.at<float>(y, x) + std::sqrt(1 - share) * depth[x]);
    }
  });
  return map;
}

std::array<colour::Rgb8, optics::kStrata> screen_colours(const optics::StrataSpectra& strata,
                                                         colour::Illuminant light) {
  const colour::Weights& w = colour::weights(light);
  std::array<colour::LabPixel, optics::kStrata> labs;
  for (std::size_t i = 0; i < optics::kStrata; ++i) {
    const colour::Lab lab = colour::to_lab(strata[i], w);
    labs[i] = {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
  }
  std::array<colour::Rgb8, optics::kStrata> out;
  colour::lab_to_srgb(labs.data(), out.data(), labs.size());
  return out;
}

subject::Grid<std::uint8_t> speckle(int width, int height, double grain_px) {
  const cv::Mat tooth = noise(width, height, grain_px * kGrainBlur, grain_px * kGrainBlur, 11);
  subject::Grid<std::uint8_t> out(width, height);
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) out.at(x, y) = stratum_at(tooth.at<float>(y, x));
  }
  return out;
}

Palette palette_after(const plan::Plan& plan, int passes, const media::Paper& paper,
                      const media::Collection& collection, const optics::Parameters& parameters,
                      colour::Illuminant light) {
  Palette palette(plan.targets.size());
  tbb::parallel_for(std::size_t{0}, plan.targets.size(), [&](std::size_t t) {
    const optics::Pile pile = plan::pile_after(plan, static_cast<int>(t), passes, paper, collection.sticks, parameters);
    palette[t] = screen_colours(plan::shade(pile, parameters, collection.sticks), light);
  });
  return palette;
}

BoardImage render(const BoardMap& map, const Palette& palette) {
  BoardImage out(map.target.width, map.target.height);
  tbb::parallel_for(tbb::blocked_range<std::size_t>(0, out.size(), 65536), [&](const auto& range) {
    for (std::size_t i = range.begin(); i < range.end(); ++i)
      out.data[i] = palette[map.target.data[i]][map.stratum.data[i]];
  });
  return out;
}

BoardImage mass_picture(const subject::Subject& s) {
  BoardImage out(s.labels.width, s.labels.height);
  std::vector<colour::Rgb8> colours;
  for (const subject::Mass& m : s.masses) colours.push_back(colour::to_srgb(m.mean));
  for (int y = 0; y < out.height; ++y) {
    for (int x = 0; x < out.width; ++x) {
      const auto id = s.labels.at(x, y);
      const bool border =
          (x + 1 < out.width && s.labels.at(x + 1, y) != id) || (y + 1 < out.height && s.labels.at(x, y + 1) != id);
      out.at(x, y) = border ? colour::Rgb8{20, 20, 20} : colours[id];
    }
  }
  return out;
}

}  // namespace yd::board
