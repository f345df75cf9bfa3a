// SPDX-License-Identifier: MIT
#include "subject/surface.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>
#include <set>

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
constexpr double kTop = 0.15;       // of the width: of the top border that is a sky's
constexpr double kWide = 0.4;       // of the width: border of a sky with the lighter sky below it
constexpr double kGreenFrom = 100;  // CIELAB hue
constexpr double kGreenTo = 170;
constexpr double kGreenChroma = 12;
constexpr double kLawn = 0.4;      // of the width: of the bottom border that is a lawn's …
constexpr double kLawnLight = 40;  // … and its L*, at least: foliage is darker inside
constexpr double kUpright = 50;    // degrees from level
constexpr double kLevel = 20;
constexpr double kWaterBelow = 0.42;  // of the height: where its centre lies at least
constexpr double kLikeSky = 26;       // CIE 1976

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
        bottom_(share_of_row(labels, labels.height - 1, masses.size())),
        bands_(gradient_neighbours(softened, labels, static_cast<int>(masses.size()))),
        borders_(shared_borders(labels, masses.size())),
        width_(labels.width),
        way_(directions(image, labels, masses.size())) {}

  std::vector<Surface> run() {
    skies();
    for (std::size_t m = 0; m < masses_.size(); ++m) {
      if (out_[m] == Surface::unsaid) out_[m] = on_the_ground(m);
    }
    return out_;
  }

 private:
  bool could_be_sky(std::size_t m) const {
    return masses_[m].plane == Plane::background && masses_[m].mean.l > kSkyLight && rough_[m] < kSmooth;
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

  Surface on_the_ground(std::size_t m) const {
    const colour::Lch lch = colour::to_lch(masses_[m].mean);
    if (lch.c >= kGreenChroma && lch.h > kGreenFrom && lch.h < kGreenTo)
      return is_grass(m) ? Surface::grass : Surface::foliage;
    return could_be_water(m) && is_like_a_sky(m) ? Surface::water : Surface::unsaid;
  }

  bool is_grass(std::size_t m) const {
    const bool blades = way_[m].coherence >= kCoherent && std::abs(way_[m].angle_deg) > kUpright;
    return blades || (bottom_[m] > kLawn && masses_[m].mean.l > kLawnLight);
  }

  bool could_be_water(std::size_t m) const {
    const bool level = way_[m].coherence >= kCoherent && std::abs(way_[m].angle_deg) < kLevel;
    return level && masses_[m].centre_y >= kWaterBelow && masses_[m].plane != Plane::background;
  }

  bool is_like_a_sky(std::size_t m) const {
    for (std::size_t s = 0; s < masses_.size(); ++s) {
      if (out_[s] == Surface::sky && colour::distance_1976(masses_[s].mean, masses_[m].mean) < kLikeSky) return true;
    }
    return false;
  }

  const std::vector<Mass>& masses_;
  std::vector<Surface> out_;
  std::vector<double> rough_;
  std::vector<double> top_;
  std::vector<double> bottom_;
  std::vector<GradientPair> bands_;
  std::vector<double> borders_;
  double width_;
  std::vector<Direction> way_;
};

/// The thing it is, where one can say it; else its colour in a word.
std::string thing(const Mass& m) {
  if (m.surface != Surface::unsaid) return kSurfaceNames[static_cast<std::size_t>(m.surface)];
  const std::string full = colour::describe(m.mean);
  return full.substr(full.rfind(' ') + 1);
}

/// Of three words the one for a share of a way.
const char* third_of(double at, const char* first, const char* middle, const char* last) {
  return at < 0.34 ? first : at > 0.66 ? last : middle;
}

/// Where among its like it lies: by rows, then by columns, as few words as tell them apart; none where nothing does.
std::string place_among(const Mass& m, const std::vector<const Mass*>& like) {
  double top = 1, bottom = 0, left = 1, right = 0;
  for (const Mass* o : like) {
    top = std::min(top, o->centre_y);
    bottom = std::max(bottom, o->centre_y);
    left = std::min(left, o->centre_x);
    right = std::max(right, o->centre_x);
  }
  constexpr double kApart = 0.12;  // of the side, from which a row or column is worth a word
  std::string out;
  if (bottom - top > kApart) {
    out = third_of((m.centre_y - top) / (bottom - top), "upper", "middle", "lower");
  }
  if (right - left > kApart) {
    const char* middle = out.empty() ? "middle" : "";
    const std::string column = third_of((m.centre_x - left) / (right - left), "left", middle, "right");
    if (!column.empty()) out += (out.empty() ? "" : " ") + column;
  }
  return out;
}

std::string in_the_picture(const Mass& m) {
  static constexpr std::array<std::array<const char*, 3>, 3> kPlaces{
      {{"upper left", "top", "upper right"}, {"left", "central", "right"}, {"lower left", "bottom", "lower right"}}};
  const auto third = [](double at) { return at < 0.34 ? 0U : at > 0.66 ? 2U : 1U; };
  return kPlaces[third(m.centre_y)][third(m.centre_x)];
}

/// From short to long.
std::vector<std::string> names_for(const Mass& m, const std::vector<const Mass*>& like) {
  const std::string what = thing(m);
  const std::string full = m.surface == Surface::unsaid ? colour::describe(m.mean) : what;
  std::vector<std::string> out;
  if (like.size() < 2) out.push_back(m.surface == Surface::unsaid ? in_the_picture(m) + " " + what : what);
  // Of two that lie in the same place none is told by it.
  const std::string place = place_among(m, like);
  if (like.size() > 1 && !place.empty()) out.push_back(place + " " + what);
  out.push_back(in_the_picture(m) + " " + what);
  out.push_back(in_the_picture(m) + " " + full);
  out.push_back(in_the_picture(m) + " " + colour::describe(m.mean) + (full == what ? " " + what : ""));
  return out;
}

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
  std::map<std::string, std::vector<const Mass*>> like;
  for (const Mass& m : masses) like[thing(m)].push_back(&m);
  std::set<std::string> taken;
  for (std::size_t m = 0; m < masses.size(); ++m) {
    if (named[m] != 0) taken.insert(masses[m].name);
  }
  for (std::size_t m = 0; m < masses.size(); ++m) {
    if (named[m] != 0) continue;
    Mass& mass = masses[m];
    const std::vector<std::string> names = names_for(mass, like[thing(mass)]);
    const auto fresh = [&](const std::string& n) { return taken.count(n) == 0; };
    const auto found = std::find_if(names.begin(), names.end(), fresh);
    std::string chosen = found == names.end() ? names.back() : *found;
    for (int i = 2; taken.count(chosen) > 0; ++i) chosen = names.back() + " " + std::to_string(i);
    taken.insert(chosen);
    mass.name = std::move(chosen);
  }
}

}  // namespace yd::subject
