// SPDX-License-Identifier: MIT
#include "colour/words.h"

#include <array>
#include <cmath>
#include <numbers>
#include <vector>

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

const std::vector<Lab>& centroids() {
  static const std::vector<Lab> all = [] {
    std::vector<Lab> out;
    out.reserve(kNames.size());
    for (const Named& n : kNames) out.push_back(from_srgb(n.srgb));
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
  const std::vector<Lab>& all = centroids();
  std::size_t best = 0;
  double least = 1e9;
  for (std::size_t i = 0; i < all.size(); ++i) {
    const double d = ciede2000(all[i], lab);
    if (d < least) least = d, best = i;
  }
  return kNames[best].name;
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
