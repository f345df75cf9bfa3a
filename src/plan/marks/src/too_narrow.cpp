// SPDX-License-Identifier: MIT
#include "marks/too_narrow.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "media/parts.h"

namespace yd::plan {
namespace {

constexpr float kThinSeen = 8;        // L* from which a thin shape is seen at all
constexpr double kStrongEnough = 12;  // L* times mm: a line so strong for its width is seen across the room
constexpr double kUsual_cm = 40;      // on a picture so long; a smaller one is looked at from nearer
constexpr double kSlender = 0.8;      // of the finest mark: what is hardly narrower is as good as that wide

cv::Mat lightness(const subject::Subject& subject) {
  const subject::LabImage& image = subject.image;
  const cv::Mat lab(image.height, image.width, CV_32FC3, const_cast<colour::LabPixel*>(image.data.data()));
  cv::Mat out;
  cv::extractChannel(lab, out, 0);
  return out;
}

struct HatSheet {
  double px_per_mm = 1, longer_cm = 40, finest_mm = 1;
};

/// One connected place of a top hat.
NarrowFeature feature_of(const cv::Mat& labels, const cv::Mat& hat, const cv::Mat& stats, int label,
                         const HatSheet& sheet) {
  const auto stat = [&](int which) { return stats.at<int>(label, which); };
  const cv::Rect box(stat(cv::CC_STAT_LEFT), stat(cv::CC_STAT_TOP), stat(cv::CC_STAT_WIDTH), stat(cv::CC_STAT_HEIGHT));
  const cv::Mat own = labels(box) == label;
  std::vector<std::vector<cv::Point>> contours;
  cv::findContours(own.clone(), contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
  double round = 0;
  for (const auto& c : contours) round += cv::arcLength(c, true);
  const double area = stat(cv::CC_STAT_AREA);
  // The contour runs through the middles of its pixels: half of it and one is the length of a line.
  const double length = std::max(std::sqrt(area), round / 2 + 1);
  NarrowFeature out;
  out.width_mm = area / length / sheet.px_per_mm;
  out.length_mm = length / sheet.px_per_mm;
  out.contrast = cv::mean(hat(box), own)[0];
  out.from_cm = sheet.longer_cm * sheet.finest_mm / out.width_mm;
  const double w = labels.cols, h = labels.rows;
  out.x0 = box.x / w, out.y0 = box.y / h;
  out.x1 = (box.x + box.width) / w, out.y1 = (box.y + box.height) / h;
  return out;
}

void find_in_hat(const cv::Mat& hat, bool lighter, const HatSheet& sheet, const subject::Subject& subject,
                 std::vector<NarrowFeature>& out) {
  cv::Mat labels, stats, centres;
  const int count = cv::connectedComponentsWithStats(hat > kThinSeen, labels, stats, centres, 8, CV_32S);
  for (int label = 1; label < count; ++label) {
    NarrowFeature f = feature_of(labels, hat, stats, label, sheet);
    f.lighter = lighter;
    const double usual = kUsual_cm / sheet.longer_cm;
    const double strong = f.contrast * usual * f.width_mm * std::sqrt(usual * f.length_mm);
    if (f.width_mm > kSlender * sheet.finest_mm || strong < kStrongEnough) continue;
    const auto& masses = subject.labels;
    f.mass = masses.at(std::min(masses.width - 1, static_cast<int>((f.x0 + f.x1) / 2 * masses.width)),
                       std::min(masses.height - 1, static_cast<int>((f.y0 + f.y1) / 2 * masses.height)));
    out.push_back(f);
  }
}

double telling(const NarrowFeature& f) { return f.contrast * f.width_mm * f.length_mm; }

/// The size from which on nine tenths of the area can be said.
double size_for(std::vector<NarrowFeature> all) {
  constexpr double kMost = 0.9;
  std::sort(all.begin(), all.end(),
            [](const NarrowFeature& p, const NarrowFeature& q) { return p.from_cm < q.from_cm; });
  double whole = 0, sum = 0;
  for (const NarrowFeature& f : all) whole += telling(f);
  for (const NarrowFeature& f : all) {
    sum += telling(f);
    if (sum >= kMost * whole) return f.from_cm;
  }
  return 0;
}

}  // namespace

double finest_mm(const media::Stick& stick) {
  const std::vector<int> parts = media::parts_of(stick.medium);
  return parts.empty() ? 0 : media::all_parts()[static_cast<std::size_t>(parts.back())].width_mm;
}

double finest_mm(std::span<const media::Stick> sticks, std::span<const int> tray, bool lines) {
  double out = 0;
  const auto take = [&](const media::Stick& stick) {
    const double width = finest_mm(stick);
    if (width > 0 && (out <= 0 || width < out)) out = width;
  };
  for (const int s : tray) take(sticks[static_cast<std::size_t>(s)]);
  for (const media::Stick& s : sticks)
    if (lines && media::at_hand(s) && media::facts(s.medium).draws_lines()) take(s);
  return out;
}

TooNarrow too_narrow(const subject::Subject& subject, double longer_cm, double finest_mm, std::size_t most) {
  const cv::Mat l = lightness(subject);
  const HatSheet sheet{std::max(l.cols, l.rows) / (10 * longer_cm), longer_cm, finest_mm};
  TooNarrow out;
  out.finest_mm = finest_mm;
  out.least_mm = 1 / sheet.px_per_mm;
  // What a disc as wide as the mark does not fit in.
  const int side = static_cast<int>(std::ceil(finest_mm * sheet.px_per_mm)) | 1;
  if (side < 3) return out;
  const cv::Mat disc = cv::getStructuringElement(cv::MORPH_ELLIPSE, cv::Size(side, side));
  std::vector<NarrowFeature> all;
  cv::Mat hat;
  cv::morphologyEx(l, hat, cv::MORPH_TOPHAT, disc);
  find_in_hat(hat, true, sheet, subject, all);
  cv::morphologyEx(l, hat, cv::MORPH_BLACKHAT, disc);
  find_in_hat(hat, false, sheet, subject, all);
  const double sheet_mm2 = l.cols * l.rows / (sheet.px_per_mm * sheet.px_per_mm);
  for (const NarrowFeature& f : all) out.share += f.width_mm * f.length_mm / sheet_mm2;
  out.count = static_cast<int>(all.size());
  out.from_cm = size_for(all);
  std::stable_sort(all.begin(), all.end(),
                   [](const NarrowFeature& p, const NarrowFeature& q) { return telling(p) > telling(q); });
  all.resize(std::min(all.size(), most));
  out.first = std::move(all);
  return out;
}

}  // namespace yd::plan
