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

/// Of each group of pixels (group_at(x, y), below `groups`) the middle departure from what lies around, of every
/// `step`th.
template <class GroupAt>
std::vector<double> textures(const LabImage& image, const LabelImage& labels, std::size_t groups, double none, int step,
                             const GroupAt& group_at) {
  const cv::Mat l = box(lightness(image), reach_of(kMark, image.width, image.height));
  const int reach = reach_of(kAround, image.width, image.height);
  const cv::Mat around = box(l, reach);
  std::vector<std::vector<float>> departs(groups);
  for (int y = 0; y < image.height; y += step) {
    for (int x = 0; x < image.width; x += step) {
      if (!inside(labels, x, y, reach)) continue;
      departs[group_at(x, y)].push_back(std::abs(l.at<float>(y, x) - around.at<float>(y, x)));
    }
  }
  std::vector<double> out(groups, none);
  for (std::size_t g = 0; g < groups; ++g) {
    if (departs[g].empty()) continue;
    const auto middle = departs[g].begin() + static_cast<std::ptrdiff_t>(departs[g].size() / 2);
    std::nth_element(departs[g].begin(), middle, departs[g].end());
    out[g] = static_cast<double>(*middle);
  }
  return out;
}

/// Of a texture in L*: 1 up to kNone, 0 from kPlain on.
double smooth_of(double texture) {
  constexpr double kNone = 0.3;
  constexpr double kPlain = 0.9;
  return std::clamp((kPlain - texture) / (kPlain - kNone), 0.0, 1.0);
}

}  // namespace

std::vector<double> measure_textures(const LabImage& image, const LabelImage& labels, std::size_t masses) {
  return textures(image, labels, masses, kNoInside, 1, [&](int x, int y) { return labels.at(x, y); });
}

void measure_shade_textures(const LabImage& image, const LabelImage& labels, const Grid<std::uint8_t>& shade,
                            std::vector<Mass>& masses) {
  std::vector<std::size_t> first{0};
  for (const Mass& m : masses) first.push_back(first.back() + m.shades.size());
  const std::vector<double> found = textures(image, labels, first.back(), -1.0, 2,
                                             [&](int x, int y) { return first[labels.at(x, y)] + shade.at(x, y); });
  for (std::size_t m = 0; m < masses.size(); ++m) {
    for (std::size_t s = 0; s < masses[m].shades.size(); ++s) masses[m].shades[s].texture = found[first[m] + s];
  }
}

double smoothness(const Mass& mass) {
  constexpr std::array kEven{Surface::sky, Surface::skin, Surface::metal, Surface::glass};
  constexpr std::array kRough{Surface::fur, Surface::feather, Surface::grass, Surface::foliage, Surface::stone};
  const auto said = [&](const auto& these) {
    return mass.surface_said && std::find(these.begin(), these.end(), mass.surface) != these.end();
  };
  if (said(kEven)) return 1;
  if (said(kRough)) return 0;
  return smooth_of(mass.texture);
}

double smoothness(const Mass& mass, const Shade& shade) {
  const double whole = smoothness(mass);
  return mass.surface_said || shade.texture < 0 ? whole : std::max(whole, smooth_of(shade.texture));
}

}  // namespace yd::subject
