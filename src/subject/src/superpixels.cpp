// SPDX-License-Identifier: MIT
// Zero-parameter superpixels (SLICO): R. Achanta et al., "SLIC superpixels compared to state-of-the-art superpixel
// methods", IEEE TPAMI 34 (2012), sections 3 and 4.5: every cluster scales colour by the largest colour distance it
// has met itself, so that smooth and busy places get pieces of like compactness.
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "subject/regions.h"

namespace yd::subject {
namespace {

constexpr int kRounds = 6;
constexpr double kMostSeeds = 30000;
constexpr float kFirstColourScale2 = 100.0F;  // squared Lab distance taken for the largest before any was met
// One pixel across a strong edge must not teach a cluster to ignore edges: further than this counts as this.
constexpr float kLargestColourScale2 = 400.0F;
constexpr float kSmallestColourScale2 = 1.0F;  // in a flat place
constexpr double kSmallestShare = 0.2;         // pieces below this share of side² join a neighbour

struct Centre {
  std::array<float, 3> lab{};
  float x = 0;
  float y = 0;
  float scale2 = kFirstColourScale2;
};

float colour2(const colour::LabPixel& p, const std::array<float, 3>& q) {
  const float l = p.l - q[0];
  const float a = p.a - q[1];
  const float b = p.b - q[2];
  return l * l + a * a + b * b;
}

float gradient2(const LabImage& image, int x, int y) {
  const colour::LabPixel& left = image.at(std::max(0, x - 1), y);
  const colour::LabPixel& right = image.at(std::min(image.width - 1, x + 1), y);
  const colour::LabPixel& up = image.at(x, std::max(0, y - 1));
  const colour::LabPixel& down = image.at(x, std::min(image.height - 1, y + 1));
  return colour2(left, {right.l, right.a, right.b}) + colour2(up, {down.l, down.a, down.b});
}

/// Seeds on a grid of the wished side, each moved to the calmest pixel of the 3 x 3 around it (off an edge).
std::vector<Centre> seeds(const LabImage& image, int side) {
  std::vector<Centre> out;
  const int columns = std::max(1, image.width / side);
  const int rows = std::max(1, image.height / side);
  for (int j = 0; j < rows; ++j) {
    for (int i = 0; i < columns; ++i) {
      const int x0 = (2 * i + 1) * image.width / (2 * columns);
      const int y0 = (2 * j + 1) * image.height / (2 * rows);
      int x = x0;
      int y = y0;
      for (int v = std::max(0, y0 - 1); v <= std::min(image.height - 1, y0 + 1); ++v) {
        for (int u = std::max(0, x0 - 1); u <= std::min(image.width - 1, x0 + 1); ++u) {
          if (gradient2(image, u, v) < gradient2(image, x, y)) {
            x = u;
            y = v;
          }
        }
      }
      const colour::LabPixel& c = image.at(x, y);
      out.push_back({{c.l, c.a, c.b}, static_cast<float>(x), static_cast<float>(y)});
    }
  }
  return out;
}

/// Gives every pixel within a side of a centre to the centre it is nearest to in colour and place.
void assign(const LabImage& image, const std::vector<Centre>& centres, int side, LabelImage& labels,
            std::vector<float>& nearest) {
  std::fill(nearest.begin(), nearest.end(), std::numeric_limits<float>::max());
  const auto place_scale2 = static_cast<float>(side) * static_cast<float>(side);
  for (std::size_t k = 0; k < centres.size(); ++k) {
    const Centre& c = centres[k];
    const float per_colour = 1 / c.scale2;
    const int x0 = std::max(0, static_cast<int>(c.x) - side);
    const int x1 = std::min(image.width - 1, static_cast<int>(c.x) + side);
    const int y1 = std::min(image.height - 1, static_cast<int>(c.y) + side);
    for (int y = std::max(0, static_cast<int>(c.y) - side); y <= y1; ++y) {
      const float dy = static_cast<float>(y) - c.y;
      for (int x = x0; x <= x1; ++x) {
        const float dx = static_cast<float>(x) - c.x;
        const std::size_t at = image.index(x, y);
        const float d = colour2(image.data[at], c.lab) * per_colour + (dx * dx + dy * dy) / place_scale2;
        if (d < nearest[at]) {
          nearest[at] = d;
          labels.data[at] = static_cast<std::uint16_t>(k);
        }
      }
    }
  }
}

/// Moves every centre to the mean of its pixels and notes the largest colour distance it met in this round.
void update(const LabImage& image, const LabelImage& labels, std::vector<Centre>& centres) {
  struct Sum {
    std::array<double, 5> of{};
    double n = 0;
  };
  std::vector<Sum> sums(centres.size());
  std::vector<float> furthest(centres.size(), kSmallestColourScale2);
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      const std::size_t at = image.index(x, y);
      const colour::LabPixel& p = image.data[at];
      const std::size_t k = labels.data[at];
      furthest[k] = std::max(furthest[k], colour2(p, centres[k].lab));
      Sum& s = sums[k];
      s.of[0] += p.l;
      s.of[1] += p.a;
      s.of[2] += p.b;
      s.of[3] += x;
      s.of[4] += y;
      s.n += 1;
    }
  }
  for (std::size_t k = 0; k < centres.size(); ++k) {
    const Sum& s = sums[k];
    if (s.n == 0) continue;
    Centre& c = centres[k];
    c.scale2 = std::min(furthest[k], kLargestColourScale2);
    for (std::size_t i = 0; i < 3; ++i) c.lab[i] = static_cast<float>(s.of[i] / s.n);
    c.x = static_cast<float>(s.of[3] / s.n);
    c.y = static_cast<float>(s.of[4] / s.n);
  }
}

/// Connected pieces; the smallest ones join the neighbour met just before them in reading order.
Regions without_crumbs(const LabelImage& labels, int side) {
  const Regions cut = connected_pieces(labels);
  std::vector<int> area(static_cast<std::size_t>(cut.count));
  for (const std::uint16_t id : cut.labels.data) ++area[id];
  std::vector<int> to(area.size());
  const double least = kSmallestShare * side * side;
  for (std::size_t at = 0, next = 0; at < cut.labels.size() && next < to.size(); ++at) {
    const std::size_t id = cut.labels.data[at];
    if (id != next) continue;  // pieces are numbered in order of first appearance
    ++next;
    to[id] = static_cast<int>(id);
    if (area[id] >= least) continue;
    const auto width = static_cast<std::size_t>(labels.width);
    // The pixel to the left of a piece's first one, or the one above, belongs to an earlier piece.
    if (at % width > 0) to[id] = to[cut.labels.data[at - 1]];
    if (at % width == 0 && at >= width) to[id] = to[cut.labels.data[at - width]];
  }
  LabelImage joined(labels.width, labels.height);
  for (std::size_t at = 0; at < joined.size(); ++at) {
    joined.data[at] = static_cast<std::uint16_t>(to[cut.labels.data[at]]);
  }
  return connected_pieces(joined);
}

}  // namespace

Regions superpixels(const LabImage& image, int side_px) {
  // Labels have 16 bits: a picture so large that its pieces could not be numbered gets larger ones.
  const auto least = static_cast<int>(std::ceil(std::sqrt(static_cast<double>(image.size()) / kMostSeeds)));
  const int side = std::max({2, side_px, least});
  std::vector<Centre> centres = seeds(image, side);
  LabelImage labels(image.width, image.height);
  std::vector<float> nearest(image.size());
  for (int round = 0; round < kRounds; ++round) {
    assign(image, centres, side, labels, nearest);
    update(image, labels, centres);
  }
  return without_crumbs(labels, side);
}

}  // namespace yd::subject
