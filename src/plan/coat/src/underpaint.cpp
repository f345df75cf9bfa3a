// SPDX-License-Identifier: MIT
#include "coat/underpaint.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "colour/smoothest.h"
#include "optics/look.h"
#include "optics/pile.h"

namespace yd::plan {
namespace {

using media::Wetness;
using optics::WashKind;

constexpr auto kMediaNames =
    std::to_array<const char*>({"dry pastel, rubbed", "hard pastel with alcohol", "hard pastel with water",
                                "watercolour", "gouache", "thin acrylic", "thin oil", "ink", "charcoal"});
static_assert(kMediaNames.size() == kCoatMedia);
constexpr auto kColourNames = std::to_array<const char*>({"complement", "shadow-cool", "warm-glow", "local", "tonal"});
static_assert(kColourNames.size() == kCoatColours);

constexpr auto kFacts = std::to_array<CoatFacts>({{Wetness::none, false, false, 0, 0},
                                                  {Wetness::little, false, true, 6, 6},
                                                  {Wetness::full, false, false, 25, 8},
                                                  {Wetness::wash, true, false, 15, 4},
                                                  {Wetness::full, false, false, 25, 6},
                                                  {Wetness::full, false, false, 20, 5},
                                                  {Wetness::full, false, true, 2880, 2880},
                                                  {Wetness::wash, true, false, 15, 4},
                                                  {Wetness::none, false, true, 15, 15}});
static_assert(kFacts.size() == kCoatMedia);

constexpr double kWashLoad = 0.5;     // a thin coat
constexpr double kAcrylicLoad = 0.7;  // stands up more
constexpr double kInkBelow = 38;      // ink goes on the darkest shapes only
constexpr double kLikeColour = 9;     // CIE 1976 distance under which two masses share a coat anyway

std::array<double, 2> polar(double chroma, double hue_deg) {
  const double h = hue_deg * std::numbers::pi / 180;
  return {chroma * std::cos(h), chroma * std::sin(h)};
}

colour::Lab of(double l, double chroma, double hue_deg) {
  const auto [a, b] = polar(chroma, hue_deg);
  return {std::clamp(l, 12.0, 93.0), a, b};
}

/// The nearest stick of the first of these media that the collection has; -1 for none.
int nearest_stick(std::span<const media::Stick> sticks, std::initializer_list<optics::Medium> media,
                  const colour::Lab& wanted) {
  for (const optics::Medium m : media) {
    int best = -1;
    double least = 1e9;
    for (std::size_t i = 0; i < sticks.size(); ++i) {
      if (sticks[i].medium != m || !media::at_hand(sticks[i])) continue;
      const double d = colour::ciede2000(sticks[i].lab, wanted);
      if (d < least) {
        least = d;
        best = static_cast<int>(i);
      }
    }
    if (best >= 0) return best;
  }
  return -1;
}

/// The medium's stick, -1 where it is paint, -2 where the collection has none.
int stick_for(const CoatChoice& how, bool strong, std::span<const media::Stick> sticks, const colour::Lab& wanted) {
  using optics::Medium;
  int stick = -1;
  switch (how.medium) {
    case CoatMedium::dry_rubbed:
      stick = nearest_stick(sticks, {Medium::pan, Medium::hard}, wanted);
      break;
    case CoatMedium::alcohol:
    case CoatMedium::water:
      stick = nearest_stick(sticks, {Medium::hard}, wanted);
      break;
    case CoatMedium::charcoal:
      stick = nearest_stick(sticks, {Medium::charcoal, Medium::hard, Medium::pan}, {strong ? 10.0 : 35.0, 0, 0});
      break;
    case CoatMedium::watercolour:
    case CoatMedium::gouache:
    case CoatMedium::acrylic:
    case CoatMedium::oil:
    case CoatMedium::ink:
      return -1;
  }
  return stick < 0 ? -2 : stick;
}

WashKind wash_of(CoatMedium m) {
  switch (m) {
    case CoatMedium::alcohol:
      return WashKind::brushed_alcohol;
    case CoatMedium::water:
      return WashKind::brushed_water;
    case CoatMedium::watercolour:
      return WashKind::transparent;
    case CoatMedium::ink:
      return WashKind::ink;
    case CoatMedium::dry_rubbed:
    case CoatMedium::gouache:
    case CoatMedium::acrylic:
    case CoatMedium::oil:
    case CoatMedium::charcoal:
      break;
  }
  return WashKind::opaque;
}

/// Lays the coat on a fresh sheet.
class CoatLayer {
 public:
  CoatLayer(const media::Paper& paper, std::span<const media::Stick> sticks, const optics::Parameters& parameters)
      : paper_(paper), sticks_(sticks), parameters_(parameters) {}

  void lay(Coat& coat) const {
    const std::array<optics::Pigment, 1> pigments{pigment(coat)};
    const optics::Pile dry = pile(coat, false);
    coat.dry = optics::look(optics::shade(dry, pigments)).lab;
    coat.wet = optics::look(optics::shade(pile(coat, true), pigments)).lab;
    coat.tooth_used = 1 - dry.tooth_left();
    coat.ground = optics::settle(dry, pigments);
  }

 private:
  optics::Pigment pigment(const Coat& coat) const {
    if (coat.stick >= 0) return media::pigment_of(sticks_[static_cast<std::size_t>(coat.stick)], parameters_);
    const colour::Spectrum r = colour::nearest_reflectance(coat.wanted);
    return facts(coat.how.medium).transparent ? optics::transparent_pigment(r)
                                              : optics::opaque_pigment(r, parameters_.of(WashKind::opaque).scatter);
  }

  /// The blackest charcoal is rubbed in and laid again, or it is no darker than the weaker one.
  bool strong(const Coat& coat) const {
    constexpr double kStrong = 25;  // L* of a stick
    return coat.stick >= 0 && sticks_[static_cast<std::size_t>(coat.stick)].lab.l < kStrong;
  }

  optics::Pile pile(const Coat& coat, bool wet) const {
    optics::Pile p(paper_.ground, parameters_);
    const auto medium = coat.stick >= 0 ? sticks_[static_cast<std::size_t>(coat.stick)].medium : optics::Medium::pan;
    switch (coat.how.medium) {
      case CoatMedium::dry_rubbed:
        p.stroke(0, medium, coat.pressure);
        p.rub();
        break;
      case CoatMedium::charcoal:
        p.stroke(0, medium, coat.pressure);
        if (strong(coat)) {
          p.rub();
          p.stroke(0, medium, coat.pressure);
        }
        p.fix();
        break;
      case CoatMedium::alcohol:
      case CoatMedium::water:
        p.stroke(0, medium, coat.pressure);
        p.wash(0, wash_of(coat.how.medium), 0.02, wet);  // the brush carries next to nothing itself
        break;
      case CoatMedium::acrylic:
        p.wash(0, WashKind::opaque, kAcrylicLoad, wet);
        break;
      case CoatMedium::watercolour:
      case CoatMedium::ink:
        p.wash(0, wash_of(coat.how.medium), 1.0, wet);  // one unit over white gives the paint's own colour
        break;
      case CoatMedium::gouache:
      case CoatMedium::oil:
        p.wash(0, WashKind::opaque, kWashLoad, wet);
    }
    return p;
  }

  const media::Paper& paper_;
  std::span<const media::Stick> sticks_;
  const optics::Parameters& parameters_;
};

/// A coat in the making: wanted colours, weighted by area.
struct Cluster {
  CoatChoice how;
  colour::Lab sum;
  double area = 0;
  double pressure = 0;
  bool strong = false;  ///< of charcoal, the blacker one
  std::vector<int> masses;
  colour::Lab mean() const { return {sum.l / area, sum.a / area, sum.b / area}; }
};

/// How charcoal goes on a mass: light and firm with the weaker one, the darkest with the stronger; nothing where the
/// mass is as light as the sheet. `share`: of the way from the sheet's value to the darkest mass.
struct Tone {
  double pressure = 0;
  bool strong = false;
};
Tone tone_of(double share) {
  if (share < 0.12) return {};
  if (share < 0.45) return {0.55, false};
  if (share < 0.78) return {1.0, false};
  return {1.0, true};
}

std::vector<Cluster> gather(const UnderpaintOptions& options, std::span<const subject::Mass> masses,
                            const media::Paper& paper) {
  std::vector<Cluster> out;
  double darkest = paper.lab.l;
  for (const subject::Mass& m : masses) darkest = std::min(darkest, m.mean.l);
  for (const subject::Mass& m : masses) {
    const auto how = choice_for(options, m);
    if (!how || (how->medium == CoatMedium::ink && m.mean.l > kInkBelow)) continue;
    Cluster c;
    c.how = *how;
    c.pressure = 0.6;
    if (how->medium == CoatMedium::charcoal) {
      const Tone tone = tone_of((paper.lab.l - m.mean.l) / std::max(1.0, paper.lab.l - darkest));
      c.pressure = tone.pressure;
      c.strong = tone.strong;
    }
    if (c.pressure <= 0) continue;
    const colour::Lab wanted = coat_colour(how->colours, m.mean);
    c.area = std::max(m.area, 1e-6);
    c.sum = {wanted.l * c.area, wanted.a * c.area, wanted.b * c.area};
    c.masses = {m.id};
    out.push_back(std::move(c));
  }
  return out;
}

std::size_t count_of(const std::vector<Cluster>& clusters, const CoatChoice& how) {
  return static_cast<std::size_t>(
      std::count_if(clusters.begin(), clusters.end(), [&](const Cluster& c) { return c.how == how; }));
}

/// Joins the two most alike until every choice has few enough coats.
void draw_together(std::vector<Cluster>& clusters) {
  for (;;) {
    double least = 1e18;
    std::size_t p = 0;
    std::size_t q = 0;
    for (std::size_t i = 0; i < clusters.size(); ++i) {
      for (std::size_t j = i + 1; j < clusters.size(); ++j) {
        if (!(clusters[i].how == clusters[j].how) || clusters[i].pressure != clusters[j].pressure ||
            clusters[i].strong != clusters[j].strong)
          continue;
        const double apart = clusters[i].how.medium == CoatMedium::charcoal
                                 ? 0
                                 : colour::distance_1976(clusters[i].mean(), clusters[j].mean());
        if (apart > kLikeColour && count_of(clusters, clusters[i].how) <= kMostCoats) continue;
        const double cost = apart * std::sqrt(std::min(clusters[i].area, clusters[j].area));
        if (cost < least) {
          least = cost;
          p = i;
          q = j;
        }
      }
    }
    if (least > 1e17) return;
    Cluster& into = clusters[p];
    const Cluster& from = clusters[q];
    into.sum = {into.sum.l + from.sum.l, into.sum.a + from.sum.a, into.sum.b + from.sum.b};
    into.area += from.area;
    into.masses.insert(into.masses.end(), from.masses.begin(), from.masses.end());
    clusters.erase(clusters.begin() + static_cast<std::ptrdiff_t>(q));
  }
}

template <std::size_t N>
int index_of(const std::array<const char*, N>& names, const std::string& text) {
  for (std::size_t i = 0; i < N; ++i) {
    if (text == names[i]) return static_cast<int>(i);
  }
  return -1;
}

}  // namespace

const char* name(CoatMedium medium) { return kMediaNames[static_cast<std::size_t>(medium)]; }
const char* name(CoatColours colours) { return kColourNames[static_cast<std::size_t>(colours)]; }

Result<CoatMedium> coat_medium_by_name(const std::string& text) {
  const int i = index_of(kMediaNames, text);
  if (i < 0) return bad_value("underpainting", "medium \"" + text + "\" is unknown");
  return static_cast<CoatMedium>(i);
}

Result<CoatColours> coat_colours_by_name(const std::string& text) {
  const int i = index_of(kColourNames, text);
  if (i < 0) return bad_value("underpainting", "colours \"" + text + "\" are unknown");
  return static_cast<CoatColours>(i);
}

const CoatFacts& facts(CoatMedium medium) { return kFacts[static_cast<std::size_t>(medium)]; }

std::optional<CoatChoice> choice_for(const UnderpaintOptions& options, const subject::Mass& mass) {
  for (const auto where : {CoatException::Where::mass, CoatException::Where::plane}) {
    const int which = where == CoatException::Where::mass ? mass.id : static_cast<int>(mass.plane);
    for (const CoatException& e : options.exceptions) {
      if (e.where == where && e.which == which) return e.choice;
    }
  }
  return options.picture;
}

double painters_complement(double hue_deg) {
  constexpr std::array<std::array<double, 2>, 7> wheel{
      {{30, 150}, {60, 265}, {95, 315}, {150, 390}, {265, 420}, {315, 455}, {390, 510}}};
  const double hue = hue_deg < wheel.front()[0] ? hue_deg + 360 : hue_deg;
  for (std::size_t i = 1; i < wheel.size(); ++i) {
    const auto& p = wheel[i - 1];
    const auto& q = wheel[i];
    if (hue <= q[0]) return p[1] + (q[1] - p[1]) * (hue - p[0]) / (q[0] - p[0]);
  }
  return hue_deg + 180;
}

bool complements(const colour::Lab& p, const colour::Lab& q, double within_deg) {
  return colour::hue_apart_deg(painters_complement(colour::to_lch(p).h), colour::to_lch(q).h) <= within_deg;
}

bool bears(const media::Paper& paper, CoatMedium medium) { return paper.wet >= facts(medium).needs; }

colour::Lab coat_colour(CoatColours colours, const colour::Lab& mean) {
  const colour::Lch c = colour::to_lch(mean);
  switch (colours) {
    case CoatColours::complement:
      return of(mean.l - 4, std::clamp(0.7 * c.c, 10.0, 40.0), painters_complement(c.h));
    case CoatColours::shadow_cool:
      return of(mean.l > 65 ? mean.l - 4 : mean.l - 8, mean.l > 65 ? 12 : 24, mean.l > 65 ? 265 : 295);
    case CoatColours::warm_glow:
      return of(mean.l, mean.l > 50 ? 38 : 32, mean.l > 50 ? 72 : 42);
    case CoatColours::local:
      return of(mean.l - 12.5, c.c, c.h);
    case CoatColours::tonal:
      return of(mean.l - 2, 8, 62);
  }
  return mean;
}

void lay(Coat& coat, const media::Paper& paper, std::span<const media::Stick> sticks,
         const optics::Parameters& parameters) {
  CoatLayer(paper, sticks, parameters).lay(coat);
}

Result<std::vector<Coat>> make_coats(const UnderpaintOptions& options, std::span<const subject::Mass> masses,
                                     const media::Paper& paper, std::span<const media::Stick> sticks,
                                     const optics::Parameters& parameters) {
  std::vector<Cluster> clusters = gather(options, masses, paper);
  draw_together(clusters);
  const CoatLayer layer(paper, sticks, parameters);
  std::vector<Coat> out;
  for (Cluster& c : clusters) {
    if (!bears(paper, c.how.medium))
      return bad_value("underpainting",
                       paper.name + " does not bear " + name(c.how.medium) + "; choose another medium or paper");
    Coat coat;
    coat.how = c.how;
    coat.wanted = c.mean();
    coat.pressure = c.pressure;
    coat.stick = stick_for(c.how, c.strong, sticks, coat.wanted);
    if (coat.stick == -2)
      return bad_value("underpainting", std::string("the collection has no stick for ") + name(c.how.medium));
    std::sort(c.masses.begin(), c.masses.end());
    coat.masses = std::move(c.masses);
    layer.lay(coat);
    out.push_back(std::move(coat));
  }
  return out;
}

}  // namespace yd::plan
