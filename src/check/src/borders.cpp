// SPDX-License-Identifier: MIT
#include "check/borders.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace yd::check {
namespace {

constexpr double kNear = 0.004;  // of the longer side, on either side of a border
constexpr double kFar = 0.014;
constexpr double kLongEnough = 0.04;       // of the longer side
constexpr double kTold = 8;                // CIE 1976 across a border, to be seen to part
constexpr std::size_t kFewestBorders = 5;  // borders to compare with

/// Sums of steps across one border, light as the eye takes it, along the step that should be there.
struct Sums {
  colour::Lab near_seen, far_seen, near_wanted, far_wanted;
  int n = 0;
};
void add(colour::Lab& sum, const colour::Lab& p, const colour::Lab& q) {
  sum.l += q.l - p.l;
  sum.a += q.a - p.a;
  sum.b += q.b - p.b;
}
/// 0 where there is no step at all: two masses that are bare yet.
double along(const colour::Lab& v, const colour::Lab& way) {
  const double length = std::sqrt(way.l * way.l + way.a * way.a + way.b * way.b);
  return length > 0 ? (v.l * way.l + v.a * way.a + v.b * way.b) / length : 0;
}

class Borders {
 public:
  Borders(const Reading& reading, const board::BoardImage& laid, const subject::Subject& subject)
      : r_(reading), laid_(laid), labels_(subject.labels) {
    const int longer = std::max(labels_.width, labels_.height);
    near_ = std::max(1, static_cast<int>(std::lround(kNear * longer)));
    far_ = std::max(near_ + 1, static_cast<int>(std::lround(kFar * longer)));
  }

  std::map<std::pair<int, int>, Sums> all() {
    for (int y = far_; y + far_ < labels_.height; ++y) {
      for (int x = far_; x + far_ < labels_.width; ++x) {
        across(x, y, 1, 0);
        across(x, y, 0, 1);
      }
    }
    return std::move(sums_);
  }

 private:
  /// Where (x, y) and the next pixel belong to two masses, and both go on as far as is compared.
  void across(int x, int y, int dx, int dy) {
    const int p = labels_.at(x, y);
    const int q = labels_.at(x + dx, y + dy);
    if (p == q || labels_.at(x - (far_ - 1) * dx, y - (far_ - 1) * dy) != p ||
        labels_.at(x + far_ * dx, y + far_ * dy) != q)
      return;
    Sums& s = sums_[{std::min(p, q), std::max(p, q)}];
    const int way = p < q ? 1 : -1;
    const auto step = [&](int reach, colour::Lab& seen, colour::Lab& wanted) {
      const int x0 = x - (reach - 1) * dx;
      const int y0 = y - (reach - 1) * dy;
      const int x1 = x + reach * dx;
      const int y1 = y + reach * dy;
      const bool on = way > 0;
      add(seen, lab_seen(on ? x0 : x1, on ? y0 : y1), lab_seen(on ? x1 : x0, on ? y1 : y0));
      add(wanted, lab_wanted(on ? x0 : x1, on ? y0 : y1), lab_wanted(on ? x1 : x0, on ? y1 : y0));
    };
    step(near_, s.near_seen, s.near_wanted);
    step(far_, s.far_seen, s.far_wanted);
    ++s.n;
  }
  colour::Lab lab_seen(int x, int y) const { return colour::to_lab(r_.picture.at(x, y)); }
  colour::Lab lab_wanted(int x, int y) const { return colour::from_srgb(laid_.at(x, y)); }

  const Reading& r_;
  const board::BoardImage& laid_;
  const subject::LabelImage& labels_;
  int near_ = 1;
  int far_ = 2;
  std::map<std::pair<int, int>, Sums> sums_;
};

}  // namespace

std::vector<BorderReading> read_borders(const Reading& reading, const board::BoardImage& laid,
                                        const subject::Subject& subject) {
  const int longer = std::max(subject.labels.width, subject.labels.height);
  std::vector<BorderReading> out;
  for (const auto& [pair, s] : Borders(reading, laid, subject).all()) {
    const double length = static_cast<double>(s.n) / longer;
    if (length < kLongEnough) continue;
    const double far_wanted = along(s.far_wanted, s.far_wanted);
    const double far_seen = along(s.far_seen, s.far_wanted);
    if (far_wanted < kTold * s.n || far_seen < 0.7 * kTold * s.n) continue;
    out.push_back({pair.first, pair.second, length, along(s.near_seen, s.far_wanted) / far_seen,
                   along(s.near_wanted, s.far_wanted) / far_wanted});
  }
  return out;
}

std::vector<double> sharpness(const std::vector<BorderReading>& borders) {
  std::vector<double> out(borders.size(), 1.0);
  if (borders.size() < kFewestBorders) return out;
  for (std::size_t i = 0; i < borders.size(); ++i)
    out[i] = std::max(0.0, borders[i].measured) / std::max(0.05, borders[i].expected);
  std::vector<double> sorted = out;
  const auto middle = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2);
  std::nth_element(sorted.begin(), middle, sorted.end());
  const double usual = std::max(0.05, *middle);
  for (double& s : out) s /= usual;
  return out;
}

}  // namespace yd::check
