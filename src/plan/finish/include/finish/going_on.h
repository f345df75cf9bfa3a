// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>

#include "brief/options.h"
#include "finish/move.h"
#include "support/observer.h"

namespace yd::plan {

/// Goes on with a plan on what really lies on the paper: the strokes to come (SheetState::rest) stay, with pressures
/// fitted anew, each shade by the model in full and by what a hand makes of them; then one stroke more over all masses
/// that gain by it, as long as that is worth a pass. Recipes are written into the targets. Returns how many looks were
/// worked out. Errors: `cancelled`.
Result<std::uint64_t> go_on(const Finishing& input, const PlanOptions& options, std::span<const int> tray,
                            Observer& observer);

}  // namespace yd::plan
