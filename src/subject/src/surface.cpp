// SPDX-License-Identifier: MIT
#include "subject/surface.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/words.h"
#include "mat_view.h"

namespace yd::subject {
namespace {

constexpr auto kSurfaceNames =
    std::to_array<const char*>({"unsaid", "sky", "water", "reflection", "grass", "fur", "feather", "skin", "cloth",
                                "stone", "foliage", "metal", "glass"});
static_assert(kSurfaceNames.size() == kSurfaces);

constexpr double kSmooth = 1.6;     // mean change of L* from pixel to pixel, up to which a mass is smooth
constexpr double kSkyLight = 40;    // L*
constexpr double kSkyBlue = -4;     // b* below
constexpr double kSkyChroma = 55;   // beyond, no air has it
constexpr double kLeastSky = 0.05;  // of the picture, all of it: a pale board at the top is none
constexpr double kTop = 0.15;       // of the width: of the top border that is a sky's
constexpr double kWide = 0.4;       // of the width: border of a sky with the lighter sky below it

/// Mean size of the step in L* to the next pixel, inside each mass.
std::vector<double> roughness(const LabImage& image, const LabelImage& labels, std::size_t masses) {
  std::vector<double> sum(masses);
  std::vector<double> n(masses, 1e-9);
  for (int y = 0; y + 1 < image.height; ++y) {
    for (int x = 0; x + 1 < image.width; ++x) {
      const auto m = labels.at(x, y);
      if (labels.at(x + 1, y) != m || labels.at(x, y + 1) != m) continue;
      const float l = image.at(x, y).l;
      sum[m] += std::abs(image.at(x + 1, y).l - l) + std::abs(image.at(x, y + 1).l - l);
      n[m] += 2;
    }
  }
  for (std::size_t m = 0; m < masses; ++m) sum[m] /= n[m];
  return sum;
}

std::vector<double> share_of_row(const LabelImage& labels, int y, std::size_t masses) {
  std::vector<double> out(masses);
  for (int x = 0; x < labels.width; ++x) out[labels.at(x, y)] += 1.0 / labels.width;
  return out;
}

class Guesser {
 public:
  Guesser(const LabImage& image, const LabImage& softened, const LabelImage& labels, const std::vector<Mass>& masses)
      : masses_(masses),
        out_(masses.size(), Surface::unsaid),
        rough_(roughness(image, labels, masses.size())),
        top_(share_of_row(labels, 0, masses.size())),
        bands_(gradient_neighbours(softened, labels, static_cast<int>(masses.size()))),
        borders_(shared_borders(labels, masses.size())),
        width_(labels.width) {}

  std::vector<Surface> run() {
    skies();
    double sky = 0;
    for (std::size_t m = 0; m < masses_.size(); ++m) sky += out_[m] == Surface::sky ? masses_[m].area : 0;
    if (sky < kLeastSky) out_.assign(masses_.size(), Surface::unsaid);
    return out_;
  }

 private:
  bool could_be_sky(std::size_t m) const {
    return masses_[m].plane == Plane::background && masses_[m].mean.l > kSkyLight && rough_[m] < kSmooth &&
           colour::chroma(masses_[m].mean) < kSkyChroma;
  }

  /// Blue at the top, or light at the top over what is lighter still, as towards a horizon.
  void skies() {
    for (std::size_t m = 0; m < masses_.size(); ++m) {
      if (could_be_sky(m) && top_[m] > kTop && (masses_[m].mean.b < kSkyBlue || lighter_below(m) >= 0))
        out_[m] = Surface::sky;
    }
    for (bool more = true; more;) {
      more = false;
      for (std::size_t from = 0; from < masses_.size(); ++from) {
        if (out_[from] == Surface::sky) more = spread(from) || more;
      }
    }
  }

  bool spread(std::size_t from) {
    bool any = false;
    for (const auto& [p, q, length] : bands_) {
      const auto i = static_cast<std::size_t>(p);
      const auto j = static_cast<std::size_t>(q);
      if (i == from || j == from) any = take(i == from ? j : i) || any;
    }
    const int below = lighter_below(from);
    return (below >= 0 && take(static_cast<std::size_t>(below))) || any;
  }

  bool take(std::size_t m) {
    if (out_[m] == Surface::sky || !could_be_sky(m)) return false;
    out_[m] = Surface::sky;
    return true;
  }

  /// The mass whose middle lies lower and that it touches most; itself: none.
  std::size_t most_touched_below(std::size_t m) const {
    std::size_t best = m;
    for (std::size_t n = 0; n < masses_.size(); ++n) {
      if (masses_[n].centre_y > masses_[m].centre_y && border(m, n) > (best == m ? 0 : border(m, best))) best = n;
    }
    return best;
  }

  /// The mass below that a wide one touches most, if it is a smooth lighter one in the background; -1: none.
  int lighter_below(std::size_t m) const {
    const std::size_t best = most_touched_below(m);
    const bool wide = best != m && border(m, best) > kWide * width_;
    return wide && could_be_sky(best) && masses_[best].mean.l > masses_[m].mean.l ? static_cast<int>(best) : -1;
  }

  double border(std::size_t m, std::size_t n) const { return borders_[m * masses_.size() + n]; }

  const std::vector<Mass>& masses_;
  std::vector<Surface> out_;
  std::vector<double> rough_;
  std::vector<double> top_;
  std::vector<GradientPair> bands_;
  std::vector<double> borders_;
  double width_;
};

}  // namespace

const char* name(Surface surface) { return kSurfaceNames[static_cast<std::size_t>(surface)]; }

Result<Surface> surface_by_name(const std::string& text) {
  for (std::size_t i = 0; i < kSurfaceNames.size(); ++i) {
    if (text == kSurfaceNames[i]) return static_cast<Surface>(i);
  }
  if (text == "leaf") return Surface::foliage;  // as projects of 1.0 name it
  return bad_value("surface", "\"" + text + "\" is unknown");
}

std::vector<Surface> guess_surfaces(const LabImage& image, const LabImage& softened, const LabelImage& labels,
                                    const std::vector<Mass>& masses) {
  return Guesser(image, softened, labels, masses).run();
}

void name_places(std::vector<Mass>& masses, const std::vector<char>& named) {
  for (std::size_t m = 0; m < masses.size(); ++m) {
    if (named[m] != 0) continue;
    Mass& mass = masses[m];
    mass.name = mass.surface == Surface::unsaid ? colour::in_short(mass.mean) : name(mass.surface);
    mass.name.append(" ").append(std::to_string(m + 1));
  }
}

}  // namespace yd::subject
