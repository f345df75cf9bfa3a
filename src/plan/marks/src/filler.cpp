// SPDX-License-Identifier: MIT
#include "filler.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "marks/under.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr double kSeedEvery = 0.7;  // widths
constexpr double kStride = 0.4;     // widths
constexpr double kStraight = 0.75;  // cosine of the sharpest turn from step to step
constexpr int kSweeps = 2;

/// One place on a path, pixels.
struct Stop {
  double x = 0, y = 0;
};

class Filler {
 public:
  Filler(const SheetReading& r, int part, const Filling& how, std::vector<char>& laid)
      : r_(r),
        how_(how),
        laid_(laid),
        part_(media::all_parts()[static_cast<std::size_t>(part)]),
        number_(part),
        width_(part_.width_mm * r.grid.px_per_mm),
        reach_(std::max(kLeastReach_px, width_ / 2)),
        tried_(laid.size(), 0),
        px_mm2_(static_cast<float>(r.px_mm2())),
        weight_(r.weight.ptr<float>()) {}

  Filled run() {
    const double every = std::max(1.0, kSeedEvery * width_);
    for (int sweep = 0; sweep < kSweeps; ++sweep) {
      const double from = (sweep == 0 ? 0.5 : 1.0) * every;
      for (double y = from; y < r_.grid.height; y += every) {
        for (double x = from; x < r_.grid.width; x += every) try_from(how_.left_handed ? r_.grid.width - x : x, y);
      }
    }
    return std::move(out_);
  }

 private:
  std::size_t pixel(double x, double y) const {
    return static_cast<std::size_t>(y) * static_cast<std::size_t>(r_.grid.width) + static_cast<std::size_t>(x);
  }
  bool inside(double x, double y) const { return x >= 0 && y >= 0 && x < r_.grid.width && y < r_.grid.height; }

  float wanted(std::size_t pixel) const { return how_.pressure == nullptr ? 1 : (*how_.pressure)[pixel]; }

  /// What a mark of this pressure is worth on a pixel, DIN99o times mm2: on top of what is off anyway, squares adding
  /// up, and pressed a little off is no worse than the hand makes it.
  float worth(std::size_t pixel, float pressure) const {
    const float area = px_mm2_ * weight_[pixel];
    if (how_.needs == nullptr) return std::min((*how_.gain)[pixel] * area, how_.most);
    const Need& need = (*how_.needs)[pixel];
    const float unsteady = static_cast<float>(how_.hand) * pressure;
    const float anyway = anyway_ * anyway_ + unsteady * unsteady * need.moves;
    const float best = std::sqrt(need.at(need.best()) + anyway);
    return std::min(area * (std::sqrt(need.off + anyway) - best), how_.most) -
           area * (std::sqrt(need.at(pressure) + anyway) - best);
  }

  /// What a disc there adds to the mark in hand.
  double touch(double x, double y) {
    double sum = 0;
    const float pressure = wanted(pixel(x, y));
    const int left = std::max(0, static_cast<int>(std::floor(x - reach_)));
    const int right = std::min(r_.grid.width - 1, static_cast<int>(std::ceil(x + reach_)));
    const int top = std::max(0, static_cast<int>(std::floor(y - reach_)));
    const int bottom = std::min(r_.grid.height - 1, static_cast<int>(std::ceil(y + reach_)));
    for (int v = top; v <= bottom; ++v) {
      const double oy = v + 0.5 - y;
      for (int u = left; u <= right; ++u) {
        const double ox = u + 0.5 - x;
        if (ox * ox + oy * oy > reach_ * reach_) continue;
        const std::size_t i = pixel(u, v);
        if (laid_[i] != 0 || tried_[i] == trial_) continue;
        tried_[i] = trial_;
        touched_.push_back(i);
        sum += worth(i, pressure);
      }
    }
    return sum;
  }

  /// Takes back what a disc added.
  void lift(std::size_t from) {
    for (std::size_t i = from; i < touched_.size(); ++i) tried_[touched_[i]] = 0;
    touched_.resize(from);
  }

  /// From a place along the form one way, while it gains.
  void go(Stop from, double way, double& gained, double& length, std::vector<Stop>& path) {
    const double step = std::max(1.0, kStride * width_);
    const double step_mm = step / r_.grid.px_per_mm;
    double dx = 0, dy = 0;
    int poor = 0;
    while (length + step_mm <= part_.greatest_mm) {
      const auto& d = r_.along.at<cv::Vec2f>(static_cast<int>(from.y), static_cast<int>(from.x));
      double ax = d[0], ay = d[1];
      if (dx == 0 && dy == 0) {
        ax *= way, ay *= way;
      } else if (ax * dx + ay * dy < 0) {
        ax = -ax, ay = -ay;
      }
      if ((dx != 0 || dy != 0) && ax * dx + ay * dy < kStraight) break;
      const Stop to{from.x + step * ax, from.y + step * ay};
      if (!inside(to.x, to.y) || (*how_.gain)[pixel(to.x, to.y)] <= 0) break;
      const std::size_t before = touched_.size();
      const double gain = touch(to.x, to.y);
      const double costs = how_.price * step_mm / part_.speed_mm_s;
      // One poor step may lead to a better one; two do not.
      if (gain <= costs && (gain < 0 || ++poor > 1)) {
        lift(before);
        break;
      }
      if (gain > costs) poor = 0;
      gained += gain;
      length += step_mm;
      path.push_back(to);
      from = to;
      dx = ax, dy = ay;
    }
  }

  void try_from(double x, double y) {
    if (!inside(x, y)) return;
    const std::size_t seed = pixel(x, y);
    if (laid_[seed] != 0 || (*how_.gain)[seed] <= 0) return;
    ++trial_;
    touched_.clear();
    double gained = touch(x, y);
    if (gained <= 0) return;
    double length = 0;
    std::vector<Stop> there, back;
    go({x, y}, 1, gained, length, there);
    go({x, y}, -1, gained, length, back);
    if (length + part_.width_mm < part_.least_mm) return;
    const double costs = how_.price * part_.seconds(length);
    if (gained <= costs) return;
    LaidMark mark;
    mark.part = number_;
    std::vector<Stop> path(back.rbegin(), back.rend());
    path.push_back({x, y});
    path.insert(path.end(), there.begin(), there.end());
    std::vector<float> pressures;
    for (const Stop& s : path) {
      pressures.push_back(wanted(pixel(s.x, s.y)));
      MarkPoint p = how_.press(pixel(s.x, s.y), pressures.back());
      p.x_mm = static_cast<float>(s.x / r_.grid.px_per_mm);
      p.y_mm = static_cast<float>(s.y / r_.grid.px_per_mm);
      mark.points.push_back(p);
    }
    // So far by discs; this is what lies under the mark.
    ++trial_;
    gained = 0;
    under(mark, r_.grid, [&](std::size_t i, const MarkPoint& p) {
      if (laid_[i] != 0 || tried_[i] == trial_) return;
      tried_[i] = trial_;
      gained += worth(i, pressures[static_cast<std::size_t>(&p - mark.points.data())]);
    });
    if (gained <= costs) return;
    under(mark, r_.grid, [&](std::size_t i, const MarkPoint&) { laid_[i] = 1; });
    out_.worth += gained - costs;
    out_.marks.push_back(std::move(mark));
  }

  const SheetReading& r_;
  const Filling& how_;
  std::vector<char>& laid_;
  const media::Part& part_;
  int number_;
  double width_, reach_;  // pixels
  std::vector<std::uint32_t> tried_;
  std::uint32_t trial_ = 0;
  float px_mm2_;
  const float* weight_;
  float anyway_ = static_cast<float>(prices().mark.anyway);
  std::vector<std::size_t> touched_;
  Filled out_;
};

}  // namespace

Filled fill(const SheetReading& reading, int part, const Filling& how, std::vector<char>& laid) {
  return Filler(reading, part, how, laid).run();
}

}  // namespace yd::plan
