// SPDX-License-Identifier: MIT
#include "subject/things.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "support/by_name.h"

namespace yd::subject {
namespace {

constexpr double kMostlyWithin = 0.8;  // of the smaller one's area, from where on it lies in the other

std::string place_of(std::size_t n) { return "thing " + std::to_string(n + 1); }

bool in_picture(const Point& p) { return p.x >= 0 && p.x <= 1 && p.y >= 0 && p.y <= 1; }

/// Twice the area that the outline goes round, with a sign: two loops of an eight take from each other.
double signed_area(const std::vector<Point>& outline) {
  double sum = 0;
  for (std::size_t i = 0; i < outline.size(); ++i) {
    const Point& p = outline[i];
    const Point& q = outline[(i + 1) % outline.size()];
    sum += p.x * q.y - q.x * p.y;
  }
  return sum / 2;
}

/// Of the box round it: what a line that goes to and fro has none of.
double box_area(const std::vector<Point>& outline) {
  const auto [left, right] =
      std::minmax_element(outline.begin(), outline.end(), [](const Point& p, const Point& q) { return p.x < q.x; });
  const auto [top, bottom] =
      std::minmax_element(outline.begin(), outline.end(), [](const Point& p, const Point& q) { return p.y < q.y; });
  return (right->x - left->x) * (bottom->y - top->y);
}

Status check_outline(const std::vector<Point>& outline, const std::string& where) {
  constexpr double kLeastOutline = 1e-5;  // of the picture: nothing is there
  constexpr double kTwoLoops = 0.08;      // of the box
  if (outline.size() < 3) return bad_value(where, "the outline needs three places at least");
  if (outline.size() > kMostOutline) return bad_value(where, "the outline has too many places");
  if (!std::all_of(outline.begin(), outline.end(), in_picture))
    return bad_value(where, "the outline must lie in the picture: places from 0 to 1");
  const double box = box_area(outline);
  if (box < kLeastOutline) return bad_value(where, "the outline goes round nothing");
  if (std::abs(signed_area(outline)) < kTwoLoops * box)
    return bad_value(where, "the outline crosses itself; draw round the thing once");
  return success();
}

Status check_strokes(const std::vector<ThingStroke>& strokes, const std::string& where) {
  if (strokes.size() > kMostThingStrokes) return bad_value(where, "has too many strokes");
  for (const ThingStroke& s : strokes) {
    if (!kBrushLimit.holds(s.width)) return bad_value(where, "width of a stroke " + kBrushLimit.words());
    if (s.path.empty() || s.path.size() > kMostOutline) return bad_value(where, "a stroke needs a way of its own");
    if (!std::all_of(s.path.begin(), s.path.end(), in_picture))
      return bad_value(where, "strokes must lie in the picture: places from 0 to 1");
  }
  return success();
}

Status check(const Thing& thing, const std::string& where) {
  if (thing.name.size() > kLongestThingName) return bad_value(where, "the name must have no more than 80 letters");
  if (Status fine = check_strokes(thing.strokes, where); !fine) return fine;
  if (!thing.ring) return check_outline(thing.outline, where);
  const FocusRing& r = *thing.ring;
  const bool there = in_picture({r.x, r.y}) && r.radius > 0 && r.radius <= 1;
  return there ? success()
               : Status(bad_value(where, "the ring must lie in the picture: x and y from 0 to 1, radius above 0 to 1"));
}

/// Pieces too small to be painted, cut off from the rest of their owner, go to the owner they touch most.
void join_specks(LabelImage& owner) {
  constexpr double kSpeckOfOwner = 0.001;  // of the picture
  const Regions pieces = connected_pieces(owner);
  const auto count = static_cast<std::size_t>(pieces.count);
  std::vector<std::size_t> area(count, 0);
  std::vector<int> whose(count, 0);
  std::vector<std::map<int, int>> touched(count);  // owner -> length of border
  const auto touch = [&](std::size_t i, std::size_t j) {
    if (owner.data[i] == owner.data[j]) return;
    ++touched[pieces.labels.data[i]][owner.data[j]];
    ++touched[pieces.labels.data[j]][owner.data[i]];
  };
  for (std::size_t i = 0; i < owner.size(); ++i) {
    ++area[pieces.labels.data[i]];
    whose[pieces.labels.data[i]] = owner.data[i];
    if ((i + 1) % static_cast<std::size_t>(owner.width) != 0) touch(i, i + 1);
    if (i + static_cast<std::size_t>(owner.width) < owner.size()) touch(i, i + static_cast<std::size_t>(owner.width));
  }
  std::map<int, std::size_t> largest;
  for (std::size_t p = 0; p < count; ++p) largest[whose[p]] = std::max(largest[whose[p]], area[p]);
  for (std::size_t p = 0; p < count; ++p) {
    const bool speck = static_cast<double>(area[p]) < kSpeckOfOwner * static_cast<double>(owner.size());
    if (!speck || area[p] == largest[whose[p]] || touched[p].empty()) continue;
    whose[p] = std::max_element(touched[p].begin(), touched[p].end(), [](const auto& a, const auto& b) {
                 return a.second < b.second;
               })->first;
  }
  for (std::size_t i = 0; i < owner.size(); ++i)
    owner.data[i] = static_cast<std::uint16_t>(whose[pieces.labels.data[i]]);
}

}  // namespace

const char* name(ThingKind kind) {
  constexpr auto kKindNames = std::to_array<const char*>({"other", "face", "eye", "hair", "skin", "animal", "fur",
                                                          "feather", "flower", "foliage", "tree", "fruit", "glass",
                                                          "metal", "cloth", "building", "water", "sky", "ground"});
  static_assert(kKindNames.size() == kThingKinds.size());
  return kKindNames[static_cast<std::size_t>(kind)];
}

const char* name(Weight weight) {
  constexpr auto kWeightNames = std::to_array<const char*>({"let go", "usual", "matters", "matters most"});
  static_assert(kWeightNames.size() == kWeights.size());
  return kWeightNames[static_cast<std::size_t>(weight)];
}

Result<ThingKind> thing_kind_by_name(const std::string& text) { return by_name(kThingKinds, text, "kind"); }
Result<Weight> weight_by_name(const std::string& text) { return by_name(kWeights, text, "weight"); }

Status check(const std::vector<Thing>& things) {
  if (things.size() > kMostThings) return bad_value("things", "must be no more than 60");
  for (std::size_t n = 0; n < things.size(); ++n) {
    if (Status fine = check(things[n], place_of(n)); !fine) return fine;
  }
  return success();
}

Things find_things(const LabImage& picture, const std::vector<Thing>& things) {
  Things out;
  out.list = things;
  out.owner = LabelImage(picture.width, picture.height);
  out.within.assign(things.size(), -1);
  out.area.assign(things.size(), 0);
  out.refused.resize(things.size());
  std::vector<ThingMask> masks(things.size());
  for (std::size_t n = 0; n < things.size(); ++n) {
    const Status fine = check(things[n], place_of(n));
    auto mask = fine ? cut_out(picture, things[n]) : Result<ThingMask>(fine.error());
    if (!mask) {
      out.refused[n] = mask.error();
      continue;
    }
    masks[n] = std::move(mask).value();
    const auto pixels = std::accumulate(masks[n].data.begin(), masks[n].data.end(), std::size_t{0});
    out.area[n] = static_cast<double>(pixels) / static_cast<double>(picture.size());
  }
  std::vector<std::size_t> order(things.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(), [&](std::size_t p, std::size_t q) { return out.area[p] > out.area[q]; });
  for (const std::size_t n : order) {
    if (out.refused[n]) continue;
    // What lies there already is larger: the thing most of it lies on holds it.
    std::vector<std::size_t> on(things.size() + 1, 0);
    for (std::size_t i = 0; i < picture.size(); ++i) {
      if (masks[n].data[i] != 0) ++on[out.owner.data[i]];
    }
    const auto most = std::max_element(on.begin() + 1, on.end());
    const auto all = std::accumulate(on.begin(), on.end(), std::size_t{0});
    if (most != on.end() && static_cast<double>(*most) >= kMostlyWithin * static_cast<double>(all))
      out.within[n] = static_cast<int>(most - on.begin()) - 1;
    for (std::size_t i = 0; i < picture.size(); ++i) {
      if (masks[n].data[i] != 0) out.owner.data[i] = static_cast<std::uint16_t>(n + 1);
    }
  }
  join_specks(out.owner);
  return out;
}

}  // namespace yd::subject
