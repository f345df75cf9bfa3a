// SPDX-License-Identifier: MIT
#include "reading.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "parallel/each.h"

namespace yd::plan {
namespace {

constexpr double kSeen_mm = 0.7;   // the blur of an eye across the room, as in the figure
constexpr double kForm_mm = 3;     // over which the way of the form is read
constexpr double kSlant_deg = 52;  // of a right hand, anticlockwise from level
constexpr float kFaint = 1.5F;     // squared L* a pixel, below which the form says nothing

cv::Mat as_matrix(const subject::LabImage& image) {
  return {image.height, image.width, CV_32FC3, const_cast<colour::LabPixel*>(image.data.data())};
}

cv::Mat scaled(const subject::LabImage& image, const SheetGrid& grid) {
  cv::Mat out;
  cv::resize(as_matrix(image), out, cv::Size(grid.width, grid.height), 0, 0, cv::INTER_AREA);
  return out;
}

/// How marks of a mass run where its form says nothing, degrees anticlockwise from level; and whether always.
struct Habit {
  double angle_deg = kSlant_deg;
  bool always = false;
};
Habit habit_of(const subject::Mass& mass) {
  constexpr double kSky_deg = 8;
  const bool level = mass.surface == subject::Surface::water || mass.surface == subject::Surface::reflection;
  if (level && mass.surface_said) return {0, true};  // a guess must not turn a dune into a pond
  return mass.surface == subject::Surface::sky ? Habit{kSky_deg, false} : Habit{};
}

/// Along the form by the structure tensor (J. Bigun, G. H. Granlund, ICCV 1987), doubled angles averaged.
cv::Mat ways(const subject::Subject& subject, const SheetReading& r, std::span<const TargetPlan> targets) {
  cv::Mat l, gx, gy;
  cv::extractChannel(scaled(subject.softened, r.grid), l, 0);
  cv::GaussianBlur(l, l, cv::Size(0, 0), 0.5 * r.grid.px_per_mm);
  cv::Sobel(l, gx, CV_32F, 1, 0);
  cv::Sobel(l, gy, CV_32F, 0, 1);
  cv::Mat xx = gx.mul(gx), yy = gy.mul(gy), xy = gx.mul(gy);
  for (cv::Mat* m : {&xx, &yy, &xy}) cv::GaussianBlur(*m, *m, cv::Size(0, 0), kForm_mm * r.grid.px_per_mm / 2);
  cv::Mat out(r.grid.height, r.grid.width, CV_32FC2);
  parallel::each(r.grid.height, [&](int y) {
    for (int x = 0; x < r.grid.width; ++x) {
      const Habit habit =
          habit_of(subject.masses[static_cast<std::size_t>(targets[static_cast<std::size_t>(r.target.at(x, y))].mass)]);
      const double a = -2 * habit.angle_deg * std::numbers::pi / 180;
      cv::Vec2f v(static_cast<float>(std::cos(a)), static_cast<float>(std::sin(a)));
      if (!habit.always) {
        const float d = xx.at<float>(y, x) - yy.at<float>(y, x);
        const float o = 2 * xy.at<float>(y, x);
        const float power = xx.at<float>(y, x) + yy.at<float>(y, x) + kFaint;
        const cv::Vec2f form(-d / power, -o / power);
        v = form * 1.5F + v * (1 - std::min(1.0F, std::hypot(form[0], form[1])));
      }
      out.at<cv::Vec2f>(y, x) = v;
    }
  });
  cv::GaussianBlur(out, out, cv::Size(0, 0), r.grid.px_per_mm);
  parallel::each(r.grid.height, [&](int y) {
    for (int x = 0; x < r.grid.width; ++x) {
      auto& v = out.at<cv::Vec2f>(y, x);
      const float angle = 0.5F * std::atan2(v[1], v[0]);
      v = {std::cos(angle), std::sin(angle)};
    }
  });
  return out;
}

float off(const colour::Din99o& p, const cv::Vec3f& q) {
  return std::sqrt(colour::distance_squared(p, {q[0], q[1], q[2]}));
}

}  // namespace

SheetReading read_sheet(const subject::Subject& subject, std::span<const TargetPlan> targets, const SheetGrid& grid) {
  SheetReading r;
  r.grid = grid;
  r.target = {grid.width, grid.height, 0};
  r.towards = {grid.width, grid.height, -1};
  r.share = {grid.width, grid.height, 0.0F};
  r.weight = cv::Mat(grid.height, grid.width, CV_32F, cv::Scalar(1));
  const std::vector<std::size_t> first = first_targets(targets, subject.masses.size());
  r.wanted = scaled(subject.image, grid);
  const int w = subject.labels.width, h = subject.labels.height;
  parallel::each(grid.height, [&](int y) {
    const int v = std::min(h - 1, static_cast<int>((y + 0.5) * h / grid.height));
    for (int x = 0; x < grid.width; ++x) {
      const int u = std::min(w - 1, static_cast<int>((x + 0.5) * w / grid.width));
      const std::size_t t = first[subject.labels.at(u, v)] + subject.shade.at(u, v);
      r.target.at(x, y) = static_cast<std::int16_t>(t);
      // What the fit of values moved is wanted where it was moved to.
      r.wanted.at<cv::Vec3f>(y, x)[0] += static_cast<float>(targets[t].target.l - targets[t].seen.l);
      r.weight.at<float>(y, x) = static_cast<float>(targets[t].times);
    }
  });
  cv::GaussianBlur(r.wanted, r.wanted, cv::Size(0, 0), std::max(0.1, kSeen_mm * grid.px_per_mm));
  parallel::each(grid.height, [&](int y) {
    for (int x = 0; x < grid.width; ++x) {
      auto& c = r.wanted.at<cv::Vec3f>(y, x);
      const colour::Din99o d = colour::to_din99o({c[0], c[1], c[2]});
      c = {d.l, d.a, d.b};
    }
  });
  r.along = ways(subject, r, targets);
  return r;
}

namespace {

using Targets = subject::Grid<std::int16_t>;

/// Shades at one breadth: of each pixel that whose differences over a square so wide are least, among those of the mass
/// that most of the square belongs to.
class Broad {
 public:
  Broad(const SheetReading& r, std::span<const TargetPlan> targets, std::span<const ShadeMade> made)
      : r_(r), targets_(targets), made_(made) {}

  Targets at(double width_mm) const {
    const int side = std::max(1, static_cast<int>(std::lround(width_mm * 0.75 * r_.grid.px_per_mm)) | 1);
    if (side < 3) return r_.target;
    const cv::Mat mass = masses_at(side);
    Targets out = r_.target;
    std::size_t masses = 0;
    for (const TargetPlan& t : targets_) masses = std::max(masses, static_cast<std::size_t>(t.mass) + 1);
    parallel::each(masses, [&](std::size_t m) { shades_at(static_cast<int>(m), side, mass, out); });
    return out;
  }

 private:
  /// The mass that most of a square belongs to.
  cv::Mat masses_at(int side) const {
    const int w = r_.grid.width, h = r_.grid.height;
    cv::Mat own(h, w, CV_16S), best(h, w, CV_32F, cv::Scalar(0)), out(h, w, CV_16S);
    int masses = 0;
    for (int y = 0; y < h; ++y) {
      for (int x = 0; x < w; ++x) {
        const int m = targets_[static_cast<std::size_t>(r_.target.at(x, y))].mass;
        own.at<short>(y, x) = static_cast<short>(m);
        masses = std::max(masses, m + 1);
      }
    }
    own.copyTo(out);
    for (int m = 0; m < masses; ++m) {
      cv::Mat in, share;
      cv::compare(own, m, in, cv::CMP_EQ);
      const cv::Rect box = around(in, side);
      if (box.empty()) continue;
      in(box).convertTo(share, CV_32F, 1.0 / 255);
      cv::blur(share, share, cv::Size(side, side));
      cv::Mat best_here = best(box), out_here = out(box);
      cv::Mat more;
      cv::compare(share, best_here, more, cv::CMP_GT);
      share.copyTo(best_here, more);
      out_here.setTo(m, more);
    }
    return out;
  }

  static cv::Rect around(const cv::Mat& in, int by) {
    const cv::Rect box = cv::boundingRect(in);
    if (box.empty()) return box;
    return cv::Rect(box.x - by, box.y - by, box.width + 2 * by, box.height + 2 * by) & cv::Rect(0, 0, in.cols, in.rows);
  }

  void shades_at(int mass, int side, const cv::Mat& mass_at, Targets& out) const {
    cv::Mat in;
    cv::compare(mass_at, mass, in, cv::CMP_EQ);
    const cv::Rect box = around(in, side);
    if (box.empty()) return;
    cv::Mat best(box.size(), CV_32F, cv::Scalar(1e9));
    for (std::size_t t = 0; t < targets_.size(); ++t) {
      if (targets_[t].mass != mass) continue;
      cv::Mat d(box.size(), CV_32F);
      for (int y = 0; y < box.height; ++y) {
        const auto* wanted = r_.wanted.ptr<cv::Vec3f>(box.y + y) + box.x;
        auto* to = d.ptr<float>(y);
        for (int x = 0; x < box.width; ++x) to[x] = off(made_[t].seen, wanted[x]);
      }
      // What belongs to another mass is none of this one's business.
      cv::Mat own;
      in(box).convertTo(own, CV_32F, 1.0 / 255);
      d = d.mul(own);
      cv::blur(d, d, cv::Size(side, side));
      for (int y = 0; y < box.height; ++y) {
        for (int x = 0; x < box.width; ++x) {
          if (in.at<std::uint8_t>(box.y + y, box.x + x) == 0 || d.at<float>(y, x) >= best.at<float>(y, x)) continue;
          best.at<float>(y, x) = d.at<float>(y, x);
          out.at(box.x + x, box.y + y) = static_cast<std::int16_t>(t);
        }
      }
    }
  }

  const SheetReading& r_;
  std::span<const TargetPlan> targets_;
  std::span<const ShadeMade> made_;
};

/// Connected places of one shade that differ from what is there are taken over where they are worth their marks.
void take_finer(Targets& now, const Targets& finer, const SheetReading& r, std::span<const ShadeMade> made,
                double width_mm, double price) {
  constexpr double kSet_s = 0.8, kSpeed_mm_s = 80;  // of a mark about as wide as these places
  constexpr double kLongest = 8;                    // widths of a mark
  subject::Grid<std::uint8_t> seen(now.width, now.height, 0);
  std::vector<std::size_t> place;
  const auto w = static_cast<std::size_t>(now.width);
  const auto* wanted = r.wanted.ptr<cv::Vec3f>();
  const auto* weight = r.weight.ptr<float>();
  for (std::size_t i = 0; i < now.size(); ++i) {
    if (seen.data[i] != 0 || now.data[i] == finer.data[i]) continue;
    const std::int16_t shade = finer.data[i];
    place.assign(1, i);
    seen.data[i] = 1;
    double gain = 0;
    for (std::size_t k = 0; k < place.size(); ++k) {
      const std::size_t p = place[k];
      gain += weight[p] * (off(made[static_cast<std::size_t>(now.data[p])].seen, wanted[p]) -
                           off(made[static_cast<std::size_t>(shade)].seen, wanted[p]));
      const auto visit = [&](std::size_t q) {
        if (seen.data[q] != 0 || finer.data[q] != shade || now.data[q] == shade) return;
        seen.data[q] = 1;
        place.push_back(q);
      };
      if (p % w > 0) visit(p - 1);
      if (p % w + 1 < w) visit(p + 1);
      if (p >= w) visit(p - w);
      if (p + w < now.size()) visit(p + w);
    }
    const ShadeMade& how = made[static_cast<std::size_t>(shade)];
    const double area = static_cast<double>(place.size()) * r.px_mm2();
    const double length = area / width_mm;
    const double marks = std::ceil(length / (kLongest * width_mm));
    const double seconds = how.strokes * (marks * kSet_s + length / kSpeed_mm_s);
    const bool narrow = how.narrowest_mm > 1.4 * width_mm;
    if (narrow || gain * r.px_mm2() <= price * seconds) continue;
    for (const std::size_t p : place) now.data[p] = shade;
  }
}

/// Which other shade of its mass a place lies towards, and how far.
void note_between(SheetReading& r, std::span<const ShadeMade> made) {
  constexpr double kCalm_mm = 3;
  cv::Mat calm;
  cv::blur(r.wanted, calm, cv::Size(1, 1) * (static_cast<int>(std::lround(kCalm_mm * r.grid.px_per_mm)) | 1));
  parallel::each(r.grid.height, [&](int y) {
    for (int x = 0; x < r.grid.width; ++x) {
      const ShadeMade& own = made[static_cast<std::size_t>(r.target.at(x, y))];
      const auto& c = calm.at<cv::Vec3f>(y, x);
      float least = off(own.seen, c);
      for (const Graded& g : own.graded) {
        const float d = off(g.seen, c);
        if (d >= least) continue;
        least = d;
        r.towards.at(x, y) = static_cast<std::int16_t>(g.towards);
        r.share.at(x, y) = g.share;
      }
    }
  });
}

}  // namespace

void broaden(SheetReading& r, std::span<const TargetPlan> targets, std::span<const ShadeMade> made, double price) {
  constexpr std::array<double, 6> kBreadths_mm{20, 9, 5, 3, 1.5, 0.9};
  const Broad broad(r, targets, made);
  Targets now = broad.at(kBreadths_mm.front());
  for (std::size_t b = 1; b < kBreadths_mm.size(); ++b)
    take_finer(now, broad.at(kBreadths_mm[b]), r, made, kBreadths_mm[b], price);
  r.target = std::move(now);
  note_between(r, made);
}

}  // namespace yd::plan
