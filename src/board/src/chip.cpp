// SPDX-License-Identifier: MIT
#include "board/chip.h"

#include <algorithm>
#include <cmath>

#include "strokes.h"

namespace yd::board {
namespace {

constexpr int kPressures = 10;       // along the stroke
constexpr double kMargin = 0.12;     // of bare paper above and below, share of the height
constexpr double kRaggedEnd = 0.05;  // of the length
constexpr double kStreakShare = 0.55;

/// Screen colours of the stroke at one pressure.
std::array<colour::Rgb8, optics::kStrata> laid_at(const ChipStroke& stroke, double pressure,
                                                  const optics::Ground& ground, std::span<const media::Stick> sticks,
                                                  const optics::Parameters& parameters) {
  std::vector<plan::Stroke> strokes;
  if (pressure > 0) strokes.push_back({stroke.stick, pressure, stroke.technique, false, 0});
  const optics::Pile pile = plan::build(ground, parameters, sticks, strokes);
  return screen_colours(plan::shade(pile, parameters, sticks), colour::Illuminant::d50);
}

}  // namespace

BoardImage stroke_chip(const ChipStroke& stroke, const optics::Ground& ground, double grain_mm,
                       std::span<const media::Stick> sticks, const optics::Parameters& parameters, int width,
                       int height, double px_per_mm) {
  std::vector<std::array<colour::Rgb8, optics::kStrata>> colours{laid_at(stroke, 0, ground, sticks, parameters)};
  for (int i = 0; i < kPressures; ++i) {
    const double pressure = stroke.from + (stroke.to - stroke.from) * i / (kPressures - 1);
    colours.push_back(laid_at(stroke, pressure, ground, sticks, parameters));
  }
  const double grain = std::max(0.6, grain_mm * px_per_mm) * 0.4;
  const cv::Mat tooth = noise(width, height, grain, grain, 31);
  const cv::Mat drag = noise(width, height, 4 * px_per_mm, 0.4 * px_per_mm, 32);
  const double share = stroke.technique == plan::Technique::rubbed ? kStreakShare / 3 : kStreakShare;
  BoardImage out(width, height);
  for (int y = 0; y < height; ++y) {
    const double across = std::abs(2 * (y + 0.5) / height - 1);
    for (int x = 0; x < width; ++x) {
      const double z = std::sqrt(share) * static_cast<double>(drag.at<float>(y, x)) +
                       std::sqrt(1 - share) * static_cast<double>(tooth.at<float>(y, x));
      // The rim of the stroke wanders with the tooth; so do its ends.
      const double rim = 1 - 2 * kMargin + 0.05 * static_cast<double>(tooth.at<float>(y, x));
      const double along = (x + 0.5) / width + 0.4 * kRaggedEnd * static_cast<double>(drag.at<float>(y, x));
      const bool on = across < rim && along > kRaggedEnd && along < 1 - kRaggedEnd;
      const double at = std::clamp((along - kRaggedEnd) / (1 - 2 * kRaggedEnd), 0.0, 1.0) * (kPressures - 1);
      const auto step = on ? 1 + static_cast<std::size_t>(std::lround(at)) : 0;
      const auto stratum =
          static_cast<std::size_t>(std::clamp(quantile_of(z) * optics::kStrata, 0.0, optics::kStrata - 1.0));
      out.at(x, y) = colours[step][stratum];
    }
  }
  return out;
}

BoardImage brush_chip(const colour::Lab& coat, const media::Paper& paper, int width, int height, double px_per_mm) {
  constexpr double kDry = 0.7;  // from here on the brush runs dry
  const cv::Mat hairs = noise(width, height, 6 * px_per_mm, 0.18 * px_per_mm, 51);
  std::vector<colour::LabPixel> row(static_cast<std::size_t>(width));
  BoardImage out(width, height);
  for (int y = 0; y < height; ++y) {
    const double across = std::abs(2 * (y + 0.5) / height - 1);
    for (int x = 0; x < width; ++x) {
      const double hair = static_cast<double>(hairs.at<float>(y, x));
      const double along = (x + 0.5) / width;
      const double dry = std::max(0.0, (along - kDry) / (1 - kDry));
      const bool on = across < 0.86 + 0.06 * hair && along > 0.05 && quantile_of(hair) > dry * dry;
      const double thick = on ? std::clamp(0.94 + 0.06 * hair, 0.7, 1.0) : 0;
      const auto mix = [&](double sheet, double paint) { return static_cast<float>(sheet + thick * (paint - sheet)); };
      row[static_cast<std::size_t>(x)] = {mix(paper.lab.l, coat.l), mix(paper.lab.a, coat.a), mix(paper.lab.b, coat.b)};
    }
    colour::lab_to_srgb(row.data(), &out.at(0, y), row.size());
  }
  return out;
}

BoardImage tooth_chip(const media::Paper& paper, int width, int height, double px_per_mm) {
  constexpr double kRelief = 4.5;  // L* from slope to slope of the roughest sheet that ships
  const double grain = std::max(0.5, paper.grain_mm * px_per_mm * 0.5);
  const cv::Mat bumps = noise(width + 1, height + 1, grain, grain, 41);
  const double relief = kRelief * std::min(1.5, paper.tooth.hold + 0.4);
  // All are the sheet's own colour but for their L*: a tenth of it apart nobody sees.
  constexpr int kSteps = 10;
  std::vector<colour::LabPixel> labs;
  for (int i = 0; i <= 100 * kSteps; ++i)
    labs.push_back({static_cast<float>(i) / kSteps, static_cast<float>(paper.lab.a), static_cast<float>(paper.lab.b)});
  std::vector<colour::Rgb8> tones(labs.size());
  colour::lab_to_srgb(labs.data(), tones.data(), labs.size());
  BoardImage out(width, height);
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) {
      const float slope = bumps.at<float>(y + 1, x + 1) - bumps.at<float>(y, x);
      const double l = std::clamp(paper.lab.l + relief * static_cast<double>(slope), 0.0, 100.0);
      out.at(x, y) = tones[static_cast<std::size_t>(std::lround(l * kSteps))];
    }
  }
  return out;
}

}  // namespace yd::board
