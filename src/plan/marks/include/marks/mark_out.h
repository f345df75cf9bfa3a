// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "coat/underpaint.h"
#include "marks/canvas.h"
#include "media/paper.h"
#include "order/order.h"
#include "subject/subject.h"

namespace yd::plan {

struct MarkingInput {
  const subject::Subject* subject = nullptr;
  std::span<const TargetPlan> targets;  ///< with the recipes that are laid
  std::span<const Pass> passes;         ///< in their order
  std::span<const Coat> coats;
  const media::Paper* paper = nullptr;
  std::span<const media::Stick> sticks;
  std::span<const int> tray;  ///< finishing marks are made with these, and with what draws lines
  const optics::Parameters* parameters = nullptr;
  double sheet_cm2 = 1200;
  double hand = 0.15;  ///< how far off a pressure is, as a share of it
  Pace pace{};
  std::optional<double> wish_minutes{};  ///< for all of it; none: as long as it is worth
  std::optional<double> price{};         ///< of a second, instead of a wish
  bool left_handed = false;
  int most_pencils = 6;                        ///< besides the tray
  std::vector<int> barred{};                   ///< sticks that are not there, rising
  std::vector<std::vector<LaidMark>> given{};  ///< of a pass by place: marks that lie there already; none: to be made
};

/// What a hand lays.
struct Marking {
  std::vector<MarkedPass> passes;      ///< of each pass, the finishing ones after those that were given
  std::vector<Pass> finishing;         ///< passes of marks only, on top of all, in their order
  SheetGrid grid;                      ///< the sheet, and how finely it was looked at
  subject::Grid<std::int16_t> target;  ///< the shade that the hand follows, at that size
};

/// The passes as marks, broad ones before fine ones, and finishing passes over them, while a mark is worth its time. As
/// long as wished: what a second is worth is found by trying. Deterministic.
Marking mark_out(const MarkingInput& input);

/// What a pass with its marks does to the sheet; coats and fixative lie where the hand follows their shades.
void lay(Canvas& canvas, const Pass& pass, std::span<const LaidMark> marks, const subject::Grid<std::int16_t>& target);

/// Of a pass whose marks take so many seconds, with taking up the stick, by the artist's pace.
double minutes_of(const MarkingInput& input, const Pass& pass, double seconds);
/// Of all of them, with changing sticks; without waiting.
double minutes_of(const MarkingInput& input, const Marking& marking);

}  // namespace yd::plan
