// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "printed/sheet.h"
#include "standin/camera.h"

namespace yd::standin {

/// A stand-in for a printed sheet with strokes in its cells, lying flat. Ours, no published source for its faults.
struct Filling {
  std::vector<std::vector<colour::Lab>> patches;  ///< by cell; where there is none the paper stays bare
  double grain = 0.12;                            ///< of the strokes, standard deviation of the light, share of it
  double printer_off = 0.03;                      ///< of each printed grey, share of its light
  std::uint64_t seed = 1;
};
/// `px_per_mm`: 1 to 20. Patches are filled as by hand: neither quite to the edge nor straight.
Scene filled_sheet(const printed::Layout& layout, const colour::Lab& paper, const Filling& filling, double px_per_mm);

/// The two patches of each stick, as this hand lays them on the paper (recipe/recipe.h says how they are asked for).
std::vector<std::vector<colour::Lab>> swatches_by(const std::vector<media::Stick>& sticks, const media::Paper& paper,
                                                  const optics::Parameters& parameters, double unsteady,
                                                  std::uint64_t seed);

}  // namespace yd::standin
