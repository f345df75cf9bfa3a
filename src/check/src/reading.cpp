// SPDX-License-Identifier: MIT
#include "check/reading.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "board/painted.h"
#include "colour/ciede2000.h"
#include "parallel/each.h"

namespace yd::check {
namespace {

constexpr double kAway = 0.004;  // of the longer side, from the border of a mass
constexpr double kTargetArea = 0.0004;
constexpr double kAside = 0.003;     // of the longer side, that shades are blurred by: more than placing is off
constexpr double kGlareBlur = 0.03;  // of the longer side: a lamp is broader than a stroke

struct Sum {
  double r = 0, g = 0, b = 0, n = 0;
  void add(const colour::Light& c, double by = 1) { r += by * c.r, g += by * c.g, b += by * c.b, n += by; }
  colour::Lab lab() const {
    return colour::to_lab(
        colour::Light{static_cast<float>(r / n), static_cast<float>(g / n), static_cast<float>(b / n)});
  }
};
struct Both {
  Sum seen, wanted;
  double count = 0;  // pixels
  void add(const colour::Light& s, const colour::Light& w, double by = 1) {
    seen.add(s, by);
    wanted.add(w, by);
    count += 1;
  }
  Compared compared(double pixels) const {
    Compared out{seen.lab(), wanted.lab(), count / pixels, 0};
    out.de00 = colour::ciede2000(out.measured, out.expected);
    return out;
  }
};

/// How far each pixel lies from the next mass, pixels.
cv::Mat depth_in_mass(const subject::LabelImage& labels) {
  cv::Mat inner(labels.height, labels.width, CV_8U, cv::Scalar(255));
  for (int y = 0; y + 1 < labels.height; ++y) {
    for (int x = 0; x + 1 < labels.width; ++x) {
      const auto id = labels.at(x, y);
      if (labels.at(x + 1, y) != id) inner.at<std::uint8_t>(y, x) = inner.at<std::uint8_t>(y, x + 1) = 0;
      if (labels.at(x, y + 1) != id) inner.at<std::uint8_t>(y, x) = inner.at<std::uint8_t>(y + 1, x) = 0;
    }
  }
  cv::Mat out;
  cv::distanceTransform(inner, out, cv::DIST_L2, 3);
  return out;
}

/// For each mass the depth from which its pixels count: away from the border, but never less than half of them.
std::vector<float> depths(const subject::Subject& s, const cv::Mat& depth) {
  std::vector<std::vector<float>> all(s.masses.size());
  for (int y = 0; y < s.labels.height; y += 2) {
    for (int x = 0; x < s.labels.width; x += 2) all[s.labels.at(x, y)].push_back(depth.at<float>(y, x));
  }
  std::vector<float> out(all.size(), 0);
  const auto most = static_cast<float>(kAway * std::max(s.labels.width, s.labels.height));
  for (std::size_t m = 0; m < all.size(); ++m) {
    if (all[m].empty()) continue;
    const auto middle = all[m].begin() + static_cast<std::ptrdiff_t>(all[m].size() / 2);
    std::nth_element(all[m].begin(), middle, all[m].end());
    out[m] = std::min(most, *middle);
  }
  return out;
}

colour::Light light_at(const board::BoardImage& board, int x, int y) {
  const colour::Rgb8& c = board.at(x, y);
  return {colour::light_of_level(c.r), colour::light_of_level(c.g), colour::light_of_level(c.b)};
}

/// How much each pixel says of its own target, 0 to 1: where targets alternate from pixel to pixel the lens mixes them,
/// and each is seen with a share of what lies beside it just there; where a finger blended them it shows a share of
/// each.
cv::Mat purity(const board::BoardMap& map) {
  constexpr int kReach = 2;
  constexpr float kAll = (2 * kReach + 1) * (2 * kReach + 1);
  const auto& target = map.target;
  cv::Mat out(target.height, target.width, CV_32F);
  parallel::each(target.height, [&](int y) {
    for (int x = 0; x < target.width; ++x) {
      int alike = 0;
      for (int v = std::max(0, y - kReach); v <= std::min(target.height - 1, y + kReach); ++v) {
        for (int u = std::max(0, x - kReach); u <= std::min(target.width - 1, x + kReach); ++u)
          alike += target.at(u, v) == target.at(x, y) ? 1 : 0;
      }
      const float share = static_cast<float>(alike) / kAll;
      out.at<float>(y, x) = share * share;
    }
  });
  for (const board::Blended& b : map.blended) {
    const float own = 1 - static_cast<float>(b.all()) / board::Blended::kWhole;
    out.at<float>(static_cast<int>(b.pixel) / target.width, static_cast<int>(b.pixel) % target.width) *= own * own;
  }
  return out;
}

/// The middle one of `values`, or of `others` where there are none.
float median(std::vector<float>& values, std::vector<float>& others) {
  std::vector<float>& all = values.empty() ? others : values;
  if (all.empty()) return 0;
  const auto middle = all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2);
  std::nth_element(all.begin(), middle, all.end());
  return *middle;
}

/// The own difference of what lies alike: that of its pixels among their like. The middle one, not the mean: a shade
/// that was forgotten differs less where its neighbours run into it, and in its heart more than its mean.
std::vector<float> own_differences(const cv::Mat& difference, const cv::Mat& purity, const board::Alike& alike) {
  constexpr float kPure = 0.5;
  std::vector<std::vector<float>> pure(alike.count);
  std::vector<std::vector<float>> mixed(alike.count);
  for (int y = 0; y < difference.rows; ++y) {
    for (int x = 0; x < difference.cols; ++x) {
      auto& of = purity.at<float>(y, x) >= kPure ? pure : mixed;
      of[alike.number.at(x, y)].push_back(difference.at<float>(y, x));
    }
  }
  std::vector<float> out(alike.count);
  for (std::size_t t = 0; t < alike.count; ++t) out[t] = median(pure[t], mixed[t]);
  return out;
}

/// Smooth over a few centimetres, a fifth of a thousand pixels wide.
cv::Mat far_off(const cv::Mat& fine) {
  const double shrink = std::min(1.0, 200.0 / std::max(fine.cols, fine.rows));
  cv::Mat out;
  cv::resize(fine, out, cv::Size(), shrink, shrink, cv::INTER_AREA);
  cv::GaussianBlur(out, out, cv::Size(0, 0), kGlareBlur * std::max(out.cols, out.rows));
  return out;
}

/// How much each pixel says of the light: nothing where little lies as it does there, so that its own difference takes
/// the light's with it.
cv::Mat tells_of_light(const cv::Mat& pure, const board::Alike& alike) {
  constexpr double kSome = 2e-4;  // of the picture
  std::vector<double> area(alike.count, 0);
  for (const std::uint32_t n : alike.number.data) area[n] += 1;
  cv::Mat out = pure.clone();
  for (std::size_t i = 0; i < alike.number.size(); ++i)
    if (area[alike.number.data[i]] < kSome * static_cast<double>(alike.number.size())) out.ptr<float>()[i] = 0;
  return out;
}

/// What is left of the difference once the own one of all that lies alike is taken off, smooth over a few centimetres:
/// a lamp mirrored in the sheet lies over all of it.
void find_glare(Reading& out, const board::Alike& alike, const cv::Mat& pure) {
  const board::BoardImage& board = out.board;
  cv::Mat weight = tells_of_light(pure, alike);
  cv::Mat left(board.height, board.width, CV_32F);
  parallel::each(board.height, [&](int y) {
    for (int x = 0; x < board.width; ++x) left.at<float>(y, x) = out.picture.at(x, y).g - light_at(board, x, y).g;
  });
  // Of speckle a target's middle pixel is not its mean; a little further off it is even.
  cv::GaussianBlur(left, left, {0, 0}, 1);
  cv::minMaxLoc(far_off(left), &out.too_dark, &out.too_light);
  out.too_dark = -out.too_dark;
  const std::vector<float> own = own_differences(left, pure, alike);
  parallel::each(board.height, [&](int y) {
    for (int x = 0; x < board.width; ++x)
      left.at<float>(y, x) = (left.at<float>(y, x) - own[alike.number.at(x, y)]) * weight.at<float>(y, x);
  });
  left = far_off(left);
  weight = far_off(weight);
  constexpr double kTooMixed = 0.05;  // of purity: nothing is said of such a place
  left.setTo(0, weight < kTooMixed);
  cv::divide(left, cv::max(weight, kTooMixed), left);
  cv::Point at;
  double low = 0;
  cv::minMaxLoc(left, &low, &out.glare, nullptr, &at);
  out.glare_u = (at.x + 0.5) / left.cols;
  out.glare_v = (at.y + 0.5) / left.rows;
}

/// The least box round each mass.
std::vector<cv::Rect> boxes(const subject::Subject& s) {
  std::vector<cv::Rect> out(s.masses.size());
  for (int y = 0; y < s.labels.height; ++y) {
    for (int x = 0; x < s.labels.width; ++x) out[s.labels.at(x, y)] |= cv::Rect(x, y, 1, 1);
  }
  return out;
}

/// A mass alone, blurred, as if nothing lay beside it.
class FurtherOff {
 public:
  FurtherOff(const Reading& r, const subject::LabelImage& labels, std::size_t mass, const cv::Rect& box)
      : box_(box), seen_(box.size(), {0, 0, 0}), wanted_(box.size(), {0, 0, 0}), here_(box.size(), 0.0F) {
    for (int y = 0; y < box.height; ++y) {
      for (int x = 0; x < box.width; ++x) {
        if (labels.at(box.x + x, box.y + y) != mass) continue;
        const colour::Light& c = r.picture.at(box.x + x, box.y + y);
        const colour::Light b = light_at(r.board, box.x + x, box.y + y);
        seen_(y, x) = {c.r, c.g, c.b};
        wanted_(y, x) = {b.r, b.g, b.b};
        here_(y, x) = 1;
      }
    }
    const double sigma = kAside * std::max(labels.width, labels.height);
    const auto blur = [&](auto& of) { cv::GaussianBlur(of, of, {0, 0}, sigma, sigma, cv::BORDER_CONSTANT); };
    blur(seen_);
    blur(wanted_);
    blur(here_);
  }
  /// (x, y): a pixel of the mass; `by`: how much it counts.
  void add_to(Both& both, int x, int y, double by) const {
    const cv::Point at(x - box_.x, y - box_.y);
    const float n = here_(at);
    const auto light = [n](const cv::Vec3f& c) { return colour::Light{c[0] / n, c[1] / n, c[2] / n}; };
    both.add(light(seen_(at)), light(wanted_(at)), by);
  }

 private:
  cv::Rect box_;
  cv::Mat_<cv::Vec3f> seen_, wanted_;
  cv::Mat_<float> here_;
};

/// Shade by shade, from a little further off: pixels among their like count most, for there the shade is seen alone.
std::vector<Both> read_shades(const Reading& r, const subject::Subject& s, const board::BoardMap& map,
                              const plan::Plan& plan, const cv::Mat& pure, const cv::Mat& depth,
                              const std::vector<float>& from) {
  std::vector<Both> out(plan.targets.size());
  const std::vector<cv::Rect> all = boxes(s);
  parallel::each(all.size(), [&](std::size_t m) {
    const cv::Rect& box = all[m];
    if (box.empty()) return;
    const FurtherOff mass(r, s.labels, m, box);
    for (int y = box.y; y < box.y + box.height; ++y) {
      for (int x = box.x; x < box.x + box.width; ++x) {
        if (s.labels.at(x, y) != m || depth.at<float>(y, x) < from[m]) continue;
        // Strokes run a little over borders: what lies there belongs to another.
        const std::size_t t = map.target.at(x, y);
        if (plan.targets[t].mass == static_cast<int>(m)) mass.add_to(out[t], x, y, pure.at<float>(y, x));
      }
    }
  });
  return out;
}

std::vector<Compared> compared(const std::vector<Both>& all, double pixels) {
  std::vector<Compared> out;
  out.reserve(all.size());
  for (const Both& b : all) out.push_back(b.count >= kTargetArea * pixels ? b.compared(pixels) : Compared{});
  return out;
}

}  // namespace

subject::Grid<float> value_differences(const Reading& reading, double blur_px) {
  const int w = reading.board.width;
  const int h = reading.board.height;
  cv::Mat seen(h, w, CV_32F);
  cv::Mat wanted(h, w, CV_32F);
  parallel::each(h, [&](int y) {
    for (int x = 0; x < w; ++x) {
      seen.at<float>(y, x) = colour::luminance(reading.picture.at(x, y));
      wanted.at<float>(y, x) = colour::luminance(light_at(reading.board, x, y));
    }
  });
  cv::GaussianBlur(seen, seen, cv::Size(0, 0), blur_px);
  cv::GaussianBlur(wanted, wanted, cv::Size(0, 0), blur_px);
  subject::Grid<float> out(w, h);
  parallel::each(h, [&](int y) {
    const auto step = [](float light) { return colour::value_step(colour::lightness(std::max(0.0F, light))); };
    for (int x = 0; x < w; ++x)
      out.at(x, y) = static_cast<float>(step(seen.at<float>(y, x)) - step(wanted.at<float>(y, x)));
  });
  return out;
}

Reading read_work(LightImage picture, board::BoardImage should, const subject::Subject& subject,
                  const board::BoardMap& map, const plan::Plan& plan) {
  Reading out;
  out.picture = std::move(picture);
  out.board = std::move(should);
  const board::BoardImage& board = out.board;
  const cv::Mat depth = depth_in_mass(subject.labels);
  const std::vector<float> from = depths(subject, depth);
  std::vector<Both> masses(subject.masses.size());
  std::vector<Both> targets(plan.targets.size()), bare(plan.targets.size());
  const board::Alike alike = board::alike(map, plan);
  for (int y = 0; y < board.height; ++y) {
    for (int x = 0; x < board.width; ++x) {
      const std::size_t mass = subject.labels.at(x, y);
      if (depth.at<float>(y, x) < from[mass]) continue;
      const std::size_t t = map.target.at(x, y);
      const colour::Light& seen = out.picture.at(x, y);
      const colour::Light wanted = light_at(board, x, y);
      for (Both* b : {&masses[mass], &targets[t]}) b->add(seen, wanted);
      if (alike.whole.at(x, y) != 0) bare[t].add(seen, wanted);
    }
  }
  const auto pixels = static_cast<double>(board.size());
  // A shade is told by where it lies as its recipe says, if there is enough of that.
  for (std::size_t t = 0; t < targets.size(); ++t) {
    out.alone.push_back(bare[t].count >= kTargetArea * pixels ? 1 : 0);
    if (out.alone[t] != 0) targets[t] = bare[t];
  }
  for (std::size_t m = 0; m < masses.size(); ++m) {
    MassReading r;
    r.mass = static_cast<int>(m);
    if (masses[m].count > 0) r.whole = masses[m].compared(pixels);
    r.whole.area = subject.masses[m].area;
    out.masses.push_back(r);
  }
  out.targets = compared(targets, pixels);
  const cv::Mat pure = purity(map);
  out.shades = compared(read_shades(out, subject, map, plan, pure, depth, from), pixels);
  find_glare(out, alike, pure);
  return out;
}

LightImage put_right(const Photo& photo, const Placement& placement, const LightFix& fix, int width, int height) {
  LightImage out = straightened(photo, placement, width, height);
  parallel::each(height, [&](int y) {
    for (int x = 0; x < width; ++x) out.at(x, y) = fix.at(out.at(x, y), (x + 0.5) / width, (y + 0.5) / height);
  });
  return out;
}

}  // namespace yd::check
