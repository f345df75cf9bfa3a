// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "recipe/recipe.h"
#include "recipe/rests_on.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::calibrate {

/// One stroke on an offcut of the paper, as it is asked for.
struct OffcutStroke {
  int stick = 0;        ///< index into the collection
  double pressure = 1;  ///< 0 to 1
  plan::Technique technique = plan::Technique::laid;
  bool operator==(const OffcutStroke&) const = default;
};
/// What to lay, so many strokes in all: every stick firmly first, then light, middle and rubbed ones, sticks in turn.
std::vector<OffcutStroke> offcut_strokes(std::span<const int> sticks, int count);

/// One that was laid and measured.
struct Reading {
  OffcutStroke stroke;
  colour::Lab lab;  ///< far off, D50
};

/// A stick as it was found to be.
struct StickFound {
  int stick = 0;
  colour::Lab lab;        ///< of its masstone
  double moved_de00 = 0;  ///< CIEDE2000 from what it was taken for
  double uncertain = 0;   ///< standard deviation that is left, CIE 1976
};

struct Calibration {
  optics::HandPressure hand;
  std::vector<StickFound> sticks;   ///< those that were tested, rising; the others stay as they are
  std::string artist, paper, date;  ///< as in RestsOn, where the artist said so
  int readings = 0;
  double before_de00 = 0;  ///< CIEDE2000, mean, on readings that were left out of the fit, as it was predicted before …
  double after_de00 = 0;  ///< … and by what the others say; -1 where there are too few to leave any out
  double left_de00 = 0;   ///< CIEDE2000, mean, that the fit leaves on the readings it was made by
};

/// CIEDE2000 from which readings are explained by no hand and no sticks near those they are said to be of: a usual hand
/// leaves 1 to 3.
inline constexpr double kContradicts = 8;
/// Whether the readings contradict each other or the sticks; such a calibration is not taken unless it is asked for.
bool contradictory(const Calibration& calibration);

/// What a plan with it rests on.
plan::RestsOn rests_on(const Calibration& calibration);

/// Fewest readings that say anything; and those from which some are left out to judge by.
inline constexpr std::size_t kFewestReadings = 3;
inline constexpr std::size_t kJudged = 8;

/// Hand and masstones that explain the readings best, each held to what it was taken for: masstones by some 6 CIE 1976,
/// the hand by a third. In turn, the hand and every stick, within bounds, by M. Powell's BOBYQA (2009; NLopt). Errors:
/// `bad_value` naming a reading that cannot be, or too few of them; `cancelled`.
Result<Calibration> calibrate(std::span<const Reading> readings, const media::Paper& paper,
                              const media::Collection& collection, const optics::Parameters& parameters,
                              Observer& observer);

/// The collection with the masstones that were found, the parameters with the hand.
media::Collection calibrated(media::Collection collection, const Calibration& calibration);
optics::Parameters calibrated(optics::Parameters parameters, const Calibration& calibration);

/// The masstone moved so that it has this colour: its spectrum by the ratio of the smoothest reflectances of both.
media::Stick with_masstone(media::Stick stick, const colour::Lab& lab);

}  // namespace yd::calibrate
