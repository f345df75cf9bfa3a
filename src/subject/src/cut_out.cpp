// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "subject/things.h"

namespace yd::subject {
namespace {

constexpr int kCutSide = 280;           // long side of the part that is cut: the border needs no more
constexpr double kSurroundings = 0.12;  // of the outline's box, what is seen of the surroundings
constexpr int kCutRounds = 4;
constexpr double kRoughly =
    0.02;                         // of the box's side: as near to the outline nothing is sure, and rather not the thing
constexpr double kSurely = 0.25;  // as far inside it surely is
constexpr double kBorder = 0.004;  // of the picture's longer side: a border is no finer than a mark

/// The part of the picture that is looked at, and how it is scaled.
struct Window {
  cv::Rect box;      ///< in the picture
  double scale = 1;  ///< of the window to the picture
  cv::Size size;
};

std::vector<cv::Point2d> outline_of(const Thing& thing, int width, int height) {
  std::vector<cv::Point2d> out;
  if (thing.ring) {
    constexpr int kCorners = 64;
    const double radius = thing.ring->radius * std::max(width, height);
    for (int i = 0; i < kCorners; ++i) {
      const double a = 2 * CV_PI * i / kCorners;
      out.emplace_back(std::clamp(thing.ring->x * width + radius * std::cos(a), 0.0, width - 1.0),
                       std::clamp(thing.ring->y * height + radius * std::sin(a), 0.0, height - 1.0));
    }
    return out;
  }
  for (const Point& p : thing.outline) out.emplace_back(p.x * (width - 1), p.y * (height - 1));
  return out;
}

Window window_round(const std::vector<cv::Point2d>& outline, int width, int height) {
  double left = width;
  double right = 0;
  double top = height;
  double bottom = 0;
  for (const cv::Point2d& p : outline) {
    left = std::min(left, p.x);
    right = std::max(right, p.x);
    top = std::min(top, p.y);
    bottom = std::max(bottom, p.y);
  }
  const double more = kSurroundings * std::max(right - left, bottom - top) + 3;
  const cv::Rect picture(0, 0, width, height);
  Window out;
  out.box = cv::Rect(cv::Point(static_cast<int>(left - more), static_cast<int>(top - more)),
                     cv::Point(static_cast<int>(right + more) + 1, static_cast<int>(bottom + more) + 1)) &
            picture;
  out.scale = std::min(1.0, static_cast<double>(kCutSide) / std::max(out.box.width, out.box.height));
  out.size = cv::Size(std::max(8, static_cast<int>(std::lround(out.box.width * out.scale))),
                      std::max(8, static_cast<int>(std::lround(out.box.height * out.scale))));
  return out;
}

cv::Point in_window(const cv::Point2d& p, const Window& w) {
  return {static_cast<int>(std::lround((p.x - w.box.x) * w.size.width / w.box.width)),
          static_cast<int>(std::lround((p.y - w.box.y) * w.size.height / w.box.height))};
}

/// L, a, b as three bytes: GrabCut tells colours apart by their own spread.
cv::Mat bytes_of(const LabImage& picture, const Window& w) {
  cv::Mat part(w.box.height, w.box.width, CV_8UC3);
  for (int y = 0; y < part.rows; ++y) {
    for (int x = 0; x < part.cols; ++x) {
      const colour::LabPixel& c = picture.at(w.box.x + x, w.box.y + y);
      part.at<cv::Vec3b>(y, x) = {cv::saturate_cast<uchar>(2.55 * c.l), cv::saturate_cast<uchar>(c.a + 128),
                                  cv::saturate_cast<uchar>(c.b + 128)};
    }
  }
  cv::Mat out;
  cv::resize(part, out, w.size, 0, 0, cv::INTER_AREA);
  return out;
}

/// Everything inside the outline: a line that crosses itself where it closes leaves no hole.
cv::Mat filled(const std::vector<cv::Point2d>& outline, const Window& w) {
  std::vector<cv::Point> shifted;
  shifted.reserve(outline.size());
  for (const cv::Point2d& p : outline) shifted.push_back(in_window(p, w) + cv::Point(1, 1));
  cv::Mat walled(w.size.height + 2, w.size.width + 2, CV_8U, cv::Scalar(0));
  cv::polylines(walled, shifted, true, 1, 1, cv::LINE_4, 0);
  cv::floodFill(walled, cv::Point(0, 0), 2, nullptr, cv::Scalar(), cv::Scalar(), 4);
  cv::Mat inside = walled != 2;
  return inside(cv::Rect(1, 1, w.size.width, w.size.height)).clone();
}

cv::Mat drawn(const Thing& thing, bool belongs, int width, int height, const Window& w) {
  cv::Mat out(w.size, CV_8U, cv::Scalar(0));
  for (const ThingStroke& s : thing.strokes) {
    if (s.belongs != belongs) continue;
    std::vector<cv::Point> way;
    for (const Point& p : s.path) way.push_back(in_window({p.x * (width - 1), p.y * (height - 1)}, w));
    const int thick =
        std::max(1, static_cast<int>(std::lround(s.width * std::max(width, height) * w.size.width / w.box.width)));
    cv::polylines(out, way, false, 255, thick, cv::LINE_8, 0);
    if (way.size() == 1) cv::circle(out, way[0], std::max(1, thick / 2), 255, cv::FILLED);
  }
  return out;
}

/// What is known before anything is looked at: surely not, rather not, rather, surely.
cv::Mat known_of(const cv::Mat& inside, const cv::Mat& too, const cv::Mat& nots) {
  cv::Mat depth;
  cv::Mat reachable;
  cv::bitwise_or(inside, too, reachable);
  cv::distanceTransform(inside, depth, cv::DIST_L2, 3);
  double deepest = 0;
  cv::minMaxLoc(depth, nullptr, &deepest);
  const cv::Rect box = cv::boundingRect(inside);
  const double side = std::max(box.width, box.height);
  const double surely = std::min(kSurely * side, 0.75 * deepest);
  cv::Mat out(inside.size(), CV_8U, cv::Scalar(cv::GC_BGD));
  out.setTo(cv::GC_PR_BGD, inside);
  out.setTo(cv::GC_PR_FGD, depth > std::min(kRoughly * side, 0.4 * deepest));
  out.setTo(cv::GC_FGD, depth > surely);
  out.setTo(cv::GC_FGD, too);
  out.setTo(cv::GC_BGD, nots);
  return out;
}

/// Rounds what is thinner than a mark, fills holes and drops specks, but nothing that was drawn.
cv::Mat smoothed(const cv::Mat& cut, double mark, const cv::Mat& too, const cv::Mat& nots) {
  cv::Mat out = cut.clone();
  const int size = 2 * std::max(1, static_cast<int>(std::lround(mark / 2))) + 1;
  const cv::Mat round = cv::getStructuringElement(cv::MORPH_ELLIPSE, {size, size});
  cv::morphologyEx(out, out, cv::MORPH_CLOSE, round);
  cv::morphologyEx(out, out, cv::MORPH_OPEN, round);
  constexpr double kSpeckOfThing = 0.02;  // of the thing
  const double least = kSpeckOfThing * cv::countNonZero(out);
  for (const bool holes : {false, true}) {
    cv::Mat labels;
    cv::Mat stats;
    cv::Mat centres;
    const int count = cv::connectedComponentsWithStats(holes ? cv::Mat(out == 0) : out, labels, stats, centres, 4);
    for (int c = 1; c < count; ++c) {
      if (stats.at<int>(c, cv::CC_STAT_AREA) < least) out.setTo(holes ? 255 : 0, labels == c);
    }
  }
  out.setTo(255, too);
  out.setTo(0, nots);
  return out;
}

/// The thing in the window; nothing where the colours leave none.
cv::Mat cut_in(const cv::Mat& part, cv::Mat known) {
  const bool some = cv::countNonZero(known == cv::GC_FGD) + cv::countNonZero(known == cv::GC_PR_FGD) > 0;
  const bool others = cv::countNonZero(known == cv::GC_BGD) + cv::countNonZero(known == cv::GC_PR_BGD) > 0;
  if (some && others) {
    cv::Mat background;
    cv::Mat foreground;
    cv::setRNGSeed(1);  // the same thing every time
    cv::grabCut(part, known, cv::Rect(), background, foreground, kCutRounds, cv::GC_INIT_WITH_MASK);
  }
  return (known == cv::GC_FGD) | (known == cv::GC_PR_FGD);
}

}  // namespace

Result<ThingMask> cut_out(const LabImage& picture, const Thing& thing) {
  const auto outline = outline_of(thing, picture.width, picture.height);
  std::vector<cv::Point2d> seen = outline;
  for (const ThingStroke& s : thing.strokes) {
    for (const Point& p : s.path) seen.emplace_back(p.x * (picture.width - 1), p.y * (picture.height - 1));
  }
  const Window w = window_round(seen, picture.width, picture.height);
  if (w.box.width < 2 || w.box.height < 2) return bad_value("thing", "the outline goes round nothing");
  const cv::Mat nots = drawn(thing, false, picture.width, picture.height, w);
  cv::Mat too = drawn(thing, true, picture.width, picture.height, w);
  too.setTo(0, nots);
  const cv::Mat known = known_of(filled(outline, w), too, nots);
  const double mark = kBorder * std::max(picture.width, picture.height) * w.scale;
  const cv::Mat cut = smoothed(cut_in(bytes_of(picture, w), known), mark, too, nots);
  if (cv::countNonZero(cut) == 0) return bad_value("thing", "nothing is left of it");
  cv::Mat soft;
  cut.convertTo(soft, CV_32F);
  cv::resize(soft, soft, w.box.size(), 0, 0, cv::INTER_LINEAR);
  ThingMask out(picture.width, picture.height);
  for (int y = 0; y < w.box.height; ++y) {
    for (int x = 0; x < w.box.width; ++x) out.at(w.box.x + x, w.box.y + y) = soft.at<float>(y, x) > 127 ? 1 : 0;
  }
  return out;
}

}  // namespace yd::subject
