// SPDX-License-Identifier: MIT
// Photographs of things with a transparent background, as packages of learning games carry them, laid on other
// pictures: the truth of what is a thing. Read where they are installed.
#pragma once

#include <QDirIterator>
#include <QImage>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/lab.h"
#include "subject/things.h"
#include "support/random.h"

namespace yd::trial {

/// Where tuxpaint-stamps-default puts its photographs: animals, fruit, vegetables, flowers.
inline QStringList cut_out_files() {
  QStringList out;
  for (const char* folder : {"animals/birds", "animals/mammals", "animals/fish", "food/fruit", "food/vegetables",
                             "plants/flowers", "animals/insects"}) {
    QDirIterator files(QString("/usr/share/tuxpaint/stamps/") + folder, {"*.png"}, QDir::Files,
                       QDirIterator::Subdirectories);
    while (files.hasNext()) {
      const QString file = files.next();
      if (!file.contains("cartoon")) out << file;
    }
  }
  out.sort();
  return out;
}

/// A thing on a picture, and which pixels are its own.
struct LaidOn {
  subject::LabImage picture;
  subject::ThingMask truth;
};

/// The thing some two fifths of the picture's height, at a place the seed says.
inline LaidOn laid_on(const QImage& thing, const QImage& ground, std::uint64_t seed) {
  Random random(seed);
  const QImage back =
      ground.scaled(700, 700, Qt::KeepAspectRatio, Qt::SmoothTransformation).convertToFormat(QImage::Format_RGB32);
  const QImage front =
      thing.scaled(back.width() * 45 / 100, back.height() * 45 / 100, Qt::KeepAspectRatio, Qt::SmoothTransformation)
          .convertToFormat(QImage::Format_ARGB32);
  const int left = static_cast<int>((0.15 + 0.7 * random.uniform()) * (back.width() - front.width()));
  const int top = static_cast<int>((0.15 + 0.7 * random.uniform()) * (back.height() - front.height()));
  LaidOn out{subject::LabImage(back.width(), back.height()), subject::ThingMask(back.width(), back.height())};
  for (int y = 0; y < back.height(); ++y) {
    for (int x = 0; x < back.width(); ++x) {
      QColor c(back.pixel(x, y));
      if (x >= left && y >= top && x < left + front.width() && y < top + front.height()) {
        const QColor f = QColor::fromRgba(front.pixel(x - left, y - top));
        const double a = f.alphaF();
        c = QColor::fromRgbF(static_cast<float>(a * f.redF() + (1 - a) * c.redF()),
                             static_cast<float>(a * f.greenF() + (1 - a) * c.greenF()),
                             static_cast<float>(a * f.blueF() + (1 - a) * c.blueF()));
        out.truth.at(x, y) = a > 0.5 ? 1 : 0;
      }
      const colour::Lab lab =
          colour::from_srgb({static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
                             static_cast<std::uint8_t>(c.blue())});
      out.picture.at(x, y) = {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
    }
  }
  return out;
}

/// A rough line round it: the truth some 3 to 4 % of the longer side wider, shaken by half a per cent.
inline std::vector<subject::Point> rough_outline(const subject::ThingMask& truth, std::uint64_t seed) {
  Random random(seed);
  cv::Mat mask(truth.height, truth.width, CV_8U);
  for (int y = 0; y < truth.height; ++y) {
    for (int x = 0; x < truth.width; ++x) mask.at<uchar>(y, x) = truth.at(x, y) != 0 ? 255 : 0;
  }
  const double side = std::max(truth.width, truth.height);
  const int reach = static_cast<int>((0.03 + 0.01 * random.uniform()) * side);
  cv::dilate(mask, mask, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1}));
  std::vector<std::vector<cv::Point>> lines;
  cv::findContours(mask, lines, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
  const auto longest =
      std::max_element(lines.begin(), lines.end(), [](const auto& p, const auto& q) { return p.size() < q.size(); });
  std::vector<subject::Point> out;
  if (longest == lines.end()) return out;
  const std::size_t step = std::max<std::size_t>(1, longest->size() / 60);
  for (std::size_t i = 0; i < longest->size(); i += step) {
    const auto shaken = [&](double v, int most) {
      return std::clamp((v + 0.005 * side * (2 * random.uniform() - 1)) / (most - 1), 0.0, 1.0);
    };
    out.push_back({shaken((*longest)[i].x, truth.width), shaken((*longest)[i].y, truth.height)});
  }
  return out;
}

/// Of what either has, the share that both have.
inline double overlap(const subject::ThingMask& p, const subject::ThingMask& q) {
  double both = 0;
  double either = 0;
  for (std::size_t i = 0; i < p.size(); ++i) {
    both += p.data[i] != 0 && q.data[i] != 0 ? 1 : 0;
    either += p.data[i] != 0 || q.data[i] != 0 ? 1 : 0;
  }
  return either > 0 ? both / either : 0;
}

/// One stroke through the widest place where a cut is wrong.
inline subject::ThingStroke correction(const subject::ThingMask& truth, const subject::ThingMask& cut) {
  cv::Mat wrong(truth.height, truth.width, CV_8U);
  for (int y = 0; y < truth.height; ++y) {
    for (int x = 0; x < truth.width; ++x) wrong.at<uchar>(y, x) = truth.at(x, y) != cut.at(x, y) ? 255 : 0;
  }
  cv::Mat pieces;
  cv::Mat stats;
  cv::Mat centres;
  const int count = cv::connectedComponentsWithStats(wrong, pieces, stats, centres, 8);
  int largest = 0;
  for (int c = 1; c < count; ++c) {
    if (largest == 0 || stats.at<int>(c, cv::CC_STAT_AREA) > stats.at<int>(largest, cv::CC_STAT_AREA)) largest = c;
  }
  subject::ThingStroke out;
  if (largest == 0) return out;
  const cv::Mat piece = pieces == largest;
  cv::Mat depth;
  cv::distanceTransform(piece, depth, cv::DIST_L2, 3);
  double deepest = 0;
  cv::minMaxLoc(depth, nullptr, &deepest);
  // Along the middle of it: what is at least as deep as half the deepest, in the order of its long axis.
  std::vector<cv::Point> middle;
  cv::findNonZero(depth >= 0.6 * deepest, middle);
  const bool wide = stats.at<int>(largest, cv::CC_STAT_WIDTH) >= stats.at<int>(largest, cv::CC_STAT_HEIGHT);
  std::sort(middle.begin(), middle.end(),
            [&](const cv::Point& p, const cv::Point& q) { return wide ? p.x < q.x : p.y < q.y; });
  const double side = std::max(truth.width, truth.height);
  out.belongs = truth.at(middle.front().x, middle.front().y) != 0;
  out.width = std::clamp(1.2 * deepest / side, 0.002, 0.1);
  const std::size_t step = std::max<std::size_t>(1, middle.size() / 12);
  for (std::size_t i = 0; i < middle.size(); i += step)
    out.path.push_back({middle[i].x / (truth.width - 1.0), middle[i].y / (truth.height - 1.0)});
  return out;
}

}  // namespace yd::trial
