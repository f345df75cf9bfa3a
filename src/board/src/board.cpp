// SPDX-License-Identifier: MIT
#include "board/board.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>

#include "colour/observer.h"
#include "parallel/each.h"
#include "strokes.h"
#include "wandering.h"

namespace yd::board {
namespace {

constexpr double kGrainBlur = 0.35;  // the blur whose bumps stand one grain apart

/// Up to which value of noise of unit variance each stratum goes, so that all have an equal share.
std::array<float, optics::kStrata - 1> ends_of_strata() {
  std::array<float, optics::kStrata - 1> out{};
  for (std::size_t i = 0; i < out.size(); ++i) {
    double low = -8, high = 8;
    while (high - low > 1e-7) {
      const double mid = (low + high) / 2;
      (quantile_of(mid) * static_cast<double>(optics::kStrata) < static_cast<double>(i + 1) ? low : high) = mid;
    }
    out[i] = static_cast<float>(high);
  }
  return out;
}

std::uint8_t stratum_at(float depth) {
  static const auto ends = ends_of_strata();
  int out = 0;
  for (const float end : ends) out += depth >= end ? 1 : 0;
  return static_cast<std::uint8_t>(out);
}

/// All but the first, as far as they have a share.
Blended blended(const Wandering::Place& place, std::size_t pixel) {
  Blended out;
  out.pixel = static_cast<std::uint32_t>(pixel);
  std::size_t n = 0;
  for (std::size_t i = 1; i < place.size(); ++i) {
    const auto share = static_cast<std::uint8_t>(std::lround(Blended::kWhole * place[i].share));
    if (share == 0) continue;
    out.target[n] = static_cast<std::uint16_t>(place[i].target);
    out.share[n++] = share;
  }
  return out;
}

/// The colours are so near to each other that it does not matter in which scale they are mixed.
colour::Rgb8 mixed(const Blended& b, std::size_t own, std::uint8_t stratum, const Palette& palette) {
  const auto rest = static_cast<unsigned>(Blended::kWhole - b.all());
  const colour::Rgb8 first = palette[own][stratum];
  constexpr unsigned kHalf = Blended::kWhole / 2;
  std::array<unsigned, 3> sum{rest * first.r + kHalf, rest * first.g + kHalf, rest * first.b + kHalf};
  for (std::size_t i = 0; i < b.share.size() && b.share[i] != 0; ++i) {
    const colour::Rgb8 c = palette[b.target[i]][stratum];
    const unsigned by = b.share[i];
    sum = {sum[0] + by * c.r, sum[1] + by * c.g, sum[2] + by * c.b};
  }
  const auto level = [](unsigned v) { return static_cast<std::uint8_t>(v / Blended::kWhole); };
  return {level(sum[0]), level(sum[1]), level(sum[2])};
}

/// Pixels a grain takes on the working image.
double grain_px(const subject::Subject& subject, const media::Paper& paper) {
  return paper.grain_mm * std::max(subject.image.width, subject.image.height) / kPictureSide_mm;
}

}  // namespace

BoardMap make_map(const subject::Subject& subject, const plan::Plan& plan, const media::Paper& paper,
                  std::span<const std::vector<plan::Touch>> touches) {
  const int w = subject.image.width;
  const int h = subject.image.height;
  const double grain = grain_px(subject, paper);
  const cv::Mat tooth = noise(w, h, grain * kGrainBlur, grain * kGrainBlur, 11);
  const double px_per_mm = std::max(w, h) / kPictureSide_mm;
  const StrokeFields strokes = stroke_fields(subject, touches, px_per_mm);
  const Wandering wandering(subject, plan, strokes, px_per_mm);
  BoardMap map{{w, h}, {w, h}, {}};
  std::vector<std::vector<Blended>> rows(static_cast<std::size_t>(h));
  parallel::each(h, [&](int y) {
    const auto* depth = tooth.ptr<float>(y);
    for (int x = 0; x < w; ++x) {
      const Wandering::Place place = wandering.at(x, y);
      map.target.at(x, y) = static_cast<std::uint16_t>(place.front().target);
      const Blended more = blended(place, map.target.index(x, y));
      if (more.all() > 0) rows[static_cast<std::size_t>(y)].push_back(more);
      // Strokes and grain together are noise of unit variance again: every stratum keeps its share of the area.
      const auto share = static_cast<float>(wandering.rubbed(place.front().target) ? kRubbedShare : kLaidShare);
      map.stratum.at(x, y) =
          stratum_at(std::sqrt(share) * strokes.streaks.at<float>(y, x) + std::sqrt(1 - share) * depth[x]);
    }
  });
  for (const std::vector<Blended>& row : rows) map.blended.insert(map.blended.end(), row.begin(), row.end());
  return map;
}

namespace {

template <class LabOf>
std::array<colour::Rgb8, optics::kStrata> screen_colours_by(const LabOf& lab_of) {
  std::array<colour::LabPixel, optics::kStrata> labs;
  for (std::size_t i = 0; i < optics::kStrata; ++i) {
    const colour::Lab lab = lab_of(i);
    labs[i] = {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
  }
  std::array<colour::Rgb8, optics::kStrata> out;
  colour::lab_to_srgb(labs.data(), out.data(), labs.size());
  return out;
}

}  // namespace

std::array<colour::Rgb8, optics::kStrata> screen_colours(const optics::StrataSpectra& strata,
                                                         colour::Illuminant light) {
  const colour::Weights& w = colour::weights(light);
  return screen_colours_by([&](std::size_t i) { return colour::to_lab(strata[i], w); });
}

std::array<colour::Rgb8, optics::kStrata> screen_colours(const optics::CoarseStrata& strata) {
  return screen_colours_by([&](std::size_t i) { return colour::to_lab(strata[i]); });
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
  parallel::each(plan.targets.size(), [&](std::size_t t) {
    const optics::Pile pile = plan::pile_after(plan, static_cast<int>(t), passes, paper, collection.sticks, parameters);
    palette[t] = screen_colours(plan::shade(pile, parameters, collection.sticks), light);
  });
  return palette;
}

BoardImage render(const BoardMap& map, const Palette& palette) {
  BoardImage out(map.target.width, map.target.height);
  parallel::spans(out.size(), 65536, [&](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i) out.data[i] = palette[map.target.data[i]][map.stratum.data[i]];
  });
  parallel::spans(map.blended.size(), 65536, [&](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i) {
      const Blended& b = map.blended[i];
      out.data[b.pixel] = mixed(b, map.target.data[b.pixel], map.stratum.data[b.pixel], palette);
    }
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
