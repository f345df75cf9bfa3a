// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

#include "subject/edits.h"
#include "subject/masses.h"
#include "subject/own_colours.h"
#include "subject/regions.h"
#include "subject/shades.h"
#include "subject/things.h"
#include "support/observer.h"
#include "support/ranges.h"
#include "support/result.h"

namespace yd::subject {

inline constexpr Limit kSquintLimit{0, 1};
inline constexpr Limit kMassesLimit{8, 30, true};

struct ReadOptions {
  double squint = 0.5;  ///< 0 to 1
  int masses = 16;      ///< most masses wanted, 8 to 30
  std::vector<MassEdit> edits{};
  std::vector<FocusRing> focus{};  ///< what the artist marked: masses are finer there, and focal
  std::vector<Thing> things{};     ///< what the artist drew round
  OwnColours colours{};            ///< instead of the subject's
  bool operator==(const ReadOptions&) const = default;
};

/// The picture as it came, whatever the artist's own colours make of it.
struct AsItIs {
  LabImage image, squinted, softened;
};

/// Everything read from the picture.
struct Subject {
  LabImage image;            ///< working image
  LabImage squinted;         ///< the same size, only masses left
  LabImage softened;         ///< the same size, as a hand can follow it
  LabelImage labels;         ///< the mass of each pixel of the working image
  Grid<std::uint8_t> shade;  ///< of each pixel, by its place in its mass
  std::vector<Mass> masses;
  LabImage small;                ///< squinted, at the size masses are found and edited at
  Regions found;                 ///< masses before any edit, at that size
  Things things;                 ///< at that size too
  std::optional<Error> refused;  ///< why the first edit that could not be played was refused
  std::vector<FocusRing> focus;
  OwnColours colours;
  /// Null where nothing is recoloured; else image, squinted and softened are in the artist's own colours.
  std::shared_ptr<const AsItIs> as_it_is;
};

/// Squint, superpixels, merging, edits, measuring. A picture with less than eight distinct shapes gives fewer masses.
/// Errors: `bad_value` for options out of range, `cancelled`.
Result<Subject> read_subject(LabImage image, const ReadOptions& options, Observer& observer);

/// The same reading with other edits and colours of the artist's own: only these are played again and the masses
/// measured.
Subject with_edits(const Subject& subject, const std::vector<MassEdit>& edits, const OwnColours& colours);
inline Subject with_edits(const Subject& subject, const std::vector<MassEdit>& edits) {
  return with_edits(subject, edits, subject.colours);
}

}  // namespace yd::subject
