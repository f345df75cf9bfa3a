// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>
#include <cmath>

#include "mat_view.h"
#include "subject/masses.h"

namespace yd::subject {
namespace {

constexpr double kMark = 0.0014;  // of the longer side: half a broad mark, 1.1 mm wide on a sheet of 400 mm
constexpr double kAround = 0.01;  // the same: what a mark is seen against, 8 mm wide

/// Whether all that a place is compared with lies in its mass, as far as eight looks about tell.
bool inside(const LabelImage& labels, int x, int y, int reach) {
  const auto own = labels.at(x, y);
  for (int dy = -reach; dy <= reach; dy += reach) {
    for (int dx = -reach; dx <= reach; dx += reach) {
      const int u = std::clamp(x + dx, 0, labels.width - 1);
      const int v = std::clamp(y + dy, 0, labels.height - 1);
      if (labels.at(u, v) != own) return false;
    }
  }
  return true;
}

}  // namespace

std::vector<double> measure_textures(const LabImage& image, const LabelImage& labels, std::size_t masses) {
  const cv::Mat l = box(lightness(image), reach_of(kMark, image.width, image.height));
  const int reach = reach_of(kAround, image.width, image.height);
  const cv::Mat around = box(l, reach);
  std::vector<std::vector<float>> departs(masses);
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      if (!inside(labels, x, y, reach)) continue;
      departs[labels.at(x, y)].push_back(std::abs(l.at<float>(y, x) - around.at<float>(y, x)));
    }
  }
  std::vector<double> out(masses, kNoInside);
  for (std::size_t m = 0; m < masses; ++m) {
    if (departs[m].empty()) continue;
    const auto middle = departs[m].begin() + static_cast<std::ptrdiff_t>(departs[m].size() / 2);
    std::nth_element(departs[m].begin(), middle, departs[m].end());
    out[m] = static_cast<double>(*middle);
  }
  return out;
}

double smoothness(const Mass& mass) {
  constexpr double kNone = 0.3;  // texture, L*
  constexpr double kPlain = 0.9;
  constexpr std::array kEven{Surface::sky, Surface::skin, Surface::metal, Surface::glass};
  constexpr std::array kRough{Surface::fur, Surface::feather, Surface::grass, Surface::foliage, Surface::stone};
  const auto said = [&](const auto& these) {
    return mass.surface_said && std::find(these.begin(), these.end(), mass.surface) != these.end();
  };
  if (said(kEven)) return 1;
  if (said(kRough)) return 0;
  return std::clamp((kPlain - mass.texture) / (kPlain - kNone), 0.0, 1.0);
}

}  // namespace yd::subject
