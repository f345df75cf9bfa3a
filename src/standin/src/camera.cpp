// SPDX-License-Identifier: MIT
#include "standin/camera.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "board/strip.h"
#include "colour/light.h"
#include "parallel/each.h"
#include "printed/marks.h"
#include "support/random.h"
#include "support/ranges.h"

namespace yd::standin {
namespace {

constexpr double kFocal = 1.4;       // of the lens, in longer sides of the frame
constexpr float kCardLight = 0.85F;  // of white paper
constexpr double kDegree = std::numbers::pi / 180;

/// Places on the sheet, as shares of its longer side from its middle, seen through a pinhole into the frame: turned,
/// tilted, rolled, then so far away that the sheet fills its share.
class Lens {
 public:
  Lens(const Camera& c, double sheet_width, double sheet_height)
      : camera_(c), bend_(4 * c.barrel / (c.width * c.width + c.height * c.height)), away_(1) {
    // Twice: what is tilted takes less of the frame than what is flat.
    for (int i = 0; i < 2; ++i) {
      double reach = 0;
      for (const double x : {-0.5, 0.5}) {
        for (const double y : {-0.5, 0.5}) {
          const cv::Point2d p = pinhole(x * sheet_width, y * sheet_height);
          reach = std::max({reach, std::abs(p.x) / (0.5 * c.width), std::abs(p.y) / (0.5 * c.height)});
        }
      }
      away_ *= reach / c.fill;
    }
  }

  /// Pixels of the frame.
  cv::Point2d project(double x, double y) const {
    const cv::Point2d p = pinhole(x, y);
    const cv::Point2d bent = bend(p);
    return {bent.x + 0.5 * camera_.width, bent.y + 0.5 * camera_.height};
  }

  /// How much further out a bent pixel, whose distance from the frame's middle has this square, was before the lens
  /// bent it.
  double straightened(double distance2) const {
    double s = 1;
    for (int i = 0; i < 8; ++i) s = 1 - bend_ * distance2 / (s * s);
    return 1 / s;
  }

 private:
  cv::Point2d bend(const cv::Point2d& p) const { return p * (1 - bend_ * (p.x * p.x + p.y * p.y)); }

  cv::Point2d pinhole(double x, double y) const {
    const double ct = std::cos(camera_.tilt_deg * kDegree);
    const double st = std::sin(camera_.tilt_deg * kDegree);
    const double cu = std::cos(camera_.turn_deg * kDegree);
    const double su = std::sin(camera_.turn_deg * kDegree);
    const double cr = std::cos(camera_.roll_deg * kDegree);
    const double sr = std::sin(camera_.roll_deg * kDegree);
    const double u = cu * x;
    const double depth = su * x;
    const double v = ct * y - st * depth;
    const double z = away_ + st * y + ct * depth;
    const double focal = kFocal * std::max(camera_.width, camera_.height);
    const cv::Point2d flat(focal * u / z, focal * v / z);
    return {cr * flat.x - sr * flat.y, sr * flat.x + cr * flat.y};
  }

  Camera camera_;
  double bend_;  ///< for each square of a pixel's distance from the middle
  double away_;
};

cv::Scalar scalar(const colour::Lab& lab) {
  const colour::Light c = colour::to_light(lab);
  return {c.r, c.g, c.b};
}

/// The card of a mark beside it: what is bare of it, and its greys.
void lay_greys(cv::Mat& sheet, int corner, cv::Point mark, int side) {
  for (const printed::Grey& g : printed::card_greys(corner)) {
    // A little paper round each, which joins them.
    const auto laid = [&](double round, double light) {
      const cv::Rect2d box(mark.x + side * (g.box.left - round), mark.y + side * (g.box.top - round),
                           side * (g.box.width + 2 * round), side * (g.box.height + 2 * round));
      sheet(cv::Rect(box) & cv::Rect({0, 0}, sheet.size())).setTo(cv::Scalar::all(kCardLight * light));
    };
    laid(0.06, 1);
    laid(0, g.light);
  }
}

/// Printed marks on white paper, touching the picture's corners from outside.
void lay_marks(cv::Mat& sheet, int margin, int width, int height) {
  const int side = std::max(printed::kMarkCells, margin * 4 / 5);
  const cv::Point at[] = {{margin - side, margin - side},
                          {margin + width, margin - side},
                          {margin + width, margin + height},
                          {margin - side, margin + height}};
  for (int corner = 0; corner < 4; ++corner) {
    lay_greys(sheet, corner, at[corner], side);
    const std::vector<bool> cells = printed::cells_of(printed::corner_mark(corner));
    for (int y = 0; y < side; ++y) {
      for (int x = 0; x < side; ++x) {
        const int cell = y * printed::kMarkCells / side * printed::kMarkCells + x * printed::kMarkCells / side;
        const cv::Point p(at[corner].x + x, at[corner].y + y);
        if (cv::Rect({0, 0}, sheet.size()).contains(p))
          sheet.at<cv::Vec3f>(p) = cv::Vec3f::all(cells[static_cast<std::size_t>(cell)] ? 0.03F : kCardLight);
      }
    }
  }
}

/// The board on its sheet, in linear light.
cv::Mat on_its_sheet(const Scene& board, const Sheet& sheet, int margin) {
  cv::Mat out(board.height + 2 * margin, board.width + 2 * margin, CV_32FC3, scalar(sheet.paper));
  for (int y = 0; y < board.height; ++y) {
    auto* row = out.ptr<cv::Vec3f>(y + margin) + margin;
    for (int x = 0; x < board.width; ++x) {
      const colour::Light& c = board.at(x, y);
      row[x] = {c.r, c.g, c.b};
    }
  }
  const int n = static_cast<int>(sheet.strip.size());
  const double share = static_cast<double>(margin) / std::max(board.width, board.height);
  for (int i = 0; i < n; ++i) {
    const board::PatchPlace at = board::patch_place(i, n, share, static_cast<double>(board.width) / board.height);
    const cv::Rect patch(cv::Point2d(margin + at.left * board.width, margin + at.top * board.height),
                         cv::Point2d(margin + at.right * board.width, margin + at.bottom * board.height));
    out(patch & cv::Rect({0, 0}, out.size())).setTo(scalar(sheet.strip[static_cast<std::size_t>(i)]));
  }
  if (sheet.marks) lay_marks(out, margin, board.width, board.height);
  return out;
}

/// The sheet as it falls into the frame. It is made as small as it will be seen first, so that grain is averaged.
cv::Mat through_the_lens(cv::Mat sheet, const Lens& lens, const Camera& c, double wide, double high) {
  const double longer = std::max(sheet.cols, sheet.rows);
  const double seen = cv::norm(lens.project(wide / 2, high / 2) - lens.project(-wide / 2, -high / 2));
  const double shrink = std::min(1.0, 1.2 * seen / (longer * std::hypot(wide, high)));
  if (shrink < 1) cv::resize(sheet, sheet, cv::Size(), shrink, shrink, cv::INTER_AREA);
  std::array<cv::Point2f, 4> from{};
  std::array<cv::Point2f, 4> to{};
  const std::array<std::array<double, 2>, 4> corner{{{-0.5, -0.5}, {0.5, -0.5}, {0.5, 0.5}, {-0.5, 0.5}}};
  const cv::Point2d middle(0.5 * c.width, 0.5 * c.height);
  for (std::size_t i = 0; i < 4; ++i) {
    from[i] = {static_cast<float>((corner[i][0] + 0.5) * sheet.cols - 0.5),
               static_cast<float>((corner[i][1] + 0.5) * sheet.rows - 0.5)};
    const cv::Point2d p = lens.project(corner[i][0] * wide, corner[i][1] * high) - middle;
    to[i] = p * lens.straightened(p.dot(p));
  }
  const cv::Matx33d into_sheet = cv::getPerspectiveTransform(to.data(), from.data());
  const double* m = into_sheet.val;
  cv::Mat map(c.height, c.width, CV_32FC2);
  parallel::each(c.height, [&](int y) {
    auto* row = map.ptr<float>(y);
    for (int x = 0; x < c.width; ++x) {
      const double u = x + 0.5 - middle.x;
      const double v = y + 0.5 - middle.y;
      const double by = lens.straightened(u * u + v * v);
      const double depth = m[6] * by * u + m[7] * by * v + m[8];
      row[2 * x] = static_cast<float>((m[0] * by * u + m[1] * by * v + m[2]) / depth);
      row[2 * x + 1] = static_cast<float>((m[3] * by * u + m[4] * by * v + m[5]) / depth);
    }
  });
  cv::Mat out;
  cv::remap(sheet, out, map, cv::noArray(), cv::INTER_LINEAR, cv::BORDER_CONSTANT, cv::Scalar::all(c.table));
  return out;
}

/// A bell, near enough, of variance 1.
double bell(Random& random) {
  return (random.uniform() + random.uniform() + random.uniform() + random.uniform() - 2) * std::sqrt(3.0);
}

/// Light, glare and noise on every pixel, then the camera's own curve and eight bits.
board::BoardImage exposed(const cv::Mat& light, const Camera& c) {
  board::BoardImage out(c.width, c.height);
  const std::array<double, 3> gain{1 + c.warmth, 1, 1 - c.warmth};
  const double exposure = std::exp2(c.stops);
  const double bx = std::cos(c.falloff_deg * kDegree);
  const double by = -std::sin(c.falloff_deg * kDegree);
  Random place(c.seed);
  const double lamp_x = place.uniform(0.35, 0.65);
  const double lamp_y = place.uniform(0.3, 0.5);
  parallel::each(c.height, [&](int y) {
    Random random(c.seed + static_cast<std::uint64_t>(y + 1) * 0x9E37ULL);
    const auto* row = light.ptr<cv::Vec3f>(y);
    for (int x = 0; x < c.width; ++x) {
      const double u = (x + 0.5) / c.width;
      const double v = (y + 0.5) / c.height;
      const double across = std::clamp(0.5 + bx * (u - 0.5) + by * (v - 0.5), 0.0, 1.0);
      const double lit = 1 - c.falloff * (1 - across);
      const double away = std::hypot(u - lamp_x, v - lamp_y) / 0.18;
      const double glare = c.glare * std::exp(-0.5 * away * away);
      std::array<std::uint8_t, 3> code{};
      for (int k = 0; k < 3; ++k) {
        const auto at = static_cast<std::size_t>(k);
        double w = exposure * gain[at] * (row[x][k] * lit + glare);
        w = std::clamp(w + c.noise * bell(random), 0.0, 1.0);
        // An S through black, middle grey and white.
        code[at] = colour::level_of_light(w + c.curve * w * (1 - w) * (w - 0.18));
      }
      out.at(x, y) = {code[0], code[1], code[2]};
    }
  });
  return out;
}

}  // namespace

Status check(const Camera& c) {
  const char* size = "must be from 64 to 8000 pixels";
  const char* angle = "must be from -40 to 40 degrees";
  const char* other = "blur, noise, glare, table or curve is out of range";
  return check_ranges({
      {"size", 1.0 * c.width, 64, 8000, size},
      {"size", 1.0 * c.height, 64, 8000, size},
      {"margin", c.margin, 0, 0.5, "must be from 0 to 0.5"},
      {"fill", c.fill, 0.1, 1, "must be from 0.1 to 1"},
      {"tilt", c.tilt_deg, -40, 40, angle},
      {"tilt", c.turn_deg, -40, 40, angle},
      {"barrel", c.barrel, -0.2, 0.2, "must be from -0.2 to 0.2"},
      {"warmth", c.warmth, -0.4, 0.4, "must be from -0.4 to 0.4"},
      {"falloff", c.falloff, 0, 0.8, "must be from 0 to 0.8"},
      {"stops", c.stops, -4, 4, "must be from -4 to 4"},
      {"camera", c.blur_px, 0, 50, other},
      {"camera", c.noise, 0, 0.5, other},
      {"camera", c.glare, 0, 2, other},
      {"camera", c.table, 0, 1, other},
      {"camera", c.curve, 0, 1, other},
  });
}

Camera handheld(std::uint64_t seed) {
  Random random(seed * 2 + 1);
  Camera c;
  c.seed = seed;
  c.fill = random.uniform(0.7, 0.92);
  c.tilt_deg = random.uniform(-12, 12);
  c.turn_deg = random.uniform(-12, 12);
  c.roll_deg = random.uniform(-6, 6);
  c.barrel = random.uniform(0, 0.03);
  c.warmth = random.uniform(-0.15, 0.2);
  c.falloff = random.uniform(0.05, 0.35);
  c.falloff_deg = random.uniform(0, 360);
  c.stops = random.uniform(-0.5, 0.2);
  c.curve = random.uniform(0, 0.25);
  c.blur_px = random.uniform(0.3, 1.2);
  c.noise = random.uniform(0.002, 0.008);
  c.table = random.uniform() < 0.7 ? random.uniform(0.03, 0.2) : random.uniform(0.65, 0.9);
  return c;
}

Scene scene_of(const board::BoardImage& board) {
  Scene out(board.width, board.height);
  std::transform(board.data.begin(), board.data.end(), out.data.begin(), [](const colour::Rgb8& c) {
    return colour::Light{colour::light_of_level(c.r), colour::light_of_level(c.g), colour::light_of_level(c.b)};
  });
  return out;
}

Result<Photograph> photograph(const board::BoardImage& board, const Sheet& sheet, const Camera& camera) {
  return photograph(scene_of(board), sheet, camera);
}

Result<Photograph> photograph(const Scene& board, const Sheet& sheet, const Camera& camera) {
  const Status usable = check(camera);
  if (!usable) return usable.error();
  if (board.size() == 0) return bad_value("board", "is empty");
  const int longer = std::max(board.width, board.height);
  const int margin = static_cast<int>(std::lround(camera.margin * longer));
  const double all = longer + 2 * margin;
  const double wide = (board.width + 2 * margin) / all;
  const double high = (board.height + 2 * margin) / all;
  const Lens lens(camera, wide, high);
  cv::Mat light = through_the_lens(on_its_sheet(board, sheet, margin), lens, camera, wide, high);
  if (camera.blur_px > 0.1) cv::GaussianBlur(light, light, cv::Size(0, 0), camera.blur_px);
  Photograph out;
  out.image = exposed(light, camera);
  const std::array<std::array<double, 2>, 4> corner{{{-0.5, -0.5}, {0.5, -0.5}, {0.5, 0.5}, {-0.5, 0.5}}};
  for (std::size_t i = 0; i < 4; ++i) {
    const cv::Point2d outer = lens.project(corner[i][0] * wide, corner[i][1] * high);
    const cv::Point2d inner = lens.project(corner[i][0] * board.width / all, corner[i][1] * board.height / all);
    out.sheet[i] = {outer.x, outer.y};
    out.picture[i] = {inner.x, inner.y};
  }
  return out;
}

}  // namespace yd::standin
