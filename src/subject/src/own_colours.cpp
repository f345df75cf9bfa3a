// SPDX-License-Identifier: MIT
#include "subject/own_colours.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "colour/profile.h"
#include "parallel/each.h"
#include "subject/squint.h"

namespace yd::subject {
namespace {

using colour::Lab;
using colour::LabPixel;

constexpr auto kMoodNames =
    std::to_array<const char*>({"as seen", "vivid", "quiet", "warm light", "cool light", "led"});
static_assert(kMoodNames.size() == kAllMoods.size());

// The lattice: 17 steps of L*, 33 of a and b from -96 to 96.
constexpr int kLs = 17;
constexpr int kAbs = 33;
constexpr float kAbEnd = 96;
constexpr float kLStep = 100.0F / (kLs - 1);
constexpr float kAbStep = 2 * kAbEnd / (kAbs - 1);
constexpr std::size_t node(int l, int a, int b) {
  constexpr std::size_t kSide = kAbs;
  return (static_cast<std::size_t>(l) * kSide + static_cast<std::size_t>(a)) * kSide + static_cast<std::size_t>(b);
}

constexpr double kTakesAlong = 7;   // how far a colour of the palette takes its neighbours with it, CIE 1976
constexpr double kMoreVivid = 0.9;  // chroma gained at full amount
constexpr double kQuieter = 0.75;   // chroma lost
constexpr double kLightShift = 18;  // CIE 1976 that warm and cool light move a and b
constexpr double kLed = 0.7;        // of the way to the leading colour
constexpr double kLife = 0.5;       // what a mass in another colour keeps of its own variety
constexpr double kReturns = 0.35;   // of the returning colour in the darks
constexpr double kWarmHue = 65;     // degrees
constexpr double kCoolHue = 285;

double rad(double degrees) { return degrees * std::numbers::pi / 180; }

/// Darkest, middle and lightest L* of a palette: tenth, half, nine tenths of its area.
std::array<double, 3> spread_of(std::span<const PaletteColour> colours) {
  std::array<double, 3> out{20, 50, 80};
  double below = 0;
  for (const PaletteColour& c : colours) {
    if (below < 0.1) out[0] = c.lab.l;
    if (below < 0.5) out[1] = c.lab.l;
    if (below < 0.9) out[2] = c.lab.l;
    below += c.share;
  }
  return out;
}

Lab scaled(const Lab& lab, double by) { return {lab.l, lab.a * by, lab.b * by}; }

/// Lights warm and darks cool, or the other way round.
Lab lit(const Lab& lab, const OwnColours& c, const std::array<double, 3>& spread) {
  const double half = std::max(8.0, lab.l > spread[1] ? spread[2] - spread[1] : spread[1] - spread[0]);
  const double t = std::clamp((lab.l - spread[1]) / half, -1.0, 1.0);
  const bool warm = (t > 0) == (c.mood == Mood::warm_light);
  const double hue = rad(warm ? kWarmHue : kCoolHue);
  // Black and white have no room for colour.
  const double by = kLightShift * c.amount * std::abs(t) * std::min({1.0, lab.l / 15, (100 - lab.l) / 8});
  return {lab.l, lab.a + by * std::cos(hue), lab.b + by * std::sin(hue)};
}

/// One colour under a mood at full strength or less.
Lab in_mood(const Lab& lab, const OwnColours& c, const std::array<double, 3>& spread) {
  switch (c.mood) {
    case Mood::as_seen:
      return lab;
    case Mood::vivid:
      return scaled(lab, 1 + kMoreVivid * c.amount);
    case Mood::quiet:
      return scaled(lab, 1 - kQuieter * c.amount);
    case Mood::warm_light:
    case Mood::cool_light:
      return lit(lab, c, spread);
    case Mood::led: {
      const Lab to = in_family(c.leading, lab.l);
      const double by = kLed * c.amount;
      return {lab.l, lab.a + by * (to.a - lab.a), lab.b + by * (to.b - lab.b)};
    }
  }
  return lab;
}

}  // namespace

const char* name(Mood mood) { return kMoodNames[static_cast<std::size_t>(mood)]; }

Result<Mood> mood_by_name(const std::string& wanted) {
  std::string known;
  for (const Mood m : kAllMoods) {
    std::string dashed = name(m);
    std::replace(dashed.begin(), dashed.end(), ' ', '-');
    if (wanted == name(m) || wanted == dashed) return m;
    known.append(known.empty() ? "" : ", ").append(dashed);
  }
  return bad_value("mood", "\"" + wanted + "\" is none of: " + known);
}

Status check(const OwnColours& c) {
  if (!(c.amount >= 0 && c.amount <= 1)) return bad_value("mood", "the amount must be from 0 to 1");
  if (!(c.palette_amount >= 0 && c.palette_amount <= 1)) return bad_value("palette", "the amount must be from 0 to 1");
  if (c.palette.size() > kMostPalette) return bad_value("palette", "holds too many colours");
  for (const PaletteColour& p : c.palette) {
    if (!(p.share > 0)) return bad_value("palette", "a colour has no share");
  }
  return success();
}

Lab held_in_gamut(const Lab& lab) {
  if (colour::in_srgb(lab)) return lab;
  double inside = 0;
  double outside = 1;
  constexpr int kHalvings = 10;
  for (int i = 0; i < kHalvings; ++i) {
    const double by = (inside + outside) / 2;
    (colour::in_srgb(scaled(lab, by)) ? inside : outside) = by;
  }
  return scaled(lab, inside);
}

Lab in_family(const Lab& family, double l) {
  constexpr double kLean = 0.25;  // of the way of the hue, at black and white
  const double own = std::clamp(family.l, 15.0, 85.0);
  const double away = l > own ? (l - own) / (100 - own) : (own - l) / own;
  const colour::Lch lch = colour::to_lch({l, family.a, family.b});
  const double towards = l > own ? 90 : 300;
  double turn = towards - lch.h;
  turn -= 360 * std::round(turn / 360);
  const double hue = lch.h + std::clamp(kLean * away * turn, -25.0, 25.0);
  const double chroma = lch.c * std::sqrt(std::max(0.0, 1 - away));
  return held_in_gamut({l, chroma * std::cos(rad(hue)), chroma * std::sin(rad(hue))});
}

bool without_colour(const LabImage& squinted) {
  std::vector<float> chromas;
  constexpr std::size_t kEvery = 37;
  for (std::size_t i = 0; i < squinted.size(); i += kEvery)
    chromas.push_back(std::hypot(squinted.data[i].a, squinted.data[i].b));
  if (chromas.empty()) return false;
  const auto most = chromas.begin() + static_cast<std::ptrdiff_t>(0.98 * static_cast<double>(chromas.size() - 1));
  std::nth_element(chromas.begin(), most, chromas.end());
  return *most < kGreyChroma;
}

std::span<const Scheme> schemes() {
  // L*, a, b of a middle stick of each family.
  static const std::array<Scheme, 4> all{{
      {"evening",
       {{{{{60, 22, 34}, {62, 14, -18}}}, {{{48, 12, -24}, {50, 26, 22}}}, {{{42, 16, 20}, {40, 4, -20}}}}},
       {45, 22, -26}},
      {"morning",
       {{{{{74, -2, -16}, {78, 6, 22}}}, {{{60, -14, 10}, {62, -8, -12}}}, {{{52, -16, 26}, {54, 10, 28}}}}},
       {58, 6, -22}},
      {"shore",
       {{{{{70, -8, -14}, {74, 4, 10}}}, {{{56, -18, -10}, {58, -12, -20}}}, {{{58, 10, 30}, {50, 14, 20}}}}},
       {44, -6, -24}},
      {"earth",
       {{{{{66, 6, 18}, {64, -2, -8}}}, {{{50, 18, 26}, {52, -6, 18}}}, {{{42, 22, 24}, {40, 8, 14}}}}},
       {40, 14, -12}},
  }};
  return all;
}

std::vector<MassEdit> families_for(std::span<const Mass> masses, std::span<const GradientPair> bands,
                                   const Scheme& scheme) {
  std::vector<std::size_t> leader(masses.size());
  for (std::size_t m = 0; m < leader.size(); ++m) leader[m] = m;
  for (const GradientPair& pair : bands) {
    const std::size_t from = leader[static_cast<std::size_t>(pair.second)];
    const std::size_t to = leader[static_cast<std::size_t>(pair.first)];
    std::replace(leader.begin(), leader.end(), from, to);
  }
  std::vector<std::size_t> order(masses.size());
  for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
  // By value within a plane, so that neighbours in value differ in family.
  std::sort(order.begin(), order.end(),
            [&](std::size_t p, std::size_t q) { return masses[p].value < masses[q].value; });
  std::array<std::size_t, 3> turn{};
  std::vector<std::optional<Lab>> given(masses.size());
  for (const std::size_t m : order) {
    auto& family = given[leader[m]];
    const auto plane = static_cast<std::size_t>(masses[leader[m]].plane);
    if (!family) family = scheme.families[plane][turn[plane]++ % 2];
  }
  std::vector<MassEdit> out(masses.size());
  for (std::size_t m = 0; m < masses.size(); ++m) {
    out[m].kind = MassEdit::Kind::colour;
    out[m].mass = static_cast<int>(m);
    out[m].to_colour = given[leader[m]];
  }
  return out;
}

Recolouring::Recolouring(const OwnColours& colours, std::span<const Mass> masses,
                         std::span<const std::optional<OwnFamily>> families) {
  for (const auto& f : families) {
    families_.push_back(f ? std::optional(line_of(f->lab)) : std::nullopt);
    amounts_.push_back(f ? static_cast<float>(f->amount) : 0);
  }
  if (colours.returning) returning_ = line_of(*colours.returning);
  for (const Mass& m : masses) {
    means_.push_back(m.mean);
    darks_.push_back(static_cast<float>(m.targets.size() > 1 ? m.dark_below : m.mean.l - kFlatRange));
  }
  fill(colours, masses);
}

Recolouring::Line Recolouring::line_of(const Lab& family) {
  Line out;
  for (std::size_t i = 0; i < out.size(); ++i) {
    const Lab at = in_family(family, 100.0 * static_cast<double>(i) / static_cast<double>(out.size() - 1));
    out[i] = {static_cast<float>(at.a), static_cast<float>(at.b)};
  }
  return out;
}

Recolouring::Shift Recolouring::on_line(const Line& line, float l) {
  const auto last = static_cast<float>(line.size() - 1);
  const float place = std::clamp(l / 100 * last, 0.0F, last - 1e-3F);
  const auto below = static_cast<std::size_t>(place);
  const float part = place - static_cast<float>(below);
  const Shift& p = line[below];
  const Shift& q = line[below + 1];
  return {p.a + part * (q.a - p.a), p.b + part * (q.b - p.b)};
}

void Recolouring::fill(const OwnColours& c, std::span<const Mass> masses) {
  lattice_.resize(static_cast<std::size_t>(kLs) * kAbs * kAbs);
  OwnColours whole = c;
  whole.returning.reset();
  if (whole.plain()) return;  // single masses and their darks only: the rest stays to the last digit
  constexpr std::size_t kOwn = 200;
  const std::vector<PaletteColour> own = palette_of(masses, kOwn);
  const std::array<double, 3> spread = spread_of(own);
  const bool borrowed = !c.palette.empty() && c.palette_amount > 0;
  const std::vector<Lab> moved = borrowed ? transported(own, c.palette) : std::vector<Lab>{};
  parallel::each(kLs, [&](int li) {
    for (int ai = 0; ai < kAbs; ++ai) {
      for (int bi = 0; bi < kAbs; ++bi) {
        const Lab was{double{kLStep} * li, double{kAbStep} * ai - kAbEnd, double{kAbStep} * bi - kAbEnd};
        Lab now = was;
        double weights = 1e-30;
        Lab shift{};
        for (std::size_t i = 0; i < moved.size(); ++i) {
          const double d = colour::distance_1976(was, own[i].lab) / kTakesAlong;
          const double w = std::sqrt(own[i].share) / (1e-3 + std::exp(std::min(60.0, d * d / 2)));
          weights += w;
          shift.a += w * (moved[i].a - own[i].lab.a);
          shift.b += w * (moved[i].b - own[i].lab.b);
        }
        now.a += c.palette_amount * shift.a / weights;
        now.b += c.palette_amount * shift.b / weights;
        now = held_in_gamut(in_mood(now, c, spread));
        lattice_[node(li, ai, bi)] = {static_cast<float>(now.a - was.a), static_cast<float>(now.b - was.b)};
      }
    }
  });
}

Recolouring::Shift Recolouring::shift_at(const LabPixel& p) const {
  const auto place = [](float v, int most, int& low, float& part) {
    const float held = std::clamp(v, 0.0F, static_cast<float>(most) - 1.001F);
    low = static_cast<int>(held);
    part = held - static_cast<float>(low);
  };
  int l = 0;
  int a = 0;
  int b = 0;
  float tl = 0;
  float ta = 0;
  float tb = 0;
  place(p.l / kLStep, kLs, l, tl);
  place((p.a + kAbEnd) / kAbStep, kAbs, a, ta);
  place((p.b + kAbEnd) / kAbStep, kAbs, b, tb);
  Shift out;
  for (int corner = 0; corner < 8; ++corner) {
    const int dl = corner & 1;
    const int da = (corner >> 1) & 1;
    const int db = corner >> 2;
    const float w = (dl != 0 ? tl : 1 - tl) * (da != 0 ? ta : 1 - ta) * (db != 0 ? tb : 1 - tb);
    const Shift& s = lattice_[node(l + dl, a + da, b + db)];
    out.a += w * s.a;
    out.b += w * s.b;
  }
  return out;
}

LabPixel Recolouring::at(const LabPixel& p, int mass) const {
  const auto m = static_cast<std::size_t>(mass);
  const Shift s = shift_at(p);
  LabPixel out{p.l, p.a + s.a, p.b + s.b};
  if (families_[m]) {
    const Shift to = on_line(*families_[m], p.l);
    const Lab now = held_in_gamut({p.l, to.a + kLife * (p.a - means_[m].a), to.b + kLife * (p.b - means_[m].b)});
    out.a += amounts_[m] * (static_cast<float>(now.a) - out.a);
    out.b += amounts_[m] * (static_cast<float>(now.b) - out.b);
  }
  if (returning_ && p.l < darks_[m] + kFlatRange) {
    // Fades in over the border of the dark, so that no line shows.
    const double by = kReturns * std::clamp((darks_[m] + kFlatRange - p.l) / (2 * kFlatRange), 0.0, 1.0);
    const Shift to = on_line(*returning_, p.l);
    out.a += static_cast<float>(by * (to.a - out.a));
    out.b += static_cast<float>(by * (to.b - out.b));
  }
  return out;
}

LabImage Recolouring::apply(const LabImage& image, const LabelImage& labels) const {
  LabImage shift(image.width, image.height);
  parallel::each(image.height, [&](int y) {
    for (int x = 0; x < image.width; ++x) {
      const LabPixel& was = image.at(x, y);
      const LabPixel now = at(was, labels.at(x, y));
      shift.at(x, y) = {0, now.a - was.a, now.b - was.b};
    }
  });
  if (std::any_of(families_.begin(), families_.end(), [](const auto& f) { return f.has_value(); }))
    shift = run_together(shift, image);
  for (std::size_t i = 0; i < image.size(); ++i)
    shift.data[i] = {image.data[i].l, image.data[i].a + shift.data[i].a, image.data[i].b + shift.data[i].b};
  return shift;
}

}  // namespace yd::subject
