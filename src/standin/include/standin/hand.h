// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <vector>

#include "board/figures.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::standin {

/// A hand that does not do quite what the plan says. Ours, no published source for the spread of a painter's pressure.
struct Hand {
  double off = 0.15;   ///< standard deviation of the pressure of a pass on a mass, as a share of it, 0 to 0.5
  double forgets = 0;  ///< share of all passes on a mass that are left out, 0 to 1
  std::uint64_t seed = 1;
};

/// The plan as this hand paints it: the passes with the pressures it used. The same for the same seed.
plan::Plan painted_by(const plan::Plan& plan, const Hand& hand);

/// The margin strip as this hand lays it.
std::vector<colour::Lab> strip_by(const plan::Plan& plan, const media::Paper& paper,
                                  const media::Collection& collection, const optics::Parameters& parameters,
                                  const Hand& hand);

/// What a pass costs when it goes wrong.
struct Delicate {
  int pass = 0;      ///< by place
  double costs = 0;  ///< CIEDE2000 to the fitted colours, mean over the picture, more when it is off by `Hand::off`
};

/// Many painters over one plan.
struct Rehearsal {
  board::Figure planned;                ///< as seen, painted as planned
  std::vector<board::Figure> painters;  ///< as seen, by each
  double mean = 0;                      ///< of the painters' means
  double spread = 0;                    ///< their standard deviation
  std::vector<Delicate> delicate;       ///< all passes of strokes, dearest first
};
struct RehearsalInput {
  const plan::Plan* plan = nullptr;
  const subject::Subject* subject = nullptr;
  const media::Paper* paper = nullptr;
  const media::Collection* collection = nullptr;
  const optics::Parameters* parameters = nullptr;
  double long_side_mm = board::kPictureSide_mm;
  std::span<const std::vector<plan::Touch>> touches{};  ///< of the guide: the strokes lie as on the Board shown
};
/// Painter n has the seed `hand.seed` + n. Errors: `bad_value` for painters below 1 or a hand out of range,
/// `cancelled`.
Result<Rehearsal> rehearse(const RehearsalInput& input, const Hand& hand, int painters, Observer& observer);
/// The board by one hand.
board::BoardImage board_by(const RehearsalInput& input, const board::BoardMap& map, const Hand& hand);

/// The border of two masses rubbed across: blurred by `reach`, a share of the longer side, to either side of it.
board::BoardImage smudged(const board::BoardImage& board, const subject::Subject& subject, int mass, int rival,
                          double reach);

}  // namespace yd::standin
