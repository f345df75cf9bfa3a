// SPDX-License-Identifier: MIT
#include "subject/edits.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace yd::subject {
namespace {

constexpr auto kNames = std::to_array<const char*>(
    {"merge", "split by value", "split by line", "paint", "rename", "plane", "focal", "edge", "surface", "colour"});
static_assert(kNames.size() == static_cast<std::size_t>(MassEdit::Kind::colour) + 1);

Error refuse(const MassEdit& edit, const std::string& what) {
  return bad_value("mass " + std::to_string(edit.mass + 1), what);
}

bool touch(const LabelImage& labels, int p, int q) {
  const auto pair = [&](int s, int t) { return (s == p && t == q) || (s == q && t == p); };
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      const int here = labels.at(x, y);
      if (x + 1 < labels.width && pair(here, labels.at(x + 1, y))) return true;
      if (y + 1 < labels.height && pair(here, labels.at(x, y + 1))) return true;
    }
  }
  return false;
}

/// Takes labels without a pixel away and closes the numbers up.
void compact(Edited& state) {
  std::vector<bool> present(state.words.size());
  for (const auto label : state.regions.labels.data) present[label] = true;
  std::vector<std::uint16_t> fresh(present.size());
  std::vector<MassWords> words;
  for (std::size_t i = 0; i < present.size(); ++i) {
    fresh[i] = static_cast<std::uint16_t>(words.size());
    if (present[i]) words.push_back(std::move(state.words[i]));
  }
  for (auto& label : state.regions.labels.data) label = fresh[label];
  state.words = std::move(words);
  state.regions.count = static_cast<int>(state.words.size());
}

Status merge(Edited& state, const MassEdit& e) {
  if (e.other < 0 || e.other >= state.regions.count || e.other == e.mass)
    return refuse(e, "there is no other mass to merge with");
  if (!touch(state.regions.labels, e.mass, e.other))
    return refuse(e, "does not touch mass " + std::to_string(e.other + 1) + "; only neighbours can be merged");
  std::replace(state.regions.labels.data.begin(), state.regions.labels.data.end(), static_cast<std::uint16_t>(e.other),
               static_cast<std::uint16_t>(e.mass));
  compact(state);
  return success();
}

template <class Side>
void hand_over(LabelImage& labels, int from, std::uint16_t to, Side other_side) {
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      if (labels.at(x, y) == from && other_side(x, y)) labels.at(x, y) = to;
    }
  }
}

/// Hands the pixels for which `other_side` holds to a new mass; both sides are then made whole.
template <class Side>
Status split(Edited& state, const MassEdit& e, Side other_side) {
  if (state.regions.count >= kMostMasses) return refuse(e, "cannot be split: there are 60 masses already");
  LabelImage labels = state.regions.labels;
  const auto fresh = static_cast<std::uint16_t>(state.regions.count);
  hand_over(labels, e.mass, fresh, other_side);
  labels = keep_largest(e.kind == MassEdit::Kind::split_values ? vote(vote(labels)) : labels);
  const double least = kLeastSplit * static_cast<double>(labels.size());
  for (const int side : {e.mass, static_cast<int>(fresh)}) {
    const auto n = std::count(labels.data.begin(), labels.data.end(), static_cast<std::uint16_t>(side));
    if (static_cast<double>(n) < least) return refuse(e, "leaves nothing on one side of the split");
  }
  state.regions.labels = std::move(labels);
  MassWords words = state.words[static_cast<std::size_t>(e.mass)];
  words.name.clear();
  state.words.push_back(words);
  ++state.regions.count;
  return success();
}

/// Halfway between the means of the two halves: the border of two clusters, found by a few rounds; none of one value.
std::optional<float> border_of_two(const std::vector<float>& values) {
  float border = 0;
  for (const float l : values) border += l / static_cast<float>(values.size());
  for (int round = 0; round < 10; ++round) {
    std::array<double, 2> sum{};
    std::array<double, 2> n{};
    for (const float l : values) sum[l > border ? 1 : 0] += l, n[l > border ? 1 : 0] += 1;
    if (n[0] == 0 || n[1] == 0) return {};
    border = static_cast<float>((sum[0] / n[0] + sum[1] / n[1]) / 2);
  }
  return border;
}

Status split_values(Edited& state, const MassEdit& e, const LabImage& picture) {
  std::vector<float> lightness;
  for (std::size_t i = 0; i < picture.size(); ++i) {
    if (state.regions.labels.data[i] == e.mass) lightness.push_back(picture.data[i].l);
  }
  const auto border = border_of_two(lightness);
  if (!border) return refuse(e, "is of one value: there is nothing to split");
  return split(state, e, [&](int x, int y) { return picture.at(x, y).l > *border; });
}

Status split_line(Edited& state, const MassEdit& e) {
  if (e.path.size() != 2 || e.path[0] == e.path[1]) return refuse(e, "needs a line of two places to be split by");
  const Point p = e.path[0];
  const Point q = e.path[1];
  const double w = state.regions.labels.width;
  const double h = state.regions.labels.height;
  return split(state, e, [=](int x, int y) {
    const double dx = (x + 0.5) / w - p.x;
    const double dy = (y + 0.5) / h - p.y;
    return dx * (q.y - p.y) - dy * (q.x - p.x) > 0;
  });
}

Status paint(Edited& state, const MassEdit& e) {
  if (e.path.empty()) return refuse(e, "nothing was painted");
  LabelImage& labels = state.regions.labels;
  cv::Mat brush(labels.height, labels.width, CV_8U, cv::Scalar(0));
  const int width = std::max(1, static_cast<int>(std::lround(e.width * std::max(labels.width, labels.height))));
  const auto pixel = [&](const Point& p) {
    return cv::Point(static_cast<int>(std::clamp(p.x, 0.0, 1.0) * (labels.width - 1)),
                     static_cast<int>(std::clamp(p.y, 0.0, 1.0) * (labels.height - 1)));
  };
  cv::Point last = pixel(e.path.front());
  for (const Point& p : e.path) {
    cv::line(brush, last, pixel(p), cv::Scalar(255), width);
    last = pixel(p);
  }
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      if (brush.at<std::uint8_t>(y, x) != 0) labels.at(x, y) = static_cast<std::uint16_t>(e.mass);
    }
  }
  // A mass that was painted across is two.
  LabelImage apart = labels;
  const auto cut_off = free_cut_off(apart, state.regions.count, MergeOptions().smallest);
  if (state.regions.count + static_cast<int>(cut_off.size()) <= kMostMasses) {
    labels = std::move(apart);
    for (const int from : cut_off) {
      state.words.push_back(state.words[static_cast<std::size_t>(from)]);
      state.words.back().name.clear();
    }
  }
  labels = keep_largest(labels);
  compact(state);
  return success();
}

}  // namespace

const char* name(MassEdit::Kind kind) { return kNames[static_cast<std::size_t>(kind)]; }

Result<MassEdit::Kind> edit_kind_by_name(const std::string& name) {
  for (std::size_t i = 0; i < kNames.size(); ++i) {
    if (name == kNames[i]) return static_cast<MassEdit::Kind>(i);
  }
  return bad_value("edit", "\"" + name + "\" is unknown");
}

bool changes_shapes(const MassEdit& edit) { return edit.kind <= MassEdit::Kind::paint; }

Status play(Edited& state, const MassEdit& e, const LabImage& lightness) {
  if (e.mass < 0 || e.mass >= state.regions.count) return refuse(e, "is not there");
  MassWords& words = state.words[static_cast<std::size_t>(e.mass)];
  switch (e.kind) {
    case MassEdit::Kind::merge:
      return merge(state, e);
    case MassEdit::Kind::split_values:
      return split_values(state, e, lightness);
    case MassEdit::Kind::split_line:
      return split_line(state, e);
    case MassEdit::Kind::paint:
      return paint(state, e);
    case MassEdit::Kind::rename:
      words.name = e.name;
      return success();
    case MassEdit::Kind::plane:
      words.has_plane = true;
      words.plane = e.to_plane;
      return success();
    case MassEdit::Kind::focal:
      words.focal = e.on;
      return success();
    case MassEdit::Kind::edge:
      words.has_edge = true;
      words.edge = e.to_edge;
      return success();
    case MassEdit::Kind::surface:
      words.has_surface = true;
      words.surface = e.to_surface;
      return success();
    case MassEdit::Kind::colour:
      words.colour = e.to_colour ? std::optional(OwnFamily{*e.to_colour, e.amount}) : std::nullopt;
      return success();
  }
  return success();
}

}  // namespace yd::subject
