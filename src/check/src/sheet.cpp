// SPDX-License-Identifier: MIT
#include "check/sheet.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>
#include <optional>

#include "edges_seen.h"

namespace yd::check {
namespace {

constexpr int kFindSide = 800;      // pixels it is looked for at
constexpr double kRho_px = 3;       // width of a vote
constexpr int kAngles = 180;        // of half a turn
constexpr std::size_t kLines = 16;  // of either direction
constexpr std::size_t kQuads = 28;
constexpr double kSupport = 0.45;         // of each side
constexpr double kLeastArea = 0.06;       // of the frame
constexpr double kSkew = 40;              // degrees, of a side from level or plumb
constexpr std::array kBends{0.0, -0.05};  // of the lens, that straight lines are looked for under

/// x cos a + y sin a = rho, from the middle of the picture.
struct LineSeen {
  double angle = 0;  ///< radians
  double rho = 0;
  double votes = 0;
};

struct Votes {
  cv::Mat count;  ///< by angle, then rho
  double reach = 0;
};

Votes vote(const EdgePicture& e, const cv::Mat& peaks, const Lens& lens) {
  Votes out;
  out.reach = 1.1 * lens.half_diagonal + kRho_px;
  out.count = cv::Mat::zeros(kAngles, static_cast<int>(2 * out.reach / kRho_px) + 2, CV_32F);
  for (int y = 0; y < peaks.rows; ++y) {
    for (int x = 0; x < peaks.cols; ++x) {
      if (peaks.at<std::uint8_t>(y, x) == 0) continue;
      const Point straight = lens.straight({static_cast<double>(x), static_cast<double>(y)});
      const double dx = straight.x - lens.middle.x;
      const double dy = straight.y - lens.middle.y;
      const double across = std::atan2(e.ny.at<float>(y, x), e.nx.at<float>(y, x)) * kAngles / std::numbers::pi;
      for (int turn = -3; turn <= 3; ++turn) {
        const int a = (static_cast<int>(std::lround(across)) + turn + kAngles) % kAngles;
        const double radians = a * std::numbers::pi / kAngles;
        const double rho = dx * std::cos(radians) + dy * std::sin(radians);
        const int r = static_cast<int>((rho + out.reach) / kRho_px);
        if (r >= 0 && r < out.count.cols) out.count.at<float>(a, r) += 1;
      }
    }
  }
  cv::GaussianBlur(out.count, out.count, cv::Size(3, 3), 0.8);
  return out;
}

/// Edge pixels that are the strongest across their edge.
cv::Mat ridge_of(const EdgePicture& e) {
  cv::Mat out = cv::Mat::zeros(e.strength.size(), CV_8U);
  for (int y = 2; y < out.rows - 2; ++y) {
    for (int x = 2; x < out.cols - 2; ++x) {
      const float s = e.strength.at<float>(y, x);
      if (s < e.floor) continue;
      const int dx = static_cast<int>(std::lround(e.nx.at<float>(y, x)));
      const int dy = static_cast<int>(std::lround(e.ny.at<float>(y, x)));
      if (s >= e.strength.at<float>(y + dy, x + dx) && s > e.strength.at<float>(y - dy, x - dx))
        out.at<std::uint8_t>(y, x) = 255;
    }
  }
  return out;
}

/// The most voted lines within a turn of level (or plumb), each away from the ones before it.
std::vector<LineSeen> lines_of(const Votes& votes, bool level) {
  std::vector<LineSeen> all;
  for (int a = 0; a < kAngles; ++a) {
    const double off = level ? std::abs(a - kAngles / 2) : std::min(a, kAngles - a);
    if (off > kSkew) continue;
    for (int r = 1; r + 1 < votes.count.cols; ++r) {
      const float v = votes.count.at<float>(a, r);
      if (v < 20 || v < votes.count.at<float>(a, r - 1) || v < votes.count.at<float>(a, r + 1)) continue;
      double angle = a * std::numbers::pi / kAngles;
      double rho = (r + 0.5) * kRho_px - votes.reach;
      if (!level && a > kAngles / 2) {
        angle -= std::numbers::pi;
        rho = -rho;
      }
      all.push_back({angle, rho, v});
    }
  }
  std::sort(all.begin(), all.end(), [](const LineSeen& p, const LineSeen& q) { return p.votes > q.votes; });
  std::vector<LineSeen> out;
  for (const LineSeen& l : all) {
    const bool known = std::any_of(out.begin(), out.end(), [&](const LineSeen& k) {
      return std::abs(k.angle - l.angle) < 0.07 && std::abs(k.rho - l.rho) < 3 * kRho_px;
    });
    if (!known) out.push_back(l);
    if (out.size() == kLines) break;
  }
  std::sort(out.begin(), out.end(), [](const LineSeen& p, const LineSeen& q) { return p.rho < q.rho; });
  return out;
}

Point meet(const LineSeen& p, const LineSeen& q) {
  const double det = std::cos(p.angle) * std::sin(q.angle) - std::sin(p.angle) * std::cos(q.angle);
  return {(p.rho * std::sin(q.angle) - q.rho * std::sin(p.angle)) / det,
          (q.rho * std::cos(p.angle) - p.rho * std::cos(q.angle)) / det};
}

/// Share of the way from one corner to the next that runs along edges.
double along(const cv::Mat& near, const Lens& lens, const Point& from, const Point& to) {
  constexpr int kSteps = 48;
  int found = 0;
  for (int i = 0; i < kSteps; ++i) {
    const double t = (i + 0.5) / kSteps;
    const Point p = lens.seen({from.x + t * (to.x - from.x), from.y + t * (to.y - from.y)});
    const int x = static_cast<int>(std::lround(p.x));
    const int y = static_cast<int>(std::lround(p.y));
    if (x < 0 || y < 0 || x >= near.cols || y >= near.rows) continue;
    found += near.at<std::uint8_t>(y, x) != 0 ? 1 : 0;
  }
  return static_cast<double>(found) / kSteps;
}

struct Ranked {
  Quad quad;
  double rank = 0;
};

/// Edges that run level, and edges that run plumb, as broad as a vote.
std::array<cv::Mat, 2> by_direction(const EdgePicture& e, const cv::Mat& peaks) {
  std::array<cv::Mat, 2> out;
  for (int level = 0; level < 2; ++level) {
    cv::Mat one = peaks.clone();
    for (int y = 0; y < one.rows; ++y) {
      for (int x = 0; x < one.cols; ++x) {
        const bool lies = std::abs(e.ny.at<float>(y, x)) > std::abs(e.nx.at<float>(y, x));
        if (lies != (level == 1)) one.at<std::uint8_t>(y, x) = 0;
      }
    }
    cv::dilate(one, one, cv::getStructuringElement(cv::MORPH_ELLIPSE, cv::Size(9, 9)));
    out[static_cast<std::size_t>(level)] = one;
  }
  return out;
}

std::optional<Ranked> ranked(const std::array<cv::Mat, 2>& near, const Lens& lens,
                             const std::array<const LineSeen*, 4>& sides) {
  const auto& [top, right, bottom, left] = sides;
  const double w = near[0].cols;
  const double h = near[0].rows;
  Quad straight{meet(*top, *left), meet(*top, *right), meet(*bottom, *right), meet(*bottom, *left)};
  Quad q;
  for (std::size_t i = 0; i < 4; ++i) {
    straight[i].x += lens.middle.x;
    straight[i].y += lens.middle.y;
    q[i] = lens.seen(straight[i]);
    const Point& p = q[i];
    if (p.x < -0.02 * w || p.y < -0.02 * h || p.x > 1.02 * w || p.y > 1.02 * h) return {};
  }
  if (!is_convex(q) || area_of(q) < kLeastArea * w * h) return {};
  double mean = 0;
  for (std::size_t i = 0; i < 4; ++i) {
    const double s = along(near[i % 2 == 0 ? 1 : 0], lens, straight[i], straight[(i + 1) % 4]);
    if (s < kSupport) return {};
    mean += s / 4;
  }
  return Ranked{q, mean + 0.15 * std::sqrt(area_of(q) / (w * h))};
}

void quads_of(const std::array<cv::Mat, 2>& near, const Lens& lens, const std::vector<LineSeen>& level,
              const std::vector<LineSeen>& plumb, std::vector<Ranked>& found) {
  for (std::size_t t = 0; t < level.size(); ++t) {
    for (std::size_t b = t + 1; b < level.size(); ++b) {
      for (std::size_t l = 0; l < plumb.size(); ++l) {
        for (std::size_t r = l + 1; r < plumb.size(); ++r) {
          if (auto one = ranked(near, lens, {&level[t], &plumb[r], &level[b], &plumb[l]})) found.push_back(*one);
        }
      }
    }
  }
}

std::vector<Quad> best_of(std::vector<Ranked> all, double apart) {
  std::sort(all.begin(), all.end(), [](const Ranked& p, const Ranked& q) { return p.rank > q.rank; });
  std::vector<Quad> out;
  for (const Ranked& r : all) {
    const bool known = std::any_of(out.begin(), out.end(), [&](const Quad& q) {
      double off = 0;
      for (std::size_t i = 0; i < 4; ++i) off = std::max(off, distance(q[i], r.quad[i]));
      return off < apart;
    });
    if (!known) out.push_back(r.quad);
    if (out.size() == kQuads) break;
  }
  return out;
}

}  // namespace

std::vector<Quad> find_quads(const Photo& photo) {
  const double shrink = std::min(1.0, static_cast<double>(kFindSide) / std::max(photo.image.width, photo.image.height));
  const cv::Mat small = sensed_small(photo.image, shrink);
  const EdgePicture e = edges_of(small, 1.2);
  const cv::Mat peaks = ridge_of(e);
  const std::array<cv::Mat, 2> near = by_direction(e, peaks);
  std::vector<Ranked> found;
  for (const double bend : kBends) {
    const Lens lens{{0.5 * small.cols, 0.5 * small.rows}, 0.5 * std::hypot(small.cols, small.rows), bend};
    const Votes votes = vote(e, peaks, lens);
    quads_of(near, lens, lines_of(votes, true), lines_of(votes, false), found);
  }
  std::vector<Quad> out = best_of(std::move(found), 0.01 * kFindSide);
  for (Quad& q : out) {
    for (Point& p : q) p.x /= shrink, p.y /= shrink;
  }
  const double w = photo.image.width;
  const double h = photo.image.height;
  out.push_back({{{0, 0}, {w, 0}, {w, h}, {0, h}}});
  return out;
}

}  // namespace yd::check
