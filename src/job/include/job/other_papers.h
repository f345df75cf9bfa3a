// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "advice/ground_choice.h"
#include "job/finished.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::job {

/// The same picture with the same wishes, planned on another paper.
struct OnPaper {
  std::size_t paper = 0;  ///< index into the papers
  board::Figure seen;
  double minutes = 0;  ///< of the passes, as `plan::minutes_of`
};

/// From here on another paper is worth a word: CIEDE2000 as seen.
inline constexpr double kWorthAPaper = 0.3;

/// The picture planned on the `most` best papers of `ranked` that are not the one in use, nearest first; only before
/// anything is laid. Errors: `cancelled`, those of plan::make_plan but for papers that a wish rules out.
Result<std::vector<OnPaper>> on_other_papers(const subject::Subject& subject, const Studio& studio,
                                             std::span<const media::Paper> papers,
                                             std::span<const plan::GroundVerdict> ranked,
                                             const plan::PlanOptions& options, int most, Observer& observer);

}  // namespace yd::job
