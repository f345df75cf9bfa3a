// SPDX-License-Identifier: MIT
#include "thing_words.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "colour/words.h"

namespace yd::subject {
namespace {

const Thing& thing_at(const Things& things, int n) { return things.list[static_cast<std::size_t>(n)]; }

/// What a place of this weight counts beside one of the rest, in masses and in what is kept apart.
double counts(Weight weight) {
  switch (weight) {
    case Weight::let_go:
      return 0.4;
    case Weight::usual:
      return 1.2;
    case Weight::matters:
      return 2;
    case Weight::matters_most:
      return 3.5;
  }
  return 1;
}

/// Pixels that each owner holds for itself.
std::vector<double> shares(const Things& things) {
  std::vector<double> out(things.list.size() + 1, 0);
  for (const auto o : things.owner.data) out[o] += 1.0 / static_cast<double>(things.owner.size());
  return out;
}

}  // namespace

std::vector<MergeOptions::Budget> budgets_of(const Things& things, int most) {
  constexpr double kFewest = 0.5;  // of the masses wanted that an owner keeps while they differ at all
  constexpr double kRest = 2;      // what a place of the rest counts: it holds many things that nobody drew round
  constexpr double kMore = 1.75;   // times as many masses as without things
  const std::vector<double> area = shares(things);
  std::vector<double> deserves;
  double sum = 0;
  for (std::size_t o = 0; o < area.size(); ++o) {
    const double weight = o == 0 ? kRest : counts(things.list[o - 1].weight);
    deserves.push_back(weight * std::sqrt(area[o]));
    sum += deserves.back();
  }
  std::vector<MergeOptions::Budget> out;
  for (const double d : deserves) {
    const int own = std::max(1, static_cast<int>(std::lround(sum > 0 ? kMore * most * d / sum : 1)));
    out.push_back({own, std::max(1, static_cast<int>(kFewest * own))});
  }
  return out;
}

double importance_of(const Things& things, int owner) {
  return owner == 0 ? 1 : std::max(1.0, counts(thing_at(things, owner - 1).weight));
}

bool matters(const Things& things, int thing) {
  return thing >= 0 && thing_at(things, thing).weight >= Weight::matters;
}

WhatMatters what_matters(const Subject& subject) {
  WhatMatters out{subject.focus, {}};
  const Things& things = subject.things;
  if (!things.any()) return out;
  out.marked = Grid<std::uint8_t>(things.owner.width, things.owner.height);
  for (std::size_t i = 0; i < things.owner.size(); ++i)
    out.marked.data[i] = matters(things, things.owner.data[i] - 1) ? 1 : 0;
  return out;
}

void tell_things(const Things& things, const LabelImage& labels, std::vector<Mass>& masses) {
  if (!things.any()) return;
  // A brush of the artist's may have drawn a mass over a border: it is part of what holds most of it.
  std::vector<std::map<int, int>> pixels(masses.size());
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x)
      ++pixels[labels.at(x, y)]
              [things.owner.at(x * things.owner.width / labels.width, y * things.owner.height / labels.height)];
  }
  for (std::size_t m = 0; m < masses.size(); ++m) {
    const auto most = std::max_element(pixels[m].begin(), pixels[m].end(),
                                       [](const auto& p, const auto& q) { return p.second < q.second; });
    masses[m].thing = most == pixels[m].end() ? -1 : most->first - 1;
  }
}

std::optional<Surface> surface_of(const Things& things, int thing) {
  if (thing < 0) return {};
  switch (thing_at(things, thing).kind) {
    case ThingKind::face:
    case ThingKind::skin:
      return Surface::skin;
    case ThingKind::hair:
    case ThingKind::animal:
    case ThingKind::fur:
      return Surface::fur;
    case ThingKind::feather:
      return Surface::feather;
    case ThingKind::foliage:
    case ThingKind::tree:
      return Surface::foliage;
    case ThingKind::glass:
      return Surface::glass;
    case ThingKind::metal:
      return Surface::metal;
    case ThingKind::cloth:
      return Surface::cloth;
    case ThingKind::building:
      return Surface::stone;
    case ThingKind::water:
      return Surface::water;
    case ThingKind::sky:
      return Surface::sky;
    case ThingKind::other:
    case ThingKind::eye:
    case ThingKind::flower:
    case ThingKind::fruit:
    case ThingKind::ground:
      break;
  }
  return {};
}

std::optional<Plane> plane_of(const Things& things, int thing) {
  if (thing < 0) return {};
  const Thing& t = thing_at(things, thing);
  if (t.plane) return t.plane;
  if (t.kind == ThingKind::sky) return Plane::background;
  if (t.kind == ThingKind::ground || t.kind == ThingKind::water) return {};
  const int on = things.within[static_cast<std::size_t>(thing)];
  const auto below = on < 0 ? std::optional<Plane>(Plane::background) : plane_of(things, on);
  return below == Plane::background ? Plane::middle : Plane::foreground;
}

void name_parts(const Things& things, std::vector<Mass>& masses, std::vector<char>& named) {
  std::map<int, std::vector<Mass*>> parts;
  for (std::size_t m = 0; m < masses.size(); ++m) {
    if (masses[m].thing < 0 || named[m] != 0) continue;
    parts[masses[m].thing].push_back(&masses[m]);
    named[m] = 1;
  }
  std::set<std::string> taken;
  for (const auto& [thing, list] : parts) {
    const Thing& t = thing_at(things, thing);
    const std::string own = !t.name.empty()              ? t.name
                            : t.kind != ThingKind::other ? name(t.kind)
                                                         : "thing " + std::to_string(thing + 1);
    for (Mass* m : list) {
      m->name = own;
      if (list.size() > 1)
        m->name.append(", ")
            .append(colour::in_short(m->mean))
            .append(" ")
            .append(std::to_string(m - masses.data() + 1));
      const std::string base = m->name;
      for (int i = 2; !taken.insert(m->name).second; ++i) m->name.assign(base).append(" ").append(std::to_string(i));
    }
  }
}

}  // namespace yd::subject
