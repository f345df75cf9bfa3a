// SPDX-License-Identifier: MIT
#include "check/usable.h"

#include <algorithm>
#include <cmath>

namespace yd::check {
namespace {

constexpr double kStillPaper = 0.3;
constexpr float kTopLight = 0.985F;

double longer_side(const Placement& p) {
  const Quad c = p.corners();
  return std::max({distance(c[0], c[1]), distance(c[3], c[2]), distance(c[0], c[3]), distance(c[1], c[2])});
}

/// Share of the picture, by a grid of places, that is at the top of a channel in the file.
double clipped(const Photo& photo, const Placement& picture) {
  constexpr int kGrid = 80;
  int top = 0;
  for (int y = 0; y < kGrid; ++y) {
    for (int x = 0; x < kGrid; ++x) {
      const Point p = picture.at((x + 0.5) / kGrid, (y + 0.5) / kGrid);
      const int u = std::clamp(static_cast<int>(p.x), 0, photo.image.width - 1);
      const int v = std::clamp(static_cast<int>(p.y), 0, photo.image.height - 1);
      const colour::Light& c = photo.image.at(u, v);
      top += std::max({c.r, c.g, c.b}) >= kTopLight ? 1 : 0;
    }
  }
  return static_cast<double>(top) / (kGrid * kGrid);
}

}  // namespace

const char* name(Trouble trouble) {
  constexpr std::array names{"too-small",    "blurred", "too-light",       "too-dark", "glare",
                             "no-reference", "uneven",  "another-picture", "shadow"};
  return names[static_cast<std::size_t>(trouble)];
}

namespace {

std::vector<Trouble> troubles_of(const LightFix& fix) {
  // Bare paper it is, but a lamp lies on it; what is no paper scatters more.
  if (fix.by == Reference::none) return {fix.scatter < kStillPaper ? Trouble::glare : Trouble::no_reference};
  std::vector<Trouble> out;
  if (std::exp(fix.surface[3]) < kDimPaper) out.push_back(Trouble::too_dark);
  if (fix.uneven > kMostUneven) out.push_back(Trouble::uneven);
  return out;
}

}  // namespace

std::vector<Trouble> troubles_of(const Photo& photo, const Located& located, const LightFix& fix) {
  std::vector<Trouble> out;
  const double side = longer_side(located.picture);
  if (located.likeness < kLikeness) out.push_back(Trouble::another_picture);
  if (side * photo.scale < kLeastSide_px) out.push_back(Trouble::too_small);
  if (located.blur_px > kMostBlur * side) out.push_back(Trouble::blurred);
  if (clipped(photo, located.picture) > kMostClipped) out.push_back(Trouble::too_light);
  const std::vector<Trouble> light = troubles_of(fix);
  out.insert(out.end(), light.begin(), light.end());
  return out;
}

std::vector<Trouble> troubles_of(const Reading& reading, bool sheet_seen, double likeness) {
  std::vector<Trouble> out;
  // Where a shadow covers most of a target, the rest of it looks as if light lay there.
  const bool shaded = reading.too_dark > reading.too_light;
  if (reading.glare > kMostGlare) out.push_back(shaded ? Trouble::shadow : Trouble::glare);
  if (!out.empty() && likeness < kDoubtful) out.insert(out.begin(), Trouble::another_picture);
  std::vector<double> off;
  for (const MassReading& m : reading.masses) off.push_back(m.whole.de00);
  std::nth_element(off.begin(), off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2), off.end());
  if (!sheet_seen && off[off.size() / 2] > kStrange) out = {Trouble::no_reference};
  return out;
}

}  // namespace yd::check
