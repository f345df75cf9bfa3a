// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "subject/masses.h"
#include "subject/measure.h"
#include "support/result.h"

namespace yd::subject {

/// One change an artist makes to what was read. Masses are numbered as they stood after the changes before it.
struct MassEdit {
  enum class Kind { merge, split_values, split_line, paint, rename, plane, focal, edge, surface, colour };
  Kind kind = Kind::merge;
  int mass = 0;
  int other = 0;  ///< merge: the mass that goes into `mass`
  Plane to_plane = Plane::middle;
  EdgeKind to_edge = EdgeKind::hard;
  Surface to_surface = Surface::unsaid;
  bool on = true;  ///< focal
  std::string name;
  std::vector<Point> path;                 ///< split_line: two places; paint: the way of the brush
  double width = 0.03;                     ///< paint: of the brush, as a share of the longer side
  std::optional<colour::Lab> to_colour{};  ///< colour: the middle of its family; none: as the subject has it
  double amount = 1;                       ///< colour: how far towards it, 0 to 1
  bool operator==(const MassEdit&) const = default;
};
const char* name(MassEdit::Kind kind);
Result<MassEdit::Kind> edit_kind_by_name(const std::string& name);
/// Whether the numbers or borders of masses change with it.
bool changes_shapes(const MassEdit& edit);

/// What the artist said of a mass; the rest stays guessed.
struct MassWords {
  std::string name;
  bool has_plane = false;
  Plane plane = Plane::middle;
  bool has_edge = false;
  EdgeKind edge = EdgeKind::hard;
  bool has_surface = false;
  Surface surface = Surface::unsaid;
  bool focal = false;
  std::optional<OwnFamily> colour{};  ///< the artist's own
};

/// Labels with the words that belong to them, as edits are played on it.
struct Edited {
  Regions regions;
  std::vector<MassWords> words;  ///< one for each label
};

/// Plays one edit; `lightness` is the squinted picture at the size of the labels. Every mass stays connected: pieces
/// cut off go to the neighbour they touch most, large ones that painting cuts off are masses of their own with the
/// words of theirs but its name; a mass painted away is gone. Errors, `bad_value`: a mass that is not there, masses
/// that do not touch, a split that would leave nothing on one side, the last mass, too many masses.
Status play(Edited& state, const MassEdit& edit, const LabImage& lightness);

inline constexpr int kMostMasses = 60;
/// A side of a split smaller than this share of the picture is refused.
inline constexpr double kLeastSplit = 0.001;

}  // namespace yd::subject
