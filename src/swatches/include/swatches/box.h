// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <vector>

#include "calibrate/calibrate.h"
#include "media/paper.h"
#include "swatches/read_sheet.h"

namespace yd::swatches {

/// Id of the paper that sheets are printed on where nothing is said: strokes catch on it, and a printer takes it.
inline constexpr const char* kPrintable = "cartridge-cream";

/// Why a cell should be looked at.
enum class Doubt {
  none,
  patchy,   ///< not filled evenly
  clipped,  ///< too light, or more vivid than a photograph can say
  odd       ///< no kind of stick lays a light stroke like this: another stick, or rubbed
};
const char* name(Doubt doubt);

/// A stick by its two patches.
struct SwatchFound {
  int cell = 0;  ///< from 0
  media::Stick stick;
  double sure = 1;  ///< of the kind, 0 to 1: how likely it is beside the others
  double off = 0;   ///< of the light stroke from what this kind would lay, in its own scatters
  Doubt doubt = Doubt::none;
};

struct BoxFound {
  optics::HandPressure hand;        ///< that explains all light strokes together
  std::vector<SwatchFound> sticks;  ///< of every cell that is not empty
  std::vector<int> empty;           ///< cells, from 0
};

using Kind = std::optional<optics::Medium>;

/// Masstones from the full patches, what little the paper counts for taken off by the model; kinds from how the light
/// strokes catch the tooth, with one hand for all. Kinds that lay a light stroke alike are not told apart: `sure`.
/// `kinds`: of the cells in their order, where it is known; of all others it is guessed. Errors: `bad_value` for a
/// sheet of strokes, or no stick on it; `cancelled`.
Result<BoxFound> sticks_of(const SheetReading& reading, const media::Paper& paper, const optics::Parameters& parameters,
                           std::span<const Kind> kinds, Observer& observer);

/// Offcut strokes by the order they were asked for; cells left empty are left out. Errors: `bad_value` for a sheet of
/// sticks.
Result<std::vector<calibrate::Reading>> readings_of(const SheetReading& reading,
                                                    std::span<const calibrate::OffcutStroke> strokes);

/// Masstones of sticks that were known, by what the cells in their order say of them; each held to what it was taken
/// for no longer.
media::Collection with_masstones(media::Collection collection, std::span<const int> sticks, const BoxFound& box);

}  // namespace yd::swatches
