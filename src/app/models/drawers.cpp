// SPDX-License-Identifier: MIT
#include "models/drawers.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "colour/words.h"
#include "exports/pass_words.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

/// Families by CIE 1976 hue angle, as painters sort a box: the upper end of each, degrees.
struct Family {
  const char* name;
  double to_deg;
};
constexpr std::array<Family, 8> kFamilies{{{QT_TR_NOOP("Reds"), 42},
                                           {QT_TR_NOOP("Oranges"), 68},
                                           {QT_TR_NOOP("Yellows"), 100},
                                           {QT_TR_NOOP("Greens"), 165},
                                           {QT_TR_NOOP("Blue greens"), 225},
                                           {QT_TR_NOOP("Blues"), 290},
                                           {QT_TR_NOOP("Violets"), 335},
                                           {QT_TR_NOOP("Pinks and carmines"), 360}}};
constexpr std::size_t kBrowns = kFamilies.size();
constexpr std::size_t kGreys = kBrowns + 1;

std::size_t family_of(const colour::Lab& lab) {
  constexpr double kGrey = 7;
  const double chroma = colour::chroma(lab);
  if (chroma < kGrey) return kGreys;
  double hue = std::atan2(lab.b, lab.a) * 180 / 3.14159265358979;
  if (hue < 0) hue += 360;
  // An orange or a yellow that is dull or dark is a brown.
  if (hue > 30 && hue < 95 && (chroma < 38 || lab.l < 48)) return kBrowns;
  const auto at = std::find_if(kFamilies.begin(), kFamilies.end(), [&](const Family& f) { return hue < f.to_deg; });
  return at == kFamilies.end() ? 0 : static_cast<std::size_t>(at - kFamilies.begin());
}

QString family_name(std::size_t family) {
  if (family == kBrowns) return tr("Browns and earths");
  return family == kGreys ? tr("Greys, black, white") : tr(kFamilies[family].name);
}

bool finds(const media::Stick& s, const QString& words, const QString& search) {
  if (search.isEmpty()) return true;
  QString all = words::stick_name(s) + " " + words;
  for (const std::string& p : s.pigments) all += " " + QString::fromStdString(p);
  const QStringList wanted = search.split(' ', Qt::SkipEmptyParts);
  return std::all_of(wanted.begin(), wanted.end(),
                     [&](const QString& w) { return all.contains(w, Qt::CaseInsensitive); });
}

}  // namespace

std::vector<Drawer> drawers_of(const media::Collection& collection, const QString& search) {
  std::vector<Drawer> out(kGreys + 1);
  for (std::size_t i = 0; i < out.size(); ++i) out[i].name = family_name(i);
  for (std::size_t i = 0; i < collection.sticks.size(); ++i) {
    const media::Stick& s = collection.sticks[i];
    const QString colour = words::colour_name(s.lab);
    DrawerStick d;
    d.stick = static_cast<int>(i);
    d.name = words::stick_name(s);
    d.words = tr("%1: %2, %3, value %4")
                  .arg(d.name, exports::medium_name(s.medium), colour)
                  .arg(words::number(colour::value_step(s.lab.l), 1));
    if (!s.owned) d.words += tr(", not owned");
    if (s.left < 1) d.words += tr(", %1 % left").arg(qRound(100 * s.left));
    d.colour = to_colour(s.lab);
    d.medium = s.medium;
    d.left = s.left;
    d.owned = s.owned;
    d.favourite = s.favourite;
    d.found = finds(s, colour, search);
    out[family_of(s.lab)].sticks.push_back(std::move(d));
  }
  const auto lightness = [&](const DrawerStick& d) {
    return collection.sticks[static_cast<std::size_t>(d.stick)].lab.l;
  };
  for (Drawer& d : out) {
    std::stable_sort(d.sticks.begin(), d.sticks.end(),
                     [&](const DrawerStick& p, const DrawerStick& q) { return lightness(p) < lightness(q); });
  }
  std::erase_if(out, [](const Drawer& d) { return d.sticks.empty(); });
  return out;
}

}  // namespace yd::app
