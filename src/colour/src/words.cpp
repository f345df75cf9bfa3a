// SPDX-License-Identifier: MIT
#include "colour/words.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "colour/ciede2000.h"
#include "colour/profile.h"

namespace yd::colour {
namespace {

struct Border {
  double upto;
  const char* word;
};

// Hue borders in CIELAB degrees, ours: set so that the primaries of the nine-hue wheel artists name fall inside.
constexpr std::array<Border, 14> kHues{{{12, "rose"},
                                        {40, "red"},
                                        {58, "red-orange"},
                                        {72, "orange"},
                                        {85, "yellow-orange"},
                                        {103, "yellow"},
                                        {122, "yellow-green"},
                                        {165, "green"},
                                        {215, "blue-green"},
                                        {255, "sky blue"},
                                        {292, "blue"},
                                        {318, "violet"},
                                        {345, "red-violet"},
                                        {361, "rose"}}};

struct Named {
  const char* name;
  Rgb8 srgb;
};
constexpr auto kNames = std::to_array<Named>({
#include "iscc_nbs.inc"
});

struct Centroids {
  std::array<float, kNames.size()> l, a, b;
};

const Centroids& centroids() {
  static const Centroids all = [] {
    Centroids out{};
    for (std::size_t i = 0; i < kNames.size(); ++i) {
      const Lab lab = from_srgb(kNames[i].srgb);
      out.l[i] = static_cast<float>(lab.l);
      out.a[i] = static_cast<float>(lab.a);
      out.b[i] = static_cast<float>(lab.b);
    }
    return out;
  }();
  return all;
}

template <std::size_t N>
const char* look_up(const std::array<Border, N>& table, double at) {
  for (const Border& b : table) {
    if (at < b.upto) return b.word;
  }
  return table.back().word;
}

}  // namespace

std::string hue_word(const Lab& lab) {
  const Lch lch = to_lch(lab);
  return lch.c < 5 ? "grey" : look_up(kHues, lch.h);
}

std::string describe(const Lab& lab) {
  const Centroids& all = centroids();
  std::array<float, kNames.size()> off{};
  ciede2000_bulk(all.l.data(), all.a.data(), all.b.data(), off.size(), lab, off.data());
  return kNames[static_cast<std::size_t>(std::min_element(off.begin(), off.end()) - off.begin())].name;
}

std::string in_short(const Lab& lab) {
  constexpr double kDark = 35, kLight = 70, kPale = 20;  // L*, L*, chroma; ours
  const std::string full = describe(lab);
  std::string hue = full.substr(full.rfind(' ') + 1);
  if (hue == "black" || hue == "white") return hue;
  if (lab.l < kDark) return "dark " + hue;
  if (lab.l > kLight) return (chroma(lab) < kPale ? "pale " : "light ") + hue;
  return hue;
}

double warmth(const Lab& lab) {
  constexpr double kWarmest = 55.0 * std::numbers::pi / 180.0;
  return lab.a * std::cos(kWarmest) + lab.b * std::sin(kWarmest);
}

Difference difference(const Lab& is, const Lab& wanted) {
  return {ciede2000(is, wanted), value_step(is.l) - value_step(wanted.l), warmth(is) - warmth(wanted),
          chroma(is) - chroma(wanted)};
}

}  // namespace yd::colour
