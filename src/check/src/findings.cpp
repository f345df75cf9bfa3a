// SPDX-License-Identifier: MIT
#include "check/findings.h"

#include <algorithm>
#include <cmath>

#include "check/borders.h"
#include "colour/ciede2000.h"
#include "colour/words.h"
#include "shades_off.h"

namespace yd::check {
namespace {

constexpr double kTold_l = 3;  // a quarter of a step: told at a glance
constexpr double kTold_warmth = 4;
constexpr double kRest = 0.2;          // share of a mass that must be right, for the others to be spoken of alone
constexpr std::size_t kMostParts = 2;  // of one mass
constexpr double kAlike = 5;           // CIEDE2000 between masses that are a pair
constexpr double kAlikeArea = 1.8;     // larger to smaller
constexpr double kFocal = 2;

/// The first of value, temperature and chroma that an eye would name, and how much.
void name_it(Fault& fault) {
  const colour::Lab& is = fault.colours.measured;
  const colour::Lab& wanted = fault.colours.expected;
  const double warmth = colour::warmth(is) - colour::warmth(wanted);
  const double chroma = colour::chroma(is) - colour::chroma(wanted);
  const double hue = colour::distance_1976({0, is.a, is.b}, {0, wanted.a, wanted.b});
  if (std::abs(is.l - wanted.l) >= kTold_l || std::abs(is.l - wanted.l) > 0.8 * hue) {
    fault.off = Off::value;
    fault.amount = colour::value_step(is.l) - colour::value_step(wanted.l);
  } else if (std::abs(warmth) >= kTold_warmth || std::abs(warmth) >= std::abs(chroma)) {
    fault.off = Off::temperature;
    fault.amount = warmth;
  } else {
    fault.off = Off::chroma;
    fault.amount = chroma;
  }
}

/// One of `colours`, of the size `area` of the picture.
Fault fault_of(const subject::Mass& mass, int place, const Compared& colours, double spread, double area) {
  Fault out;
  out.mass = place;
  out.colours = colours;
  out.spread_de00 = spread;
  out.weight = std::sqrt(area) * (colours.de00 - spread) * (mass.focal ? kFocal : 1);
  name_it(out);
  return out;
}

/// The whole mass, unless some shades of it alone are off.
std::vector<Fault> faults_of(const MassReading& r, const Reading& reading, const subject::Mass& mass,
                             const plan::Plan& plan, const HandSpread& spread) {
  std::vector<Shades> groups = shades_off(reading, plan, r.mass, spread);
  groups.resize(std::min(groups.size(), kMostParts));
  const double own = spread.masses[static_cast<std::size_t>(r.mass)];
  if (r.whole.de00 - own > kFault) {
    const Shades rest = rest_of(reading, plan, r.mass, groups, spread);
    double all = rest.colours.area;
    for (const Shades& g : groups) all += g.colours.area;
    const bool right = rest.colours.de00 - own <= kFault && rest.colours.area > kRest * all;
    if (groups.empty() || !right) return {fault_of(mass, r.mass, r.whole, own, mass.area)};
  }
  std::vector<Fault> out;
  for (Shades& g : groups) {
    out.push_back(fault_of(mass, r.mass, g.colours, g.spread_de00, g.colours.area));
    out.back().targets = std::move(g.targets);
  }
  return out;
}

/// Says where the shades of faults lie.
void place_them(std::vector<Fault>& faults, const subject::Subject& s, const plan::Plan& plan) {
  const plan::TargetMap map = plan::map_targets(s, plan, board::kPictureSide_mm);
  for (Fault& f : faults) {
    if (!f.targets.empty()) f.part = plan::part_of(plan, map, f.mass, f.targets);
  }
}

bool could_be_a_pair(const subject::Mass& a, const subject::Mass& b) {
  const double ratio = a.area / b.area;
  return a.plane == b.plane && ratio <= kAlikeArea && ratio >= 1 / kAlikeArea;
}

/// Two masses that are to be of one colour and are not: paired features, or one thing seen twice.
std::optional<Fault> pair_fault(const Reading& reading, const subject::Subject& s, std::span<const double> spread,
                                std::size_t p, std::size_t q) {
  const Compared& a = reading.masses[p].whole;
  const Compared& b = reading.masses[q].whole;
  if (!could_be_a_pair(s.masses[p], s.masses[q])) return {};
  const double wanted = colour::ciede2000(a.expected, b.expected);
  const double is = colour::ciede2000(a.measured, b.measured);
  Fault f;
  f.spread_de00 = std::hypot(spread[p], spread[q]);
  if (wanted > kAlike || is - wanted < kFault + f.spread_de00) return {};
  // The one that is further from what it should be is the one to mend.
  const bool first = a.de00 >= b.de00;
  f.off = Off::pair;
  f.mass = static_cast<int>(first ? p : q);
  f.rival = static_cast<int>(first ? q : p);
  f.colours = first ? a : b;
  f.amount = is;
  f.weight = std::sqrt(std::min(s.masses[p].area, s.masses[q].area)) * (is - wanted - f.spread_de00);
  return f;
}

std::vector<Fault> pairs_of(const Reading& reading, const subject::Subject& s, std::span<const double> spread) {
  std::vector<Fault> out;
  for (std::size_t p = 0; p < reading.masses.size(); ++p) {
    for (std::size_t q = p + 1; q < reading.masses.size(); ++q) {
      if (auto f = pair_fault(reading, s, spread, p, q)) out.push_back(std::move(*f));
    }
  }
  return out;
}

/// Smudged, or cut where it was to be lost.
bool is_off(const BorderReading& b, double sharp) {
  const bool soft = sharp < kSoft && b.expected > kLost;
  const bool hard = sharp > kHard && b.expected < kMeantSoft && sharp * b.expected > kMeantSoft;
  return soft || hard;
}

/// A border that is off, named by the mass in front.
Fault edge_fault(const Reading& reading, const subject::Subject& s, const BorderReading& b, double sharp) {
  constexpr double kEdgeWeight = 2;  // edges come after colours, all else alike
  const subject::Mass& p = s.masses[static_cast<std::size_t>(b.mass)];
  const subject::Mass& q = s.masses[static_cast<std::size_t>(b.rival)];
  const bool first = p.plane >= q.plane;
  Fault f;
  f.off = Off::edge;
  f.mass = first ? b.mass : b.rival;
  f.rival = first ? b.rival : b.mass;
  f.colours = reading.masses[static_cast<std::size_t>(f.mass)].whole;
  f.amount = sharp;
  f.weight = kEdgeWeight * std::sqrt(0.1 * b.length) * std::abs(std::log(std::max(0.1, sharp))) *
             (p.focal || q.focal ? kFocal : 1);
  return f;
}
std::vector<Fault> edges_of(const Reading& reading, const board::BoardImage& laid, const subject::Subject& s) {
  std::vector<Fault> out;
  const std::vector<BorderReading> borders = read_borders(reading, laid, s);
  const std::vector<double> sharp = sharpness(borders);
  for (std::size_t i = 0; i < borders.size(); ++i) {
    if (is_off(borders[i], sharp[i])) out.push_back(edge_fault(reading, s, borders[i], sharp[i]));
  }
  return out;
}

}  // namespace

const char* name(Off off) {
  constexpr std::array names{"value", "temperature", "chroma", "pair", "edge"};
  return names[static_cast<std::size_t>(off)];
}

const char* name(Mending::Way way) {
  constexpr std::array names{"strokes", "fixative", "leave", "cut", "soften", "lift", "planned"};
  return names[static_cast<std::size_t>(way)];
}

std::vector<Fault> find_faults(const Reading& reading, const board::BoardImage& laid, const subject::Subject& subject,
                               const plan::Plan& plan, const HandSpread& spread) {
  std::vector<Fault> out;
  std::vector<char> spoken(subject.masses.size(), 0);
  for (std::size_t m = 0; m < reading.masses.size(); ++m) {
    for (Fault& f : faults_of(reading.masses[m], reading, subject.masses[m], plan, spread)) {
      spoken[m] = 1;
      out.push_back(std::move(f));
    }
  }
  for (Fault& f : pairs_of(reading, subject, spread.masses)) {
    if (spoken[static_cast<std::size_t>(f.mass)] == 0) out.push_back(std::move(f));
  }
  // A mass of another colour than it should be parts otherwise too: that is put right first.
  for (Fault& f : edges_of(reading, laid, subject)) {
    if (spoken[static_cast<std::size_t>(f.mass)] == 0 && spoken[static_cast<std::size_t>(f.rival)] == 0)
      out.push_back(std::move(f));
  }
  std::stable_sort(out.begin(), out.end(), [](const Fault& p, const Fault& q) { return p.weight > q.weight; });
  place_them(out, subject, plan);
  return out;
}

}  // namespace yd::check
