// SPDX-License-Identifier: MIT
#pragma once

#include "media/collection.h"
#include "brief/options.h"

namespace yd::app {

/// Choices name sticks by their place in a collection; ids are what lasts. When sticks come, go or change places the
/// choices follow their ids.

/// `options` as they read on `to`. What names a stick that is gone goes; an order by hand names passes and goes too.
/// Laid passes are kept: call keep_sticks_on_paper on `to` before.
void move_sticks(plan::PlanOptions& options, const media::Collection& from, const media::Collection& to);

/// A stick that lies on the paper cannot leave the collection: it stays in `to`, as one that is not owned.
void keep_sticks_on_paper(const plan::PlanOptions& options, const media::Collection& from, media::Collection& to);

}  // namespace yd::app
