#include "board/board.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>

#include "colour/observer.h"
#include "support/random.h"

namespace yd::board {
namespace {

/// Gaussian noise of unit variance with a correlation length in pixels, the same for the same seed.
cv::Mat noise(int width, int height, double along, double across, std::uint64_t seed) {
  cv::Mat field(height, width, CV_32F);
  tbb::parallel_for(0, height, [&](int y) {
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

constexpr double kGrainBlur = 0.35;  // the blur whose bumps stand one grain apart

/// Noise of unit variance to a stratum, each over an equal share.
std::uint8_t stratum_at(float depth) {
  const double quantile = 0.5 * std::erfc(-depth * 0.70710678);
  return static_cast<std::uint8_t>(std::clamp(quantile * optics::kStrata, 0.0, optics::kStrata - 1.0));
}

/// Pixels a grain takes on the working image.
double grain_px(const subject::Subject& subject, const media::Paper& paper) {
  return paper.grain_mm * std::max(subject.image.width, subject.image.height) / kPictureSide_mm;
}

std::vector<std::array<int, 3>> target_by_role(const subject::Subject& subject, const plan::Plan& plan) {
  std::vector<std::array<int, 3>> out(subject.masses.size(), {-1, -1, -1});
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    out[static_cast<std::size_t>(plan.targets[t].mass)][static_cast<std::size_t>(plan.targets[t].role)] =
        static_cast<int>(t);
  }
  for (auto& roles : out) {
    for (int& r : roles) {
      if (r < 0) r = std::max(0, roles[1]);
    }
  }
  return out;
}

}  // namespace

BoardMap make_map(const subject::Subject& subject, const plan::Plan& plan, const media::Paper& paper) {
  const int w = subject.image.width;
  const int h = subject.image.height;
  const double grain = grain_px(subject, paper);
  const cv::Mat tooth = noise(w, h, grain * kGrainBlur, grain * kGrainBlur, 11);
  const cv::Mat hatch = noise(w, h, 5.0, 0.8, 12);
  const auto roles = target_by_role(subject, plan);
  BoardMap map{{w, h}, {w, h}};
  tbb::parallel_for(0, h, [&](int y) {
    const auto* depth = tooth.ptr<float>(y);
    const auto* jitter = hatch.ptr<float>(y);
    for (int x = 0; x < w; ++x) {
      const subject::Mass& mass = subject.masses[subject.labels.at(x, y)];
      const double range = mass.light_above - mass.dark_below;
      const double l = subject.squinted.at(x, y).l + 0.12 * range * jitter[x];
      const auto role = static_cast<std::size_t>(subject::role_at(mass, l));
      map.target.at(x, y) = static_cast<std::uint16_t>(roles[subject.labels.at(x, y)][role]);
      map.stratum.at(x, y) = stratum_at(depth[x]);
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
