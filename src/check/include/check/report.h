// SPDX-License-Identifier: MIT
#pragma once

#include "check/findings.h"
#include "check/usable.h"
#include "support/observer.h"

namespace yd::check {

/// What a photograph of the work is held against.
struct Work {
  const plan::Plan* plan = nullptr;
  const subject::Subject* subject = nullptr;
  const board::BoardMap* map = nullptr;  ///< of the plan
  const media::Paper* paper = nullptr;
  const media::Collection* collection = nullptr;
  const optics::Parameters* parameters = nullptr;
  std::vector<char> done;       ///< of each pass of the plan, by place
  double hand = 0.15;           ///< how far off a pressure is
  bool strip = false;           ///< a margin strip is laid
  std::optional<Quad> corners;  ///< of the picture, pixels of the file; none: they are found
};

/// What a look at the photograph came to.
struct Report {
  std::vector<Trouble> troubles;  ///< empty: it will do
  Quad corners;                   ///< of the picture, pixels of the file
  std::optional<Quad> sheet;      ///< and of the sheet, where it was found
  double likeness = 0;
  LightFix light;
  Reading reading;
  HandSpread spread;
  std::vector<MassLaid> laid;  ///< of each mass
  std::vector<Fault> faults;   ///< all, weightiest first; the first kMostFaults with their mendings
  bool usable() const { return troubles.empty(); }
};

/// Nothing is compared where the photograph will not do. Errors: `bad_value` where nothing is done yet or the
/// photograph is empty, `bad_format` for its profile, `cancelled`.
Result<Report> check_work(const subject::RawPicture& photograph, const Work& work, Observer& observer);

/// The same once it is opened; for corners moved by hand.
Result<Report> check_photo(const Photo& photo, const Work& work, Observer& observer);

}  // namespace yd::check
