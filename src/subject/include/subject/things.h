// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "subject/masses.h"
#include "subject/measure.h"
#include "support/ranges.h"
#include "support/result.h"

namespace yd::subject {

/// What a thing is; said by the artist, never guessed.
enum class ThingKind {
  other,
  face,
  eye,
  hair,
  skin,
  animal,
  fur,
  feather,
  flower,
  foliage,
  tree,
  fruit,
  glass,
  metal,
  cloth,
  building,
  water,
  sky,
  ground
};
inline constexpr std::array kThingKinds{ThingKind::other,  ThingKind::face,    ThingKind::eye,   ThingKind::hair,
                                        ThingKind::skin,   ThingKind::animal,  ThingKind::fur,   ThingKind::feather,
                                        ThingKind::flower, ThingKind::foliage, ThingKind::tree,  ThingKind::fruit,
                                        ThingKind::glass,  ThingKind::metal,   ThingKind::cloth, ThingKind::building,
                                        ThingKind::water,  ThingKind::sky,     ThingKind::ground};
const char* name(ThingKind kind);
Result<ThingKind> thing_kind_by_name(const std::string& name);

/// How much a thing matters: detail, masses and edges follow it.
enum class Weight { let_go, usual, matters, matters_most };
inline constexpr std::array kWeights{Weight::let_go, Weight::usual, Weight::matters, Weight::matters_most};
const char* name(Weight weight);
Result<Weight> weight_by_name(const std::string& name);

/// "This too", or "this not": a brush drawn over what belongs to a thing or does not.
struct ThingStroke {
  bool belongs = true;
  double width = 0.02;  ///< of the brush, a share of the longer side
  std::vector<Point> path;
  bool operator==(const ThingStroke&) const = default;
};

/// What the artist draws roughly round.
struct Thing {
  std::string name;            ///< one line, 80 letters at most; empty: the kind stands for it
  std::vector<Point> outline;  ///< closed by itself; empty where a ring is given
  std::optional<FocusRing> ring{};
  std::vector<ThingStroke> strokes{};
  ThingKind kind = ThingKind::other;
  std::optional<Plane> plane{};  ///< none: before what it lies on
  Weight weight = Weight::usual;
  bool operator==(const Thing&) const = default;
};

inline constexpr std::size_t kMostThings = 60;
inline constexpr std::size_t kMostOutline = 4000;  ///< points of an outline, or of a stroke
inline constexpr std::size_t kMostThingStrokes = 200;
inline constexpr std::size_t kLongestThingName = 80;
inline constexpr Limit kBrushLimit{0.001, 0.2};

/// What cannot be a thing: an outline of fewer than three places, outside the picture, without an inside or crossing
/// itself into two; a name too long. Errors: `bad_value` naming the thing by its place from 1.
Status check(const std::vector<Thing>& things);

/// 1 where a pixel belongs to a thing.
using ThingMask = Grid<std::uint8_t>;

/// Cuts a thing out of the picture: GrabCut (C. Rother, V. Kolmogorov, A. Blake, SIGGRAPH 2004) within the outline,
/// whose border is smoothed at the width of a mark. "This not" wins over "this too", whatever their order. At the size
/// of the picture. Errors: `bad_value` where nothing is left.
Result<ThingMask> cut_out(const LabImage& picture, const Thing& thing);

/// What belongs to which thing, as they lie in one another.
struct Things {
  std::vector<Thing> list;
  LabelImage owner;          ///< of each pixel: 0 the rest, n the n-th thing of the list from 1, the innermost
  std::vector<int> within;   ///< the thing each lies in, by place in the list; -1: in none
  std::vector<double> area;  ///< of each, what lies in it included, as a share of the picture
  std::vector<std::optional<Error>> refused;  ///< why a thing is not there; the others stand
  bool any() const { return !list.empty(); }
};

/// All of them: a smaller thing that lies mostly in a larger one is in it, and has its pixels.
Things find_things(const LabImage& picture, const std::vector<Thing>& things);

}  // namespace yd::subject
