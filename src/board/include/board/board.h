// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstdint>
#include <vector>

#include "colour/observer.h"
#include "colour/profile.h"
#include "guide/marks.h"
#include "make/plan.h"
#include "subject/subject.h"

namespace yd::board {

/// What a finger blends into the target of a pixel: others, and how much of each; none after the first without a share.
struct Blended {
  static constexpr int kWhole = 256;
  std::uint32_t pixel = 0;
  std::array<std::uint16_t, 3> target{};
  std::array<std::uint8_t, 3> share{};  ///< in parts of kWhole
  int all() const { return share[0] + share[1] + share[2]; }
};

/// What each pixel of the working image shows: a target, and a stratum of the paper's tooth. Where a finger grades one
/// shade into the next, or a band of a gradient into another, it shows something of all of them.
struct BoardMap {
  subject::Grid<std::uint16_t> target;
  subject::Grid<std::uint8_t> stratum;
  std::vector<Blended> blended;  ///< pixels of which there is more to say, in order
};

/// The long side of the picture on paper that the grain is drawn for, millimetres.
inline constexpr double kPictureSide_mm = 400.0;

/// Strata follow the strokes of the hand and the paper's grain, each over an equal share of the area: strokes as broad
/// as their mark, along the form, plain where a pass is laid, faint where it is rubbed. `touches`: of each pass, as the
/// guide has them; empty: broad strokes. Shades of a mass run into each other along the strokes, and evenly where they
/// end rubbed (by their last stroke; where none is known, by the last pass over a good part of the mass); masses with a
/// soft edge fade into each other. Deterministic.
BoardMap make_map(const subject::Subject& subject, const plan::Plan& plan, const media::Paper& paper,
                  std::span<const std::vector<plan::Touch>> touches = {});

/// Screen colours of each target, stratum by stratum.
using Palette = std::vector<std::array<colour::Rgb8, optics::kStrata>>;

/// Colours once the first `passes` passes are done; 0 is the bare paper. Under another light than D50 they are shown as
/// an eye adapted to that light's white sees them.
Palette palette_after(const plan::Plan& plan, int passes, const media::Paper& paper,
                      const media::Collection& collection, const optics::Parameters& parameters,
                      colour::Illuminant light = colour::Illuminant::d50);

/// Screen colours of one pile's strata under a light.
std::array<colour::Rgb8, optics::kStrata> screen_colours(const optics::StrataSpectra& strata, colour::Illuminant light);

/// The same from the coarse bands, under D50.
std::array<colour::Rgb8, optics::kStrata> screen_colours(const optics::CoarseStrata& strata);

/// Strata of a small patch of tooth, for showing speckle: `grain_px` is the distance between bumps in pixels.
subject::Grid<std::uint8_t> speckle(int width, int height, double grain_px);

using BoardImage = subject::Grid<colour::Rgb8>;

/// One look-up a pixel, and one more for everything that is blended into it.
BoardImage render(const BoardMap& map, const Palette& palette);

/// The sheet once the first `passes` passes are done, as their marks make it; `map` gives the grain. A plan without
/// marks is shown shade by shade.
BoardImage paint(const BoardMap& map, const plan::Plan& plan, int passes, const media::Paper& paper,
                 const media::Collection& collection, const optics::Parameters& parameters,
                 colour::Illuminant light = colour::Illuminant::d50);

/// Each mass in its own mean colour, with its border dark.
BoardImage mass_picture(const subject::Subject& subject);

}  // namespace yd::board
